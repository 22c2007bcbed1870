package org.yonderarc.plan;

import java.util.Locale;

/** What a name in a plan can refer to. */
public enum Noun {
    /** A screen. */
    SCREEN,
    /** An item of a menu. */
    ITEM,
    /** A bar. */
    BAR,
    /** A menu. */
    MENU,
    /** A fact. */
    FACT,
    /** A shared style. */
    STYLE,
    /** A colour that the theme names. */
    COLOUR,
    /** A kind of devices. */
    KIND,
    /** An icon of one's own beside the plan. */
    OWN_ICON,
    /** A screen or a signal. */
    REQUIRED;

    /** The word for it in an edit: {@code screen}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
