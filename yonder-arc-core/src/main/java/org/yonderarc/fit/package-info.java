/** Fitting: what a device shows of a plan in a state, before anything has a size. */
package org.yonderarc.fit;
