/** Layout: where everything of a fitting stands, in dp from the top left corner. */
@NullMarked
package org.yonderarc.layout;

import org.jspecify.annotations.NullMarked;
