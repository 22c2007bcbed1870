/** The scene: drawable nodes with stable keys and meanings, ready for any painter. */
package org.yonderarc.scene;
