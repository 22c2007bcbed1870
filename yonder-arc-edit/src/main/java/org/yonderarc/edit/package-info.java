/**
 * Changes of plan files that keep comments and style. {@link org.yonderarc.edit.PlanStore} opens a file with its history, its
 * {@link org.yonderarc.edit.PlanEditor} changes the text, and what it changed can be taken back to the byte.
 */
@NullMarked
package org.yonderarc.edit;

import org.jspecify.annotations.NullMarked;
