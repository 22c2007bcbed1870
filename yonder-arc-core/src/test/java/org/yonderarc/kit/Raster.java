package org.yonderarc.kit;

/**
 * A picture in pixels, whatever a platform calls one.
 *
 * @param width in pixels
 * @param height in pixels
 * @param rgb the colour of each pixel, row by row: red in bits 16 to 23, green in 8 to 15, blue in 0 to 7
 */
// An array, since it is compared by means of blocks, and never by equals.
@SuppressWarnings("ArrayRecordComponent")
public record Raster(int width, int height, int[] rgb) {}
