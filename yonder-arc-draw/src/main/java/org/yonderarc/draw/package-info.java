/** Painters that turn scenes into SVG and PNG, and the icons and the font that they paint with. */
package org.yonderarc.draw;
