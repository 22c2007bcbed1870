/** The files of the bundled fonts, as bytes: what a host's own toolkit loads. */
@NullMarked
package org.yonderarc.fonts;

import org.jspecify.annotations.NullMarked;
