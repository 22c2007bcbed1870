package org.yonderarc.files;

/** An edit that can't be done. The message says why, and what to do; nothing was changed. */
public final class EditTrouble extends Exception {
    private static final long serialVersionUID = 1L;

    /** A trouble with this message. */
    public EditTrouble(String message) {
        super(message);
    }
}
