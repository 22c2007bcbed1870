/** Journeys: steps with expectations, rehearsed against a plan. */
package org.yonderarc.journey;
