package org.yonderarc.cli;

/** A command that can't be carried out. The message says why, and what to do. */
final class Refusal extends Exception {
    private static final long serialVersionUID = 1L;

    private final int status;

    Refusal(String message) {
        this(message, Main.FAILED);
    }

    Refusal(String message, int status) {
        super(message);
        this.status = status;
    }

    int status() {
        return status;
    }
}
