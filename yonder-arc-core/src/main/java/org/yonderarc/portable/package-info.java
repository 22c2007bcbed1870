/** What the library uses in place of newer methods of the JDK that some platforms lack. */
@NullMarked
package org.yonderarc.portable;

import org.jspecify.annotations.NullMarked;
