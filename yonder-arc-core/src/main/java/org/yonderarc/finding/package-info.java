/** What a reader or the check noticed: a code, where, what is wrong and what to do about it. */
@NullMarked
package org.yonderarc.finding;

import org.jspecify.annotations.NullMarked;
