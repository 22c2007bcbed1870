package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A bar at the upper edge with the place's title and, where there is a way back, a back button.
 *
 * @param titleShows what stands in its middle
 * @param alignItems where its menu's items stand
 * @param actions the ids of up to three items that stand as buttons at its trailing side
 * @param profile the picture of the person, with a text beside it
 * @param border whether a line closes it below
 * @param onScroll whether it stays when the content scrolls
 * @param alignTitle where the title stands
 * @param subtitle what stands below the title; may have holes for facts
 * @param labels which items show their label
 * @param iconPosition where icons stand
 * @param ownRow whether its menu's items stand on a line of their own, below the title
 * @param wraps whether those that don't fit on that line go onto further lines
 * @param itemWidths how wide its menu's items are
 * @param maxItems how many of its menu's items it holds at most, the overflow item included, within {@link #MOST}
 * @param overflow the item that leads to those that don't fit
 * @param search the id of the item that stands as a search field on a line of its own
 * @param style how it looks
 */
public record TopForm(
        TitleContent titleShows,
        Alignment alignItems,
        List<String> actions,
        Optional<Profile> profile,
        boolean border,
        Scrolling onScroll,
        TitleAlignment alignTitle,
        Optional<Words> subtitle,
        Labels labels,
        IconPosition iconPosition,
        boolean ownRow,
        boolean wraps,
        ItemWidths itemWidths,
        int maxItems,
        Overflow overflow,
        Optional<String> search,
        Optional<Style.Ref> style)
        implements Form {
    /** How many items it may hold. */
    public static final Range MOST = new Range(2, 24);

    /** A top bar with all defaults. */
    public static final TopForm DEFAULT = new TopForm(
            TitleContent.TEXT,
            Alignment.END,
            List.of(),
            Optional.empty(),
            true,
            Scrolling.STAY,
            TitleAlignment.CENTER,
            Optional.empty(),
            Labels.ALL,
            IconPosition.BEFORE,
            false,
            false,
            ItemWidths.TEXT,
            12,
            Overflow.DEFAULT,
            Optional.empty(),
            Optional.empty());

    public TopForm {
        Objects.requireNonNull(titleShows, "titleShows");
        Objects.requireNonNull(alignItems, "alignItems");
        actions = List.copyOf(actions);
        Objects.requireNonNull(profile, "profile");
        Objects.requireNonNull(onScroll, "onScroll");
        Objects.requireNonNull(alignTitle, "alignTitle");
        Objects.requireNonNull(subtitle, "subtitle");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(iconPosition, "iconPosition");
        Objects.requireNonNull(itemWidths, "itemWidths");
        MOST.require(maxItems, "the number of items of a top bar");
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
        if (wraps && !ownRow) {
            idle.put("wraps", "only items on an \"own-row\" go onto further lines");
        }
        if (hasItems && !ownRow && alignTitle != TitleAlignment.CENTER) {
            idle.put("align-title", "beside items the title stands at the start");
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
    public Optional<String> photoFact() {
        return profile.flatMap(Profile::photoFact);
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
        return with(labels, iconPosition, Optional.of(other));
    }

    @Override
    public TopForm withLabels(Labels which) {
        return with(which, iconPosition, style);
    }

    @Override
    public TopForm withIconPosition(IconPosition side) {
        return with(labels, side, style);
    }

    private TopForm with(Labels which, IconPosition side, Optional<Style.Ref> look) {
        return new TopForm(
                titleShows,
                alignItems,
                actions,
                profile,
                border,
                onScroll,
                alignTitle,
                subtitle,
                which,
                side,
                ownRow,
                wraps,
                itemWidths,
                maxItems,
                overflow,
                search,
                look);
    }

    /** Where a title stands. */
    public enum TitleAlignment {
        /** In the middle of the bar, whatever is beside it. */
        CENTER,
        /** At the start, beside the button that leads back. */
        START,
        /** In the middle where fingers are used, at the start where there is a mouse. */
        BY_DEVICE
    }

    /** How wide items are. */
    public enum ItemWidths {
        /** Each as wide as what it says. */
        TEXT,
        /** All equally wide, together as wide as the bar. */
        EQUAL
    }

    /** What stands in the middle of a top bar. */
    public enum TitleContent {
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
