package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** What something is painted with: the colour of a role or of a name, which may differ between schemes, or a colour itself. */
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
     * A colour that the theme names.
     *
     * @param name its name in {@link Theme#named()}; a name that it doesn't know paints nothing
     */
    record ByName(String name) implements Paint {
        public ByName {
            Ids.require(name, "colour");
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

    /**
     * One for each scheme.
     *
     * @param light what it is in the light scheme; itself the same in both
     * @param dark what it is in the dark scheme; itself the same in both
     */
    record ByScheme(Paint light, Paint dark) implements Paint {
        public ByScheme {
            if (light instanceof ByScheme || dark instanceof ByScheme) {
                throw new IllegalArgumentException("a colour of a scheme can't depend on the scheme again");
            }
        }
    }

    /** The colour in a scheme of a theme. */
    default Colour in(Theme theme, Scheme scheme) {
        if (this instanceof ByScheme by) {
            return (scheme == Scheme.LIGHT ? by.light : by.dark).in(theme, scheme);
        }
        if (this instanceof ByName by) {
            Optional<NamedColour> named = theme.named().find(by.name);
            return named.map(colour -> colour.in(scheme)).orElse(((Fixed) NONE).colour);
        }
        return this instanceof ByRole by ? theme.colour(scheme, by.role) : ((Fixed) this).colour;
    }

    /** The paint as a plan writes it, where it isn't one for each scheme; reading it gives an equal paint. */
    default String text() {
        if (equals(NONE)) {
            return "none";
        }
        if (this instanceof ByName by) {
            return by.name;
        }
        return this instanceof ByRole by ? by.role.word() : ((Fixed) this).colour.css();
    }

    /**
     * Reads the word of a role, {@code none}, the name of a colour, or a colour as {@link Colour#parse} takes it.
     *
     * @throws IllegalArgumentException with the reason, if it is none of these
     */
    static Paint parse(String text) {
        if (text.equals("none")) {
            return NONE;
        }
        Optional<Role> role =
                Stream.of(Role.values()).filter(one -> one.word().equals(text)).findFirst();
        if (role.isPresent()) {
            return new ByRole(role.get());
        }
        return Ids.is(text) ? new ByName(text) : new Fixed(Colour.parse(text));
    }
}
