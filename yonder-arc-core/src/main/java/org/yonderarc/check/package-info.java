/** The check: from a plan to its findings. */
package org.yonderarc.check;
