/**
 * The walk: a pure reducer from a state and a step to the next state, with no clock, no thread and no input or output.
 *
 * <ol>
 *   <li>the step is read against the plan: an item, a place, a link, a fact;
 *   <li>what it means is found: another branch, one place more or less on the trail, a bar that opens, a fact that is told;
 *   <li>guards are settled with the facts as they are, for the branch that is shown, so no place that isn't allowed is ever shown;
 *   <li>the new state, the effects and the reason are given back as a {@link org.yonderarc.walk.Change}.
 * </ol>
 */
@NullMarked
package org.yonderarc.walk;

import org.jspecify.annotations.NullMarked;
