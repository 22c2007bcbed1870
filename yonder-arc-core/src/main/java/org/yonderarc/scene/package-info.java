/** The scene: drawable nodes with stable keys and meanings, ready for any painter. */
@NullMarked
package org.yonderarc.scene;

import org.jspecify.annotations.NullMarked;
