package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A bar at the upper edge with the place's title and, where there is a way back, a back button.
 *
 * @param title what stands in its middle
 * @param items where its menu's items stand
 * @param actions the ids of up to three items that stand as buttons at its trailing side
 * @param profile the picture of the person, with a text beside it
 * @param line whether a line closes it below
 * @param scrolling whether it stays when the content scrolls
 * @param style how it looks
 */
public record TopForm(
        Middle title,
        Side items,
        List<String> actions,
        Optional<Profile> profile,
        boolean line,
        Scrolling scrolling,
        Optional<Style.Ref> style)
        implements Form {
    /** A top bar with all defaults. */
    public static final TopForm DEFAULT =
            new TopForm(Middle.TEXT, Side.END, List.of(), Optional.empty(), true, Scrolling.STAYS, Optional.empty());

    public TopForm {
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(items, "items");
        actions = List.copyOf(actions);
        Objects.requireNonNull(profile, "profile");
        Objects.requireNonNull(scrolling, "scrolling");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.TOP;
    }

    @Override
    public Edge edge() {
        return Edge.UPPER;
    }

    @Override
    public boolean showsMenu() {
        return false;
    }

    @Override
    public List<String> named() {
        return actions;
    }

    @Override
    public Optional<String> photo() {
        return profile.flatMap(Profile::photo);
    }

    @Override
    public Optional<String> ofPerson() {
        return profile.flatMap(Profile::item);
    }

    @Override
    public TopForm withStyle(Style.Ref other) {
        return new TopForm(title, items, actions, profile, line, scrolling, Optional.of(other));
    }

    /** What stands in the middle of a top bar. */
    public enum Middle {
        /** The place's title. */
        TEXT,
        /** The app's logo. */
        LOGO,
        /** Nothing. */
        NONE
    }

    /** What a top bar does when the content scrolls. */
    public enum Scrolling {
        /** It stays. */
        STAYS,
        /** It scrolls away with the content. */
        LEAVES
    }
}
