/**
 * The scene: drawable nodes with stable keys and meanings, ready for any painter.
 *
 * <ol>
 *   <li>the palette of the scheme is taken from the theme, and made readable on each bar's ground;
 *   <li>the content is composed: an app's sample, or the room for a view of the app's own;
 *   <li>bars are composed over it, each a group with its part, its meaning and its ground;
 *   <li>the whole is mirrored where the language is read from the right.
 * </ol>
 */
@NullMarked
package org.yonderarc.scene;

import org.jspecify.annotations.NullMarked;
