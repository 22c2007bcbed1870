/**
 * The one reader and the one writer between the neutral tree and the plan.
 *
 * <ol>
 *   <li>a {@code Shape} lists the keys of a map once, with kind, default and meaning;
 *   <li>reading takes each key's value, reports what is unknown or wrong with its spot, and makes the thing of the rest;
 *   <li>list items that could not be read are left out, and pointers behind them are shifted back;
 *   <li>the writer, the JSON Schema and the reference are made of the same shapes.
 * </ol>
 */
@NullMarked
package org.yonderarc.bind;

import org.jspecify.annotations.NullMarked;
