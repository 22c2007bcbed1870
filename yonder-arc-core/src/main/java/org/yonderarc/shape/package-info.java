/**
 * The shapes of what is in a form or a style. Most are made of the records that are annotated with {@code Keys}, while the core is compiled;
 * they lie in {@code target/generated-sources}. Those of styles, paints and motions are written by hand.
 */
@NullMarked
package org.yonderarc.shape;

import org.jspecify.annotations.NullMarked;
