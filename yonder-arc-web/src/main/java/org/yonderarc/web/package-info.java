/** Pages made of plans. */
package org.yonderarc.web;
