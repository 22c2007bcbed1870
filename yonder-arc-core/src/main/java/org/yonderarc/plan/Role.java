package org.yonderarc.plan;

/** What a colour of a theme is for. */
public enum Role {
    /** Behind the screen's content. */
    BACKGROUND("Behind the screen's content."),
    /** Behind bars and cards. */
    SURFACE("Behind bars and cards."),
    /** Behind fields and other quiet areas. */
    QUIET("Behind fields and other quiet areas."),
    /** For what is read first. */
    TEXT("For what is read first."),
    /** For what is read second, and for items that are not selected. */
    MUTED("For what is read second, and for items that are not selected."),
    /** For what is selected or can be followed. */
    ACCENT("For what is selected or can be followed."),
    /** For hairlines. */
    LINE("For hairlines."),
    /** Behind a badge's text. */
    BADGE("Behind a badge's text."),
    /** A badge's text. */
    BADGE_TEXT("A badge's text."),
    /** Behind what is selected; by default the surface with some of the accent in it. */
    TINT("Behind what is selected. Default: the surface with some of the accent in it."),
    /** What stands on the accent; by default white or black, whichever stands out more. */
    ACCENT_TEXT("What stands on the accent. Default: white or near-black, whichever stands out more.");

    private final String purpose;

    Role(String purpose) {
        this.purpose = purpose;
    }

    /** What it is for, in one sentence. */
    public String purpose() {
        return purpose;
    }

    /** The word for it in a plan file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
