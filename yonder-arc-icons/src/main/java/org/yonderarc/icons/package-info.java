/** Icons by name: the bundled sets, and what each means. Needs neither a toolkit nor XML. */
@NullMarked
package org.yonderarc.icons;

import org.jspecify.annotations.NullMarked;
