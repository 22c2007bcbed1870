/** Fitting: what a device shows of a plan in a state, before anything has a size. */
@NullMarked
package org.yonderarc.fit;

import org.jspecify.annotations.NullMarked;
