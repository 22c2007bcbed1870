package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A bar at the upper edge with the place's title and, where there is a way back, a back button.
 *
 * @param title what stands in its middle
 * @param items where its menu's items stand
 * @param actions the ids of up to three items that stand as buttons at its trailing side
 * @param profile the picture of the person, with a text beside it
 * @param line whether a line closes it below
 * @param scrolling whether it stays when the content scrolls
 * @param align where the title stands
 * @param subtitle what stands below the title; may have holes for facts
 * @param labels which items show their label
 * @param icons where icons stand
 * @param below whether its menu's items stand on a line of their own, below the title
 * @param wraps whether those that don't fit on that line go onto further lines
 * @param widths how wide its menu's items are
 * @param most how many of its menu's items it holds at most, the overflow item included, within {@link #MOST}
 * @param overflow the item that leads to those that don't fit
 * @param search the id of the item that stands as a search field on a line of its own
 * @param style how it looks
 */
public record TopForm(
        Middle title,
        Side items,
        List<String> actions,
        Optional<Profile> profile,
        boolean line,
        Scrolling scrolling,
        Align align,
        Optional<Words> subtitle,
        Labels labels,
        IconSide icons,
        boolean below,
        boolean wraps,
        Widths widths,
        int most,
        Overflow overflow,
        Optional<String> search,
        Optional<Style.Ref> style)
        implements Form {
    /** How many items it may hold. */
    public static final Range MOST = new Range(2, 24);

    /** A top bar with all defaults. */
    public static final TopForm DEFAULT = new TopForm(
            Middle.TEXT,
            Side.END,
            List.of(),
            Optional.empty(),
            true,
            Scrolling.STAYS,
            Align.CENTER,
            Optional.empty(),
            Labels.ALL,
            IconSide.BEFORE,
            false,
            false,
            Widths.TEXT,
            12,
            Overflow.DEFAULT,
            Optional.empty(),
            Optional.empty());

    public TopForm {
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(items, "items");
        actions = List.copyOf(actions);
        Objects.requireNonNull(profile, "profile");
        Objects.requireNonNull(scrolling, "scrolling");
        Objects.requireNonNull(align, "align");
        Objects.requireNonNull(subtitle, "subtitle");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(icons, "icons");
        Objects.requireNonNull(widths, "widths");
        MOST.require(most, "the most items of a top bar");
        Objects.requireNonNull(overflow, "overflow");
        Objects.requireNonNull(search, "search");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.TOP;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        var idle = new TreeMap<String, String>();
        if (wraps && !below) {
            idle.put("wraps", "only items \"below\" the title go onto further lines");
        }
        if (hasItems && !below && align != Align.CENTER) {
            idle.put("align", "beside items the title stands at the start");
        }
        Form.elsewhere("actions", actions, ofPerson(), search, idle);
        return idle;
    }

    @Override
    public boolean isHeader() {
        return true;
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
    public Optional<Labels> labelled() {
        return Optional.of(labels);
    }

    @Override
    public Optional<Overflow> overflows() {
        return Optional.of(overflow);
    }

    @Override
    public TopForm withStyle(Style.Ref other) {
        return with(labels, icons, Optional.of(other));
    }

    @Override
    public TopForm withLabels(Labels which) {
        return with(which, icons, style);
    }

    @Override
    public TopForm withIcons(IconSide side) {
        return with(labels, side, style);
    }

    private TopForm with(Labels which, IconSide side, Optional<Style.Ref> look) {
        return new TopForm(
                title, items, actions, profile, line, scrolling, align, subtitle, which, side, below, wraps, widths,
                most, overflow, search, look);
    }

    /** Where a title stands. */
    public enum Align {
        /** In the middle of the bar, whatever is beside it. */
        CENTER,
        /** At the start, beside the button that leads back. */
        START,
        /** In the middle where fingers are used, at the start where there is a mouse. */
        BY_DEVICE
    }

    /** How wide items are. */
    public enum Widths {
        /** Each as wide as what it says. */
        TEXT,
        /** All equally wide, together as wide as the bar. */
        EQUAL
    }

    /** What stands in the middle of a top bar. */
    public enum Middle {
        /** The place's title. */
        TEXT,
        /** The app's name. */
        NAME,
        /** The app's logo. */
        LOGO,
        /** Nothing. */
        NONE
    }
}
