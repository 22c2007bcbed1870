/** Builders that make a plan in Java and read like its file: each writes the same tree that a file is read into. */
@NullMarked
package org.yonderarc.build;

import org.jspecify.annotations.NullMarked;
