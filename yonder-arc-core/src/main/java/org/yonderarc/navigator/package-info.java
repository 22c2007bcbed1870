/** The navigator that a finished app runs: a walk with listeners, safe to be used from any thread. */
package org.yonderarc.navigator;
