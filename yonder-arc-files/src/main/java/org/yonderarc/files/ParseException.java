package org.yonderarc.files;

import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.Spot;

/** A text that is no YAML or no JSON, or is too much of it. */
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
