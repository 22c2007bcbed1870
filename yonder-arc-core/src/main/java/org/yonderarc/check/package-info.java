/**
 * The check: from a plan to its findings.
 *
 * <ol>
 *   <li>rules about links are asked of any draft, even one that could not be read as a whole;
 *   <li>where they find no error, the rules about what the plan does are asked: what can be reached, what shows, what has an effect;
 *   <li>the plan is drawn on its devices, in its languages and schemes, and the rules about what is cut, covered or hard to read look at that;
 *   <li>rules of one's own ({@link org.yonderarc.check.PlanRule}) are asked;
 *   <li>what the author accepts is left out, and what was accepted for nothing is told.
 * </ol>
 */
@NullMarked
package org.yonderarc.check;

import org.jspecify.annotations.NullMarked;
