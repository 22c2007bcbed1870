/** Plan files: reading them with positions, writing them, replacing them safely, and reporting what was found. */
@NullMarked
package org.yonderarc.files;

import org.jspecify.annotations.NullMarked;
