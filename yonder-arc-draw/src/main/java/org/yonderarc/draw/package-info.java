/** Painters that turn scenes into SVG and PNG, and the icons and the font that they paint with. */
@NullMarked
package org.yonderarc.draw;

import org.jspecify.annotations.NullMarked;
