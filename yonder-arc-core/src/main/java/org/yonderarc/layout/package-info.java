/** Layout: where everything of a fitting stands, in dp from the top left corner. */
package org.yonderarc.layout;
