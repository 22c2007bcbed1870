/**
 * Makes sources of the records of a plan, so that a key is written in one place.
 *
 * <ol>
 *   <li>{@link org.yonderarc.keys.KeysProcessor} finds the records that are annotated with {@code @Keys}.
 *   <li>{@link org.yonderarc.keys.KeyedRecord} reads what one says: its components, their {@code @Key}, and their {@code @param}, which
 *       tells what the key means.
 *   <li>{@link org.yonderarc.keys.ShapeSource}, {@link org.yonderarc.keys.BuilderSource} and {@link org.yonderarc.keys.CopySource} write
 *       the three sources, each by way of a {@link org.yonderarc.keys.SourceFile}.
 * </ol>
 */
@NullMarked
package org.yonderarc.keys;

import org.jspecify.annotations.NullMarked;
