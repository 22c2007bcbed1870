package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** The form that a bar takes on a kind of device. */
public sealed interface Form {
    /** The word for the form in a plan file. */
    String word();

    /** Whether a bar of this form shows the items of a menu. */
    boolean showsMenu();

    /**
     * A bar at the lower edge with a slot for each item.
     *
     * @param most how many items it holds at most, the overflow item included; 2 to 12
     * @param whenFull what happens to the items that don't fit
     * @param overflow the item that leads to the others
     * @param labels which items show their label
     * @param icons where icons stand
     * @param floating its inset from the edges, where it floats
     * @param style how it looks
     */
    record Bottom(
            int most,
            WhenFull whenFull,
            Overflow overflow,
            Labels labels,
            IconSide icons,
            Optional<Floating> floating,
            Optional<Style.Ref> style)
            implements Form {
        /** A bottom bar with all defaults. */
        public static final Bottom DEFAULT = new Bottom(
                5, WhenFull.OVERFLOW, Overflow.DEFAULT, Labels.ALL, IconSide.ABOVE, Optional.empty(), Optional.empty());

        public Bottom {
            Objects.requireNonNull(whenFull, "whenFull");
            Objects.requireNonNull(overflow, "overflow");
            Objects.requireNonNull(labels, "labels");
            Objects.requireNonNull(icons, "icons");
            Objects.requireNonNull(floating, "floating");
            Objects.requireNonNull(style, "style");
        }

        @Override
        public String word() {
            return "bottom";
        }

        @Override
        public boolean showsMenu() {
            return true;
        }
    }

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
    record Top(
            TitleKind title,
            Side items,
            List<String> actions,
            Optional<Profile> profile,
            boolean line,
            Scrolling scrolling,
            Optional<Style.Ref> style)
            implements Form {
        /** A top bar with all defaults. */
        public static final Top DEFAULT =
                new Top(TitleKind.TEXT, Side.END, List.of(), Optional.empty(), true, Scrolling.STAYS, Optional.empty());

        public Top {
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(items, "items");
            actions = List.copyOf(actions);
            Objects.requireNonNull(profile, "profile");
            Objects.requireNonNull(scrolling, "scrolling");
            Objects.requireNonNull(style, "style");
        }

        @Override
        public String word() {
            return "top";
        }

        @Override
        public boolean showsMenu() {
            return false;
        }
    }

    /**
     * A narrow bar at the leading edge.
     *
     * @param labels which items show their label
     * @param narrow whether it is as narrow as touch targets allow
     * @param action the id of the item that stands at its head as the main action
     * @param items where its items stand between top and bottom
     * @param line whether a line closes it at the side
     * @param icons where icons stand
     * @param style how it looks
     */
    record Rail(
            Labels labels,
            boolean narrow,
            Optional<String> action,
            Side items,
            boolean line,
            IconSide icons,
            Optional<Style.Ref> style)
            implements Form {
        /** A rail with all defaults. */
        public static final Rail DEFAULT =
                new Rail(Labels.ALL, false, Optional.empty(), Side.START, false, IconSide.ABOVE, Optional.empty());

        public Rail {
            Objects.requireNonNull(labels, "labels");
            Objects.requireNonNull(action, "action");
            Objects.requireNonNull(items, "items");
            Objects.requireNonNull(icons, "icons");
            Objects.requireNonNull(style, "style");
        }

        @Override
        public String word() {
            return "rail";
        }

        @Override
        public boolean showsMenu() {
            return true;
        }
    }

    /**
     * A panel at the leading edge.
     *
     * @param opens how it opens
     * @param header what stands at its head
     * @param footer the ids of the items that stand at its foot
     * @param width its width in dp, 160 to 480
     * @param collapsed its width in dp while it is collapsed to icons, 48 to 120; no value where it can't be
     * @param beneath how the content moves aside from a drawer beneath it
     * @param style how it looks
     */
    record Drawer(
            Opening opens,
            Optional<Header> header,
            List<String> footer,
            double width,
            Optional<Double> collapsed,
            Beneath beneath,
            Optional<Style.Ref> style)
            implements Form {
        /** A drawer with all defaults. */
        public static final Drawer DEFAULT = new Drawer(
                Opening.OVER, Optional.empty(), List.of(), 300, Optional.empty(), Beneath.DEFAULT, Optional.empty());

        public Drawer {
            Objects.requireNonNull(opens, "opens");
            Objects.requireNonNull(header, "header");
            footer = List.copyOf(footer);
            Objects.requireNonNull(collapsed, "collapsed");
            Objects.requireNonNull(beneath, "beneath");
            Objects.requireNonNull(style, "style");
        }

        @Override
        public String word() {
            return "drawer";
        }

        @Override
        public boolean showsMenu() {
            return true;
        }
    }

    /** How it looks, where the plan says so. */
    Optional<Style.Ref> style();

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
    enum IconSide {
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
    enum Side {
        /** At the start. */
        START,
        /** In the middle. */
        CENTER,
        /** At the end. */
        END
    }

    /** What stands in the middle of a top bar. */
    enum TitleKind {
        /** The place's title. */
        TEXT,
        /** The app's logo. */
        LOGO,
        /** Nothing. */
        NONE
    }

    /** What a top bar does when the content scrolls. */
    enum Scrolling {
        /** It stays. */
        STAYS,
        /** It scrolls away with the content. */
        LEAVES
    }

    /** How a drawer opens. */
    enum Opening {
        /** Over the content, with a scrim between. */
        OVER,
        /** Beside the content, which gets narrower. */
        BESIDE,
        /** It lies beneath the content, which moves aside. */
        BENEATH,
        /** It is always open. */
        KEPT
    }

    /**
     * The item that leads to those that don't fit.
     *
     * @param label what it says
     * @param icon the name of its icon
     * @param profile the person, at the head of the place that lists the others
     * @param style how the items there look
     */
    record Overflow(Words label, String icon, Optional<Profile> profile, Optional<Style.Ref> style) {
        /** The item with all defaults. */
        public static final Overflow DEFAULT =
                new Overflow(Words.of("More"), "dots", Optional.empty(), Optional.empty());

        public Overflow {
            Objects.requireNonNull(label, "label");
            Objects.requireNonNull(icon, "icon");
            Objects.requireNonNull(profile, "profile");
            Objects.requireNonNull(style, "style");
        }
    }

    /**
     * How a bar floats.
     *
     * @param inset its distance from the edges in dp, 0 to 64
     * @param radius the radius of its corners in dp, 0 to 64
     * @param shadow whether it casts a shadow
     */
    record Floating(double inset, double radius, boolean shadow) {}

    /**
     * The person who uses the app.
     *
     * @param picture a picture file inside of the plan's folder
     * @param text what stands beside it; may have holes for facts
     */
    record Profile(Optional<String> picture, Words text) {
        public Profile {
            Objects.requireNonNull(picture, "picture");
            Objects.requireNonNull(text, "text");
        }
    }

    /**
     * The head of a drawer.
     *
     * @param picture a picture file inside of the plan's folder
     * @param title its first line; may have holes for facts
     * @param note its second line; may have holes for facts
     * @param background what lies behind it
     */
    record Header(Optional<String> picture, Words title, Optional<Words> note, Optional<Background> background) {
        public Header {
            Objects.requireNonNull(picture, "picture");
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(note, "note");
            Objects.requireNonNull(background, "background");
        }
    }

    /**
     * How the content moves aside from a drawer beneath it.
     *
     * @param share how far it moves, as a share of the drawer's width, 0.2 to 1
     * @param radius the radius of its corners in dp, 0 to 64
     * @param shadow whether it casts a shadow on the drawer
     */
    record Beneath(double share, double radius, boolean shadow) {
        /** With all defaults. */
        public static final Beneath DEFAULT = new Beneath(1, 24, true);
    }

    /**
     * A colour, or a gradient between two.
     *
     * @param from its colour, or where a gradient starts
     * @param to where a gradient ends
     * @param angle the direction of a gradient in degrees, as in CSS: 0 upwards, 90 in reading direction
     */
    record Background(Paint from, Optional<Paint> to, double angle) {
        public Background {
            Objects.requireNonNull(from, "from");
            Objects.requireNonNull(to, "to");
        }
    }
}
