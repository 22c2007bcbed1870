/** Plans for other programs: names as Java, Kotlin, Swift and TypeScript, state machines in SCXML, findings in SARIF. */
@NullMarked
package org.yonderarc.interchange;

import org.jspecify.annotations.NullMarked;
