/** Plan files: reading them with positions, writing them, replacing them safely, and reporting what was found. */
package org.yonderarc.files;
