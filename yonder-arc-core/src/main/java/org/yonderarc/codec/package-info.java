/** How values are read, written, described, compared, and what they mention. Not exported. */
@NullMarked
package org.yonderarc.codec;

import org.jspecify.annotations.NullMarked;
