/**
 * The keys of the records of a plan that are annotated with {@code Keys}. All else here is made of them while the core is compiled; it lies
 * in {@code target/generated-sources}.
 */
@NullMarked
package org.yonderarc.shape;

import org.jspecify.annotations.NullMarked;
