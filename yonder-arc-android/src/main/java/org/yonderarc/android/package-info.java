/**
 * A host for Android, from API level 26: {@link org.yonderarc.android.AppView} is one view with a plan's bars around an app's own views. It needs no
 * resources and no other library of the system.
 */
@NullMarked
package org.yonderarc.android;

import org.jspecify.annotations.NullMarked;
