/** The plan: the whole definition of an app's navigation, as immutable values. */
@NullMarked
package org.yonderarc.plan;

import org.jspecify.annotations.NullMarked;
