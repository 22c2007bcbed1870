package org.yonderarc.tasks;

import java.util.Locale;
import org.yonderarc.finding.Brief;

/** Thrown when what was asked for can't be made. The message is a sentence for people that says why and what to do. */
public final class InvalidRequestException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final String option;

    /** A request that makes no sense as a whole. */
    public InvalidRequestException(String message) {
        this("", message);
    }

    /**
     * A request in which one value makes no sense.
     *
     * @param option the value's name, as in {@code text-scale}; empty for the request as a whole
     */
    public InvalidRequestException(String option, String message) {
        super(message.endsWith(".") || message.endsWith("?") ? message : message + ".");
        this.option = option;
    }

    /** The name of the value at fault, as in {@code text-scale}; empty for the request as a whole. */
    public String option() {
        return option;
    }

    /** The whole reason as a sentence of its own, with the option's name in front. */
    public String sentence() {
        String said = (option.isEmpty() ? "" : option + ": ") + getMessage();
        return said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1);
    }

    /** The reason of another exception, told of this value. */
    static InvalidRequestException of(String option, IllegalArgumentException wrong) {
        return wrong instanceof InvalidRequestException known
                ? known
                : new InvalidRequestException(option, Brief.of(wrong));
    }
}
