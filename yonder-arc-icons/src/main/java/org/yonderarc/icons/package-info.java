/** Icons by name: the bundled sets, and what each means. Needs neither a toolkit nor XML. */
package org.yonderarc.icons;
