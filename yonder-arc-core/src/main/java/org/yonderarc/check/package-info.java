/** The check: from a plan to its findings. */
@NullMarked
package org.yonderarc.check;

import org.jspecify.annotations.NullMarked;
