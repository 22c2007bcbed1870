package org.yonderarc.plan;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The form that a bar takes on a kind of device. */
public sealed interface Form permits BottomForm, TopForm, RailForm, DrawerForm, RadialForm, GridForm {
    /** Which form it is. */
    Kind kind();

    /** Where it stands; at each edge stands one bar, in the content any number. */
    Edge edge();

    /** How its items look, where the plan says so. */
    Optional<Style.Ref> style();

    /** The same in another style. */
    Form withStyle(Style.Ref other);

    /** Whether it shows the items of a menu, and can't do without one. */
    default boolean showsMenu() {
        return true;
    }

    /** Whether its items are places beside each other, of which a person is at one: tabs. */
    default boolean holdsPlaces() {
        return true;
    }

    /** Whether it is the header of a screen: it shows the title, and leads back. */
    default boolean isHeader() {
        return false;
    }

    /** Whether it is a panel, of which a person can have one open. */
    default boolean isPanel() {
        return false;
    }

    /** The ids of the items that it names beside its menu's, in order. */
    default List<String> named() {
        return List.of();
    }

    /** Tells what names an item that stands elsewhere in the form already: each stands there once, with the person before all. */
    static void elsewhere(
            String key,
            List<String> named,
            Optional<String> person,
            Optional<String> search,
            Map<String, String> idle) {
        if (search.isPresent() && search.equals(person)) {
            idle.put("search", "its item stands with the person");
        }
        for (int i = 0; i < named.size(); i++) {
            Optional<String> id = Optional.of(named.get(i));
            String at = key + "/" + i;
            if (id.equals(person)) {
                idle.put(at, "it stands with the person");
            } else if (id.equals(search)) {
                idle.put(at, "it stands as the search field");
            } else if (named.indexOf(named.get(i)) < i) {
                idle.put(at, "it stands there already");
            }
        }
    }

    /** What lies behind its head; no value where the head has no background of its own. */
    default Optional<Fill> behindHead() {
        return Optional.empty();
    }

    /** The id of the fact that tells the picture of the person that it shows. */
    default Optional<String> photoFact() {
        return Optional.empty();
    }

    /** The id of the item that is chosen with the person that it shows. */
    default Optional<String> ofPerson() {
        return Optional.empty();
    }

    /** The id of the fact that people type into its field, where it has one. */
    default Optional<String> typed() {
        return Optional.empty();
    }

    /**
     * The keys that it was given to no effect, each with the reason why: "a bar that wraps has no middle". A key of a map has a slash
     * before it.
     *
     * @param hasItems whether it has the items of a menu
     */
    default Map<String, String> idle(boolean hasItems) {
        return Map.of();
    }

    /** Whether it is opened and closed: a drawer that isn't always open, a fan. */
    default boolean isOpened() {
        return false;
    }

    /** Whether it is collapsed to icons and expanded again. */
    default boolean collapses() {
        return false;
    }

    /** Which items show their label; no value where the form leaves no choice. */
    default Optional<Labels> labelled() {
        return Optional.empty();
    }

    /** The same with other labels; itself where the form leaves no choice. */
    default Form withLabels(Labels which) {
        return this;
    }

    /** The same with icons at another side; itself where the form leaves no choice. */
    default Form withIconPosition(IconPosition side) {
        return this;
    }

    /** What it opens for the items that don't fit; no value where all fit. */
    default Optional<Overflow> overflows() {
        return Optional.empty();
    }

    /** The screens in whose content it stands; empty where it stands beside the content. */
    default List<String> inScreens() {
        return List.of();
    }

    /** The forms, the usual one first. */
    enum Kind {
        /** A bar at the lower edge. */
        BOTTOM,
        /** A bar at the upper edge. */
        TOP,
        /** A narrow bar at a side edge. */
        RAIL,
        /** A panel at a side edge. */
        DRAWER,
        /** A round button that fans items out. */
        RADIAL,
        /** Tiles in the content. */
        GRID;

        /** The form of a bar that names none. */
        public static Kind usual() {
            return BOTTOM;
        }

        /** The word for it in a plan file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Where a bar stands; what stands at a later one is painted above what stands at an earlier one. */
    enum Edge {
        /** In the content of screens, or in its place. */
        CONTENT("place in the content"),
        /** At the upper edge. */
        UPPER("upper edge"),
        /** At the lower edge. */
        LOWER("lower edge"),
        /** At the leading edge. */
        LEADING("leading edge"),
        /** At the trailing edge. */
        TRAILING("trailing edge"),
        /** Above the content, at a corner or before an edge. */
        ABOVE("place above the content");

        private final String words;

        Edge(String words) {
            this.words = words;
        }

        /** What it is in a message: "lower edge". */
        public String words() {
            return words;
        }
    }

    /** Which of the side edges a bar stands at. */
    enum Side {
        /** Where lines start: at the left for who reads from left to right. */
        LEADING(Edge.LEADING),
        /** Where lines end. */
        TRAILING(Edge.TRAILING);

        private final Edge edge;

        Side(Edge edge) {
            this.edge = edge;
        }

        /** The edge. */
        public Edge edge() {
            return edge;
        }

        /** Whether it is the edge where lines end. */
        public boolean isTrailing() {
            return this == TRAILING;
        }
    }

    /** What a bar does when the content scrolls. */
    enum Scrolling {
        /** It stays. */
        STAY,
        /** It leaves over its edge as the content scrolls down. */
        HIDE
    }

    /** What happens to the items that don't fit. */
    enum WhenFull {
        /** They go to the overflow. */
        OVERFLOW,
        /** The bar gets more rows. */
        WRAP,
        /** The bar scrolls. */
        SCROLL
    }

    /** Which items show their label. */
    enum Labels {
        /** All. */
        ALL,
        /** The selected one. */
        SELECTED,
        /** None. */
        NONE
    }

    /** Where an icon stands. */
    enum IconPosition {
        /** Above its label. */
        ABOVE,
        /** Below its label. */
        BELOW,
        /** Before its label. */
        BEFORE,
        /** After its label. */
        AFTER
    }

    /** Where things stand along a bar, in reading direction or from the top. */
    enum Alignment {
        /** At the start. */
        START,
        /** In the middle. */
        CENTER,
        /** At the end. */
        END
    }

    /** How items that stand in the content are shown. */
    enum TileLayout {
        /** Cards: the icon above the label, in columns. */
        CARDS,
        /** Rows: the icon before the label, below each other. */
        ROWS
    }

    /**
     * The item that leads to those that don't fit.
     *
     * @param label what it says
     * @param icon the name of its icon
     * @param layout how the place that it opens shows the others
     * @param profile the person, at the head of the place that lists the others
     * @param style how the items there look: a style's name, or a style
     * @param itemsBefore how many items stand before it, within {@link #AFTER}. Default: as many as there is room for
     * @param presentation what it opens: a place in the content, or a sheet that comes up from the lower edge
     */
    @Keys("overflow")
    record Overflow(
            Words label,
            @Key(codec = "PlanCodecs.ICON") String icon,
            TileLayout layout,
            Optional<Profile> profile,
            Optional<Style.Ref> style,
            @Key(range = "AFTER") Optional<Integer> itemsBefore,
            Presentation presentation) {
        /** How many items may stand before it. */
        public static final Range AFTER = new Range(1, 11);

        /** What an overflow opens. */
        public enum Presentation {
            /** A place in the content. */
            PLACE,
            /** A sheet that comes up from the lower edge, over the content. */
            SHEET
        }

        /** The item with all defaults. */
        public static final Overflow DEFAULT = new Overflow(
                Words.of("More"),
                "dots",
                TileLayout.ROWS,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Presentation.PLACE);

        public Overflow {
            Objects.requireNonNull(label, "label");
            Objects.requireNonNull(icon, "icon");
            Objects.requireNonNull(layout, "layout");
            AFTER.require(itemsBefore, "the items before an overflow");
            Objects.requireNonNull(presentation, "presentation");
            Objects.requireNonNull(profile, "profile");
            Objects.requireNonNull(style, "style");
        }
    }

    /**
     * The person who uses the app.
     *
     * @param picture a picture file in the plan's folder
     * @param text what stands beside it: {observer}
     * @param photoFact the fact that tells the picture's file or address; until it does, the picture or initials show
     * @param item the id of the item that is chosen with it
     */
    @Keys(value = "profile", shortForm = "text")
    record Profile(
            @Key(codec = "PlanCodecs.FILE") Optional<String> picture,
            Words text,
            @Key(names = Noun.FACT) Optional<String> photoFact,
            @Key(names = Noun.ITEM) Optional<String> item) {
        public Profile {
            Objects.requireNonNull(picture, "picture");
            Objects.requireNonNull(text, "text");
            Objects.requireNonNull(photoFact, "photoFact");
            Objects.requireNonNull(item, "item");
        }
    }
}
