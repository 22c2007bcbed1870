/** Journeys and golden pictures as tests of JUnit 5. */
package org.yonderarc.junit;
