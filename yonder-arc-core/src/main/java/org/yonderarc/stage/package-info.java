/**
 * Playing a plan, for every host: what pointers, keys and time do to what is shown. A host, such as a panel in a window or a page,
 * hands its events in, paints the scenes that it gets, and puts an app's own views where the surfaces are.
 */
@NullMarked
package org.yonderarc.stage;

import org.jspecify.annotations.NullMarked;
