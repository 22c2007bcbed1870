/** A Swing host of the navigator. */
@NullMarked
package org.yonderarc.desktop;

import org.jspecify.annotations.NullMarked;
