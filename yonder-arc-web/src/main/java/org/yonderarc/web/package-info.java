/** Pages made of plans. */
@NullMarked
package org.yonderarc.web;

import org.jspecify.annotations.NullMarked;
