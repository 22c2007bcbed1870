/**
 * Motion: films from one scene to another, easings (CSS Easing Functions 2) and exact springs. Pure; time is an argument, in ms.
 *
 * <ol>
 *   <li>nodes of the two scenes are paired by their keys and parts; what has no pair arrives or leaves;
 *   <li>each pair gets its tempo from its part: selection, states, drawers or screens;
 *   <li>screens move as the transition of the step says, backwards for a step back;
 *   <li>at each time, every pair is interpolated: boxes, colours, outlines and opacity;
 *   <li>a swipe plays the same film by the finger's distance, and a spring takes over when it is let go.
 * </ol>
 */
@NullMarked
package org.yonderarc.motion;

import org.jspecify.annotations.NullMarked;
