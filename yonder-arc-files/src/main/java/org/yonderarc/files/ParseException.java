package org.yonderarc.files;

import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.Spot;

/** Thrown for a text that isn't YAML or JSON, or exceeds the limits. */
public final class ParseException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Finding finding;

    ParseException(Code code, Spot spot, String message, String remedy) {
        super(message);
        this.finding = new Finding(code, spot, message, remedy);
    }

    /** What is wrong, and where. */
    public Finding finding() {
        return finding;
    }
}
