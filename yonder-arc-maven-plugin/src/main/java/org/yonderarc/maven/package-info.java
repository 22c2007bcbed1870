/** Goals of Maven: plans checked, journeys rehearsed, names written as Java and pictures made within a build. */
package org.yonderarc.maven;
