/** The plan: the whole definition of an app's navigation, as immutable values. */
package org.yonderarc.plan;
