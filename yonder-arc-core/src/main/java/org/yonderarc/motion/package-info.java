/** Motion: films from one scene to another, easings and springs. Pure; time is an argument. */
@NullMarked
package org.yonderarc.motion;

import org.jspecify.annotations.NullMarked;
