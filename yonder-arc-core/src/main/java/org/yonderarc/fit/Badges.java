package org.yonderarc.fit;

import java.util.Optional;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.FactValue;

/** What badges say. */
public final class Badges {
    private Badges() {}

    /** What a badge says in a language: an empty text for a dot, no value where it is hidden. */
    public static Optional<String> text(Badge badge, FactValue value, String language) {
        boolean hidden = value == null
                || value.text().isEmpty()
                || value instanceof FactValue.Flag flag && !flag.on()
                || value instanceof FactValue.Number number && number.number() <= 0
                || value instanceof FactValue.Entries list && list.entries().isEmpty();
        if (hidden) {
            return Optional.empty();
        }
        if (badge.kind() == Badge.Kind.DOT || value instanceof FactValue.Flag) {
            return Optional.of("");
        }
        boolean over = value instanceof FactValue.Number number && number.number() > badge.cap()
                || value instanceof FactValue.Entries list && list.entries().size() > badge.cap();
        return Optional.of(over ? new FactValue.Number(badge.cap()).said(language) + "+" : value.said(language));
    }
}
