package org.yonderarc.plan;

/** What a picture draws around a device's screen: bodies of no maker. */
public enum Body {
    /** A body with a camera in the edge that the hardware claims most of. */
    PLAIN,
    /** Wide corners, a camera with a second eye, a strip below to swipe from. */
    ROUND,
    /** Narrow corners, a camera at one side, keys below. */
    SQUARE,
    /** A screen that folds in its middle. */
    FOLD,
    /** A window on a desktop. */
    WINDOW
}
