/**
 * The forms of bars, one home each: its keys, its usual look, how it is fitted and laid out. {@link org.yonderarc.form.Forms}
 * names them all; everybody else asks a home and knows no form.
 */
@NullMarked
package org.yonderarc.form;

import org.jspecify.annotations.NullMarked;
