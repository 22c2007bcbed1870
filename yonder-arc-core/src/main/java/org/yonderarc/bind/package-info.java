/** The one reader and the one writer between the neutral tree and the plan. */
@NullMarked
package org.yonderarc.bind;

import org.jspecify.annotations.NullMarked;
