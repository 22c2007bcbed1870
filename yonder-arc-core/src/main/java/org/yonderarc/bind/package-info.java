/** The one reader and the one writer between the neutral tree and the plan. */
package org.yonderarc.bind;
