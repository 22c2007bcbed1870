/** Builders that make a plan in Java and read like its file. */
package org.yonderarc.build;
