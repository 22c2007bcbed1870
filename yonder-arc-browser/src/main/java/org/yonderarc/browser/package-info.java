/** The prototype in the browser: the core compiled to JavaScript, and a painter that makes real elements of scenes. */
package org.yonderarc.browser;
