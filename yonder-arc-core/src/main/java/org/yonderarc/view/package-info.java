/** The pipeline behind the walk: fit, layout and composition, each alone and all in one call. */
package org.yonderarc.view;
