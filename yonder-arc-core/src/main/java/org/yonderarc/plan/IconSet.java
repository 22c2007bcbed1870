package org.yonderarc.plan;

/** The bundled sets of icons. */
public enum IconSet {
    /** Rounded lines of one weight, on a grid of 24; the usual one. */
    LINE,
    /** Finer drawings with plain ends, on a grid of 16. */
    SLIM
}
