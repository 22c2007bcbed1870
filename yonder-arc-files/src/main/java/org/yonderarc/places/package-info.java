/** The names of a plan as source code of other languages, so that a name it doesn't have doesn't compile. */
package org.yonderarc.places;
