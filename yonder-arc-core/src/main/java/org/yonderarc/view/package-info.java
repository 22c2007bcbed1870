/** The pipeline behind the walk: fit, layout and composition, each alone and all in one call. */
@NullMarked
package org.yonderarc.view;

import org.jspecify.annotations.NullMarked;
