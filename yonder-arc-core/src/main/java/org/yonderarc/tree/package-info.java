/** The neutral tree that every plan file is read into: maps, lists and scalars, each knowing where it stands. */
@NullMarked
package org.yonderarc.tree;

import org.jspecify.annotations.NullMarked;
