package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A panel at a side edge.
 *
 * @param side the edge it stands at: the one where lines start, or the one where they end
 * @param opens how it opens: over the content, beside it, from beneath it; or it is always open
 * @param header what stands at its head
 * @param footer the ids of the items that stand at its foot
 * @param width its width in dp, or as a part of the window's in percent: 70%
 * @param collapsedWidth its width in dp while it is collapsed to icons, within {@link #COLLAPSED}; without it, it can't be
 * @param beneath how the content moves aside from a drawer beneath it
 * @param showLogo whether the app's logo stands at its head
 * @param search the item that stands as a search field on a line of its own; choosing it does what the item does
 * @param filter the field above its items into which people type what they look for: a text fact
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "drawer",
        copies = {"opens", "style"})
public record DrawerForm(
        Side side,
        Opening opens,
        Optional<Header> header,
        @Key(names = Noun.ITEM) List<String> footer,
        @Key(codec = "DrawerWidthCodec.CODEC") Width width,
        @Key(range = "COLLAPSED") Optional<Double> collapsedWidth,
        Beneath beneath,
        boolean showLogo,
        @Key(names = Noun.ITEM) Optional<String> search,
        Optional<Filter> filter,
        Optional<Style.Ref> style)
        implements Form {
    /** Widths in dp of a drawer that is collapsed to icons. */
    public static final Range COLLAPSED = new Range(48, 120);

    /** A drawer with all defaults. */
    public static final DrawerForm DEFAULT = new DrawerForm(
            Side.LEADING,
            Opening.OVER,
            Optional.empty(),
            List.of(),
            Width.DEFAULT,
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
        Objects.requireNonNull(width, "width");
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
        return DrawerCopies.style(this, other);
    }

    /** The same, opening otherwise. */
    public DrawerForm opening(Opening how) {
        return DrawerCopies.opens(this, how);
    }

    /**
     * A field into which people type what they look for; items whose name doesn't hold it aren't shown.
     *
     * @param fact the text fact that is typed
     * @param placeholder what it says while nothing is typed
     */
    @Keys(value = "filter", shortForm = "fact")
    public record Filter(@Key(names = Noun.FACT) String fact, Optional<Words> placeholder) {
        public Filter {
            Objects.requireNonNull(fact, "fact");
            Objects.requireNonNull(placeholder, "placeholder");
        }
    }

    /**
     * How wide a drawer is.
     *
     * @param dp its width in dp, within {@link #DP}
     * @param share its width as a part of the window's, within {@link #SHARE}; it goes before the number of dp
     */
    public record Width(double dp, Optional<Double> share) {
        /** Widths in dp. */
        public static final Range DP = new Range(160, 480);
        /** Shares of the window's width. */
        public static final Range SHARE = new Range(0.2, 1);
        /** The usual one. */
        public static final Width DEFAULT = new Width(300, Optional.empty());

        public Width {
            DP.require(dp, "the width of a drawer");
            SHARE.require(share, "the width of a drawer as a part of the window's");
        }

        /** A width in dp, within {@link #DP}. */
        public static Width dp(double dp) {
            return new Width(dp, Optional.empty());
        }

        /** A part of the window's width in percent, from 20 to 100. */
        public static Width percent(double ofWindow) {
            return new Width(DEFAULT.dp, Optional.of(ofWindow / 100));
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
     * @param picture a picture file in the plan's folder
     * @param title its first line: {observer}
     * @param note its second line
     * @param background what lies behind it: a colour, or a gradient
     * @param photoFact the fact that tells the picture's file or address; until it does, the picture or initials show
     * @param item the id of the item that is chosen with it
     */
    @Keys(value = "header", shortForm = "title")
    public record Header(
            @Key(codec = "PlanCodecs.FILE") Optional<String> picture,
            Words title,
            Optional<Words> note,
            Optional<Fill> background,
            @Key(names = Noun.FACT) Optional<String> photoFact,
            @Key(names = Noun.ITEM) Optional<String> item) {
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
     * @param radius the radius of its corners in dp, within {@link #RADIUS}; less where it would cut the button of a top bar
     * @param shadow whether it casts a shadow on the drawer
     * @param scale how large it is then, as a share of its size, within {@link #SCALE}
     */
    @Keys("beneath")
    public record Beneath(
            @Key(range = "SHARE") double shift,
            @Key(range = "RADIUS") double radius,
            boolean shadow,
            @Key(range = "SCALE") double scale) {
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
