package org.yonderarc.finding;

import static org.yonderarc.finding.Severity.ERROR;
import static org.yonderarc.finding.Severity.WARNING;

import java.util.Locale;

/** Every kind of finding, with its severity and why it matters. */
public enum Code {
    SYNTAX(ERROR, "A file that can't be parsed says nothing about the app."),
    TOO_DEEP(ERROR, "Nesting this deep is never a plan; it is a mistake or an attack."),
    TOO_LARGE(ERROR, "A document that grows this much when its aliases are followed is a mistake or an attack."),
    UNKNOWN_KEY(ERROR, "A key that nobody reads has no effect, whatever it was meant to do."),
    MISSING_KEY(ERROR, "Without it there is nothing to show or to link to."),
    WRONG_TYPE(ERROR, "The value can't mean what this key means."),
    BAD_VALUE(ERROR, "The value is outside of what this key allows."),
    DUPLICATE_ID(ERROR, "Two things with one id: a link to it could mean either."),
    DUPLICATE_PATH(ERROR, "Two screens with one path: an address could mean either."),
    MISSING_START(ERROR, "The app has nothing to show first."),
    UNKNOWN_SCREEN(ERROR, "The link leads nowhere."),
    UNKNOWN_MENU(ERROR, "The bar has nothing to show."),
    UNKNOWN_FACT(ERROR, "The value would never arrive."),
    UNKNOWN_ICON(ERROR, "An empty square would stand in its place."),
    MISSING_PARAMETER(ERROR, "The screen can't be shown without knowing which one is meant."),
    UNKNOWN_PARAMETER(ERROR, "The screen has no use for it."),
    PARENT_LOOP(ERROR, "Going up from here never arrives."),
    BAR_CLASH(ERROR, "Two bars would stand on the same edge, one on top of the other."),
    UNREACHABLE_SCREEN(WARNING, "Nobody can ever get there.");

    private final Severity severity;
    private final String why;

    Code(Severity severity, String why) {
        this.severity = severity;
        this.why = why;
    }

    /** How much findings of this code matter. */
    public Severity severity() {
        return severity;
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }

    /** The code as reports write it: {@code unknown-screen}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
