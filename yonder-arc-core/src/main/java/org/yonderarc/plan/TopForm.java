package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A bar at the upper edge with the place's title. Where there is a way back, it has a back button.
 *
 * @param titleShows what stands in it: the place's title, the app's name, its logo, or nothing
 * @param alignItems where the items of its menu stand
 * @param actions the ids of up to three items that stand as buttons at its end
 * @param profile the picture of the person, with a text beside it
 * @param border whether a line closes it below
 * @param onScroll whether it stays or leaves when the content scrolls
 * @param alignTitle where the title stands: in the middle, at the start, or as is usual on the device
 * @param subtitle what stands below the title: {station}
 * @param labels which items show their label
 * @param iconPosition where the icon stands, seen from its label
 * @param ownRow whether the items of its menu stand on a line of their own, below the title
 * @param wraps whether items that don't fit on a line of their own go onto further lines; if not, they go to the overflow, or are scrolled to
 * @param itemWidths how wide the items of its menu are: as what they say, or all equally
 * @param maxItems how many items of its menu it holds at most, the overflow item included, within {@link #MOST}
 * @param overflow the item that leads to those that don't fit
 * @param search the item that stands as a search field on a line of its own; choosing it does what the item does
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "top",
        copies = {"labels", "iconPosition", "style"})
public record TopForm(
        TitleContent titleShows,
        Alignment alignItems,
        @Key(names = Noun.ITEM) List<String> actions,
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
        @Key(range = "MOST") int maxItems,
        Overflow overflow,
        @Key(names = Noun.ITEM) Optional<String> search,
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
        return TopCopies.style(this, other);
    }

    @Override
    public TopForm withLabels(Labels which) {
        return TopCopies.labels(this, which);
    }

    @Override
    public TopForm withIconPosition(IconPosition side) {
        return TopCopies.iconPosition(this, side);
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
