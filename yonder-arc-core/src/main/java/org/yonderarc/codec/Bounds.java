package org.yonderarc.codec;

/**
 * How much of everything a plan may hold: far more than an app needs, and few enough that whatever is made of a plan is made
 * in time. The bounds stand in the schema, and what goes beyond them is a finding.
 */
public final class Bounds {
    /** Characters of a text: code points, as JSON Schema counts them. */
    public static final int TEXT = 2000;
    /** Items of a list, where nothing else is said. */
    public static final int LIST = 1000;
    /** Entries of a map of ids, where nothing else is said: screens and facts, for example. */
    public static final int CATALOG = 10_000;
    /** Entries of a menu. */
    public static final int MENU = 5000;
    /** Menus. */
    public static final int MENUS = 100;
    /** Bars. */
    public static final int BARS = 100;
    /** Kinds of devices. */
    public static final int KINDS = 20;
    /** Languages. */
    public static final int LANGUAGES = 100;
    /** Rows of sample content. */
    public static final int ROWS = 200;
    /** Parameters of a screen. */
    public static final int PARAMETERS = 50;
    /** What people must always be able to reach. */
    public static final int REQUIRED = 100;

    private Bounds() {}
}
