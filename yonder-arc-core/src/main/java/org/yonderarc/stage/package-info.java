/**
 * Playing a plan, for every host: what pointers, keys and time do to what is shown.
 *
 * <ol>
 *   <li>a host hands its events in, with their times in ms;
 *   <li>a pointer is followed to what it hits; a tap, a key or a swipe becomes a step, which the host takes;
 *   <li>the change that comes of it starts a film, or goes on with the one that plays, with its velocity;
 *   <li>with each frame the host asks for the scene at a time and paints it, and puts an app's own views where the surfaces are;
 *   <li>focus, announcements and the tree for assistive technology follow what is shown at rest.
 * </ol>
 */
@NullMarked
package org.yonderarc.stage;

import org.jspecify.annotations.NullMarked;
