/** Journeys: steps with expectations, rehearsed against a plan. */
@NullMarked
package org.yonderarc.journey;

import org.jspecify.annotations.NullMarked;
