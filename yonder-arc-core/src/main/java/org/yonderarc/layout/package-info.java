/**
 * Layout: where everything of a fitting stands, in dp from the top left corner, reading from the left; a scene is mirrored as a whole.
 *
 * <ol>
 *   <li>the device's insets are taken off the window;
 *   <li>bars at the sides take their room, then those above and below, then what floats;
 *   <li>each home lays out its bar in the room that remains: slots in whole multiples of 1/64 dp, labels cut where the form says so;
 *   <li>what remains is the room of the content, and of the bars that stand in it.
 * </ol>
 */
@NullMarked
package org.yonderarc.layout;

import org.jspecify.annotations.NullMarked;
