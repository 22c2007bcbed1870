/**
 * Fitting: what a device shows of a plan in a state, before anything has a size. Called by {@code org.yonderarc.view}, which goes on as
 * follows:
 *
 * <ol>
 *   <li>the place that is shown is asked of the walk, its guards settled;
 *   <li>each bar that is visible there, on this kind of device, takes its form; at each edge stands one;
 *   <li>the home of the form says which items stand in the bar, and which in its overflow;
 *   <li>each item gets its label, icon, badge, state and look, where styles are laid over each other once;
 *   <li>the content of the screen gets its rows, their holes filled with facts and parameters.
 * </ol>
 */
@NullMarked
package org.yonderarc.fit;

import org.jspecify.annotations.NullMarked;
