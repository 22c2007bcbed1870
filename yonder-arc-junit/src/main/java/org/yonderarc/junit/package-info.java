/** Journeys and golden pictures as tests of JUnit 5. */
@NullMarked
package org.yonderarc.junit;

import org.jspecify.annotations.NullMarked;
