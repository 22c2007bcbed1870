/** The neutral tree that every plan file is read into: maps, lists and scalars, each knowing where it stands. */
package org.yonderarc.tree;
