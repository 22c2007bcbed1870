package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A panel at a side edge.
 *
 * @param side which side edge
 * @param opens how it opens
 * @param header what stands at its head
 * @param footer the ids of the items that stand at its foot
 * @param width its width in dp, within {@link #WIDTH}
 * @param share its width as a share of the window's, within {@link #SHARE}, in place of one in dp
 * @param collapsedWidth its width in dp while it is collapsed to icons, within {@link #COLLAPSED}; no value where it can't be
 * @param beneath how the content moves aside from a drawer beneath it
 * @param showLogo whether the app's logo stands at its head
 * @param search the id of the item that stands as a search field above the others
 * @param filter the field above its items into which people type what they look for
 * @param style how it looks
 */
public record DrawerForm(
        Side side,
        Opening opens,
        Optional<Header> header,
        List<String> footer,
        double width,
        Optional<Double> share,
        Optional<Double> collapsedWidth,
        Beneath beneath,
        boolean showLogo,
        Optional<String> search,
        Optional<Filter> filter,
        Optional<Style.Ref> style)
        implements Form {
    /** Widths in dp. */
    public static final Range WIDTH = new Range(160, 480);
    /** Shares of the window's width. */
    public static final Range SHARE = new Range(0.2, 1);
    /** Widths in dp of a drawer that is collapsed to icons. */
    public static final Range COLLAPSED = new Range(48, 120);

    /** A drawer with all defaults. */
    public static final DrawerForm DEFAULT = new DrawerForm(
            Side.LEADING,
            Opening.OVER,
            Optional.empty(),
            List.of(),
            300,
            Optional.empty(),
            Optional.empty(),
            Beneath.DEFAULT,
            false,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public DrawerForm {
        Objects.requireNonNull(side, "side");
        Objects.requireNonNull(opens, "opens");
        Objects.requireNonNull(header, "header");
        footer = List.copyOf(footer);
        WIDTH.require(width, "the width of a drawer");
        SHARE.require(share, "the share of a drawer");
        COLLAPSED.require(collapsedWidth, "the width of a collapsed drawer");
        Objects.requireNonNull(beneath, "beneath");
        Objects.requireNonNull(search, "search");
        Objects.requireNonNull(filter, "filter");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public boolean collapses() {
        return collapsedWidth.isPresent() && opens == Opening.ALWAYS;
    }

    @Override
    public boolean isOpened() {
        return opens != Opening.ALWAYS;
    }

    @Override
    public Kind kind() {
        return Kind.DRAWER;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        var idle = new TreeMap<String, String>();
        if (!beneath.equals(Beneath.DEFAULT) && opens != Opening.BENEATH) {
            idle.put("beneath", "it doesn't open \"beneath\" the content");
        }
        if (collapsedWidth.isPresent() && opens != Opening.ALWAYS) {
            idle.put("collapsed-width", "only a drawer that is open \"always\" can be collapsed");
        }
        Form.elsewhere("footer", footer, ofPerson(), search, idle);
        return idle;
    }

    @Override
    public boolean isPanel() {
        return true;
    }

    @Override
    public Edge edge() {
        return side.edge();
    }

    @Override
    public List<String> named() {
        return footer;
    }

    @Override
    public Optional<Fill> behindHead() {
        return header.flatMap(Header::background);
    }

    @Override
    public Optional<String> photoFact() {
        return header.flatMap(Header::photoFact);
    }

    @Override
    public Optional<String> typed() {
        return filter.map(Filter::fact);
    }

    @Override
    public Optional<String> ofPerson() {
        return header.flatMap(Header::item);
    }

    @Override
    public DrawerForm withStyle(Style.Ref other) {
        return new DrawerForm(
                side,
                opens,
                header,
                footer,
                width,
                share,
                collapsedWidth,
                beneath,
                showLogo,
                search,
                filter,
                Optional.of(other));
    }

    /** The same, opening otherwise. */
    public DrawerForm opening(Opening how) {
        return new DrawerForm(
                side, how, header, footer, width, share, collapsedWidth, beneath, showLogo, search, filter, style);
    }

    /**
     * A field into which people type what they look for; items whose name doesn't hold it aren't shown.
     *
     * @param fact the text that is typed: a fact
     * @param placeholder what it says while nothing is typed
     */
    public record Filter(String fact, Optional<Words> placeholder) {
        public Filter {
            Objects.requireNonNull(fact, "fact");
            Objects.requireNonNull(placeholder, "placeholder");
        }
    }

    /** How a drawer opens. */
    public enum Opening {
        /** Over the content, with a scrim between. */
        OVER,
        /** Beside the content, which gets narrower. */
        BESIDE,
        /** It lies beneath the content, which moves aside. */
        BENEATH,
        /** It is always open. */
        ALWAYS;

        /** Whether the content keeps clear of it. */
        public boolean takesRoom() {
            return this == BESIDE || this == ALWAYS;
        }
    }

    /**
     * The head of a drawer.
     *
     * @param picture a picture file inside of the plan's folder
     * @param title its first line; may have holes for facts
     * @param note its second line; may have holes for facts
     * @param background what lies behind it
     * @param photoFact the fact that tells the picture's file or address; until it does, the picture or initials show
     * @param item the id of the item that is chosen with it
     */
    public record Header(
            Optional<String> picture,
            Words title,
            Optional<Words> note,
            Optional<Fill> background,
            Optional<String> photoFact,
            Optional<String> item) {
        public Header {
            Objects.requireNonNull(picture, "picture");
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(note, "note");
            Objects.requireNonNull(background, "background");
            Objects.requireNonNull(photoFact, "photoFact");
            Objects.requireNonNull(item, "item");
        }
    }

    /**
     * How the content moves aside from a drawer beneath it.
     *
     * @param shift how far it moves, as a share of the drawer's width, within {@link #SHARE}
     * @param radius the radius of its corners in dp, within {@link #RADIUS}
     * @param shadow whether it casts a shadow on the drawer
     * @param scale how large it is then, as a share of its size, within {@link #SCALE}
     */
    public record Beneath(double shift, double radius, boolean shadow, double scale) {
        /** Shares of the drawer's width. */
        public static final Range SHARE = new Range(0.2, 1);
        /** Radii of corners in dp. */
        public static final Range RADIUS = new Range(0, 160);
        /** Shares of the page's size. */
        public static final Range SCALE = new Range(0.5, 1);
        /** With all defaults. */
        public static final Beneath DEFAULT = new Beneath(1, 24, true, 1);

        public Beneath {
            SHARE.require(shift, "the share by which content moves aside");
            RADIUS.require(radius, "the radius of content that moved aside");
            SCALE.require(scale, "the scale of content that moved aside");
        }
    }
}
