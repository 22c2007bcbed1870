/** What the library uses in place of newer methods of the JDK that some platforms lack. */
package org.yonderarc.portable;
