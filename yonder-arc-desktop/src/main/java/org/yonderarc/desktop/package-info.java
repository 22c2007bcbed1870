/** A Swing host of the navigator. */
package org.yonderarc.desktop;
