/** Motion: films from one scene to another, easings and springs. Pure; time is an argument. */
package org.yonderarc.motion;
