package org.yonderarc.plan;

import java.util.Objects;
import java.util.stream.Stream;

/** What something is painted with: the colour of a role, which differs between schemes, or one colour for both. */
public sealed interface Paint {
    /** Nothing at all. */
    Paint NONE = new Fixed(new Colour(0, 0, 0, 0));

    /**
     * The colour that the theme gives a role.
     *
     * @param role the role
     */
    record ByRole(Role role) implements Paint {
        public ByRole {
            Objects.requireNonNull(role, "role");
        }
    }

    /**
     * One colour, the same in both schemes.
     *
     * @param colour the colour
     */
    record Fixed(Colour colour) implements Paint {
        public Fixed {
            Objects.requireNonNull(colour, "colour");
        }
    }

    /** The colour in a scheme of a theme. */
    default Colour in(Theme theme, Scheme scheme) {
        return this instanceof ByRole by ? theme.colour(scheme, by.role) : ((Fixed) this).colour;
    }

    /** The paint as a plan writes it; reading it gives an equal paint. */
    default String text() {
        if (equals(NONE)) {
            return "none";
        }
        return this instanceof ByRole by ? by.role.word() : ((Fixed) this).colour.css();
    }

    /**
     * Reads the word of a role, {@code none}, or a colour as {@link Colour#parse} takes it.
     *
     * @throws IllegalArgumentException with the reason, if it is none of these
     */
    static Paint parse(String text) {
        if (text.equals("none")) {
            return NONE;
        }
        return Stream.of(Role.values())
                .filter(role -> role.word().equals(text))
                .findFirst()
                .<Paint>map(ByRole::new)
                .orElseGet(() -> new Fixed(Colour.parse(text)));
    }
}
