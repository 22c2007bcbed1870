/** The yonder command: a thin shell over the pipeline, one short file for each command. */
package org.yonderarc.cli;
