package org.yonderarc.edit;

/** Thrown for an edit that can't be made. The message says why, and what to do; nothing was changed. */
public final class EditException extends Exception {
    private static final long serialVersionUID = 1L;

    /** A trouble with this message. */
    public EditException(String message) {
        super(message);
    }
}
