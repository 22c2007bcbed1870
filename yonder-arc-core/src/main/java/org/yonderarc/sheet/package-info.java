/** Pictures side by side: sheets of variants, hand-off measures, and what changed between two plans. */
@NullMarked
package org.yonderarc.sheet;

import org.jspecify.annotations.NullMarked;
