package org.yonderarc.finding;

import java.util.Locale;

/** The severity of a finding. */
public enum Severity {
    /** The plan can't be used until this is mended. */
    ERROR,
    /** The plan can be used, but people will stumble over this. */
    WARNING,
    /** The plan is fine; this would make it better. */
    ADVICE;

    /** The word in lower case, as reports write it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The word for several: "errors", "warnings", "advice". */
    public String plural() {
        return this == ADVICE ? word() : word() + "s";
    }
}
