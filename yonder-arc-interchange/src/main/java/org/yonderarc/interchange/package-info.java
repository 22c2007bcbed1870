/** Plans for other programs: names as Java and TypeScript, state machines in SCXML, findings in SARIF. */
package org.yonderarc.interchange;
