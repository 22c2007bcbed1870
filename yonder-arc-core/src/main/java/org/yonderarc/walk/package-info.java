/** The walk: a pure reducer from a state and a step to the next state, with no clock, no thread and no input or output. */
@NullMarked
package org.yonderarc.walk;

import org.jspecify.annotations.NullMarked;
