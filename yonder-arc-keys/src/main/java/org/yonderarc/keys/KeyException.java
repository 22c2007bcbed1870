package org.yonderarc.keys;

import javax.lang.model.element.Element;

/** A record whose keys can't be made, and where in it. */
final class KeyException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient Element where;

    KeyException(String message, Element where) {
        super(message);
        this.where = where;
    }

    Element where() {
        return where;
    }
}
