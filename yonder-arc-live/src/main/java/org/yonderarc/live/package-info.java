/** A small server on this machine alone, and the page that it serves. */
package org.yonderarc.live;
