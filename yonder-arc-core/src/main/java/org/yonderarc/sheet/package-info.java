/** Pictures side by side: sheets of variants, hand-off measures, and what changed between two plans. */
package org.yonderarc.sheet;
