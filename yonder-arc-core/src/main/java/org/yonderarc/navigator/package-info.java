/** The navigator that a finished app runs: a walk with listeners, safe to be used from any thread. */
@NullMarked
package org.yonderarc.navigator;

import org.jspecify.annotations.NullMarked;
