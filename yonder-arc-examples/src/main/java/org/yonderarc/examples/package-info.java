/** The demo plan, and small programs that show the public interfaces. */
package org.yonderarc.examples;
