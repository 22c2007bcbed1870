package org.yonderarc.plan;

/** Thrown for a text that isn't a condition. */
public final class ConditionException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final int offset;

    ConditionException(String message, int offset) {
        super(message);
        this.offset = offset;
    }

    /** Where in the text the trouble starts, in UTF-16 units from 0. */
    public int offset() {
        return offset;
    }
}
