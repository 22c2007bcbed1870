package org.yonderarc.bind;

import java.util.List;
import org.yonderarc.plan.Form;

/** The keys of each form. */
final class Forms {
    private static final Kind<List<String>> IDS = Kinds.list(Basics.ID);

    private static final String STYLE_DOC = "How its items look: the name of a shared style, or a style of its own.";

    static final Shape<Form.Profile> PROFILE = profile();
    static final Shape<Form.Overflow> OVERFLOW = overflow();
    static final Shape<Form.Floating> FLOATING = floating();
    static final Shape<Form.Beneath> BENEATH = beneath();
    static final Shape<Form.Background> BACKGROUND = background();
    static final Shape<Form.Header> HEADER = header();

    private Forms() {}

    static Shape<Form.Bottom> bottom() {
        var shape = new Shape<Form.Bottom>("bottom", "A bar at the lower edge with a slot for each item.");
        var most = shape.field(
                "most",
                Kinds.whole(2, 12),
                Form.Bottom::most,
                Form.Bottom.DEFAULT.most(),
                "How many items it holds at most, the overflow item included.");
        var whenFull = shape.field(
                "when-full",
                Kinds.choice(Form.WhenFull.values()),
                Form.Bottom::whenFull,
                Form.Bottom.DEFAULT.whenFull(),
                "What happens to the items that don't fit: an overflow item, more rows, or scrolling.");
        var overflow = shape.field(
                "overflow",
                OVERFLOW,
                Form.Bottom::overflow,
                Form.Overflow.DEFAULT,
                "The item that leads to those that don't fit.");
        var labels = shape.field(
                "labels",
                Kinds.choice(Form.Labels.values()),
                Form.Bottom::labels,
                Form.Bottom.DEFAULT.labels(),
                "Which items show their label.");
        var icons = shape.field(
                "icons",
                Kinds.choice(Form.IconSide.values()),
                Form.Bottom::icons,
                Form.Bottom.DEFAULT.icons(),
                "Where the icon stands, seen from its label.");
        var floating = shape.optional(
                "floating",
                FLOATING,
                Form.Bottom::floating,
                "How it floats. Without it, it reaches from edge to edge.");
        var style = shape.optional("style", StyleShape.REF, Form.Bottom::style, STYLE_DOC);
        return shape.makes(got -> new Form.Bottom(
                got.get(most),
                got.get(whenFull),
                got.get(overflow),
                got.get(labels),
                got.get(icons),
                got.get(floating),
                got.get(style)));
    }

    private static Shape<Form.Overflow> overflow() {
        var shape = new Shape<Form.Overflow>("overflow", "The item that leads to those that don't fit.");
        var label = shape.field(
                "label", Basics.WORDS, Form.Overflow::label, Form.Overflow.DEFAULT.label(), "What it says.");
        var icon = shape.field(
                "icon", Kinds.TEXT, Form.Overflow::icon, Form.Overflow.DEFAULT.icon(), "The name of its icon.");
        var profile = shape.optional(
                "profile",
                PROFILE,
                Form.Overflow::profile,
                "The person, at the head of the place that lists the others.");
        var style = shape.optional(
                "style", StyleShape.REF, Form.Overflow::style, "How the items there look: a style's name, or a style.");
        return shape.makes(got -> new Form.Overflow(got.get(label), got.get(icon), got.get(profile), got.get(style)));
    }

    private static Shape<Form.Floating> floating() {
        var shape = new Shape<Form.Floating>("floating", "How a bar floats above the content.");
        var inset = shape.field(
                "inset", Kinds.number(0, 64), Form.Floating::inset, 16.0, "Its distance from the edges in dp.");
        var radius = shape.field(
                "radius", Kinds.number(0, 64), Form.Floating::radius, 24.0, "The radius of its corners in dp.");
        var shadow = shape.field("shadow", Kinds.FLAG, Form.Floating::shadow, true, "Whether it casts a shadow.");
        return shape.makes(got -> new Form.Floating(got.get(inset), got.get(radius), got.get(shadow)));
    }

    static Shape<Form.Top> top() {
        var shape = new Shape<Form.Top>("top", "A bar at the upper edge with the place's title.");
        var title = shape.field(
                "title",
                Kinds.choice(Form.TitleKind.values()),
                Form.Top::title,
                Form.Top.DEFAULT.title(),
                "What stands in its middle: the place's title, the app's logo, or nothing.");
        var items = shape.field(
                "items",
                Kinds.choice(Form.Side.values()),
                Form.Top::items,
                Form.Top.DEFAULT.items(),
                "Where the items of its menu stand.");
        var actions = shape.field(
                "actions",
                IDS,
                Form.Top::actions,
                List.of(),
                "The ids of up to three items that stand as buttons at its end.");
        var profile = shape.optional(
                "profile", PROFILE, Form.Top::profile, "The picture of the person, with a text beside it.");
        var line = shape.field(
                "line", Kinds.FLAG, Form.Top::line, Form.Top.DEFAULT.line(), "Whether a line closes it below.");
        var scrolling = shape.field(
                "scrolling",
                Kinds.choice(Form.Scrolling.values()),
                Form.Top::scrolling,
                Form.Top.DEFAULT.scrolling(),
                "Whether it stays or leaves when the content scrolls.");
        var style = shape.optional("style", StyleShape.REF, Form.Top::style, STYLE_DOC);
        return shape.makes(got -> new Form.Top(
                got.get(title),
                got.get(items),
                got.get(actions),
                got.get(profile),
                got.get(line),
                got.get(scrolling),
                got.get(style)));
    }

    private static Shape<Form.Profile> profile() {
        var shape = new Shape<Form.Profile>("profile", "The person who uses the app.");
        var picture =
                shape.optional("picture", Kinds.TEXT, Form.Profile::picture, "A picture file in the plan's folder.");
        var text = shape.required("text", Basics.WORDS, Form.Profile::text, "What stands beside it: {observer}.");
        return shape.shortForm(text).makes(got -> new Form.Profile(got.get(picture), got.get(text)));
    }

    static Shape<Form.Rail> rail() {
        var shape = new Shape<Form.Rail>("rail", "A narrow bar at the leading edge.");
        var labels = shape.field(
                "labels",
                Kinds.choice(Form.Labels.values()),
                Form.Rail::labels,
                Form.Rail.DEFAULT.labels(),
                "Which items show their label.");
        var narrow = shape.field(
                "narrow",
                Kinds.FLAG,
                Form.Rail::narrow,
                Form.Rail.DEFAULT.narrow(),
                "Whether it is as narrow as touch targets allow.");
        var action = shape.optional(
                "action", Basics.ID, Form.Rail::action, "The item that stands at its head as the main action.");
        var items = shape.field(
                "items",
                Kinds.choice(Form.Side.values()),
                Form.Rail::items,
                Form.Rail.DEFAULT.items(),
                "Where its items stand between top and bottom.");
        var line = shape.field(
                "line", Kinds.FLAG, Form.Rail::line, Form.Rail.DEFAULT.line(), "Whether a line closes it at the side.");
        var icons = shape.field(
                "icons",
                Kinds.choice(Form.IconSide.values()),
                Form.Rail::icons,
                Form.Rail.DEFAULT.icons(),
                "Where the icon stands, seen from its label.");
        var style = shape.optional("style", StyleShape.REF, Form.Rail::style, STYLE_DOC);
        return shape.makes(got -> new Form.Rail(
                got.get(labels),
                got.get(narrow),
                got.get(action),
                got.get(items),
                got.get(line),
                got.get(icons),
                got.get(style)));
    }

    static Shape<Form.Drawer> drawer() {
        var shape = new Shape<Form.Drawer>("drawer", "A panel at the leading edge.");
        var opens = shape.field(
                "opens",
                Kinds.choice(Form.Opening.values()),
                Form.Drawer::opens,
                Form.Drawer.DEFAULT.opens(),
                "How it opens: over the content, beside it, from beneath it; or it is kept open.");
        var header = shape.optional("header", HEADER, Form.Drawer::header, "What stands at its head.");
        var footer = shape.field(
                "footer", IDS, Form.Drawer::footer, List.of(), "The ids of the items that stand at its foot.");
        var width = shape.field(
                "width", Kinds.number(160, 480), Form.Drawer::width, Form.Drawer.DEFAULT.width(), "Its width in dp.");
        var collapsed = shape.optional(
                "collapsed",
                Kinds.number(48, 120),
                Form.Drawer::collapsed,
                "Its width in dp while it is collapsed to icons; without it, it can't be.");
        var beneath = shape.field(
                "beneath",
                BENEATH,
                Form.Drawer::beneath,
                Form.Beneath.DEFAULT,
                "How the content moves aside from a drawer beneath it.");
        var style = shape.optional("style", StyleShape.REF, Form.Drawer::style, STYLE_DOC);
        return shape.makes(got -> new Form.Drawer(
                got.get(opens),
                got.get(header),
                got.get(footer),
                got.get(width),
                got.get(collapsed),
                got.get(beneath),
                got.get(style)));
    }

    private static Shape<Form.Beneath> beneath() {
        var shape = new Shape<Form.Beneath>("beneath", "How the content moves aside from a drawer beneath it.");
        var share = shape.field(
                "share",
                Kinds.number(0.2, 1),
                Form.Beneath::share,
                Form.Beneath.DEFAULT.share(),
                "How far it moves, as a share of the drawer's width.");
        var radius = shape.field(
                "radius",
                Kinds.number(0, 64),
                Form.Beneath::radius,
                Form.Beneath.DEFAULT.radius(),
                "The radius of its corners in dp.");
        var shadow = shape.field(
                "shadow",
                Kinds.FLAG,
                Form.Beneath::shadow,
                Form.Beneath.DEFAULT.shadow(),
                "Whether it casts a shadow on the drawer.");
        return shape.makes(got -> new Form.Beneath(got.get(share), got.get(radius), got.get(shadow)));
    }

    private static Shape<Form.Background> background() {
        var shape = new Shape<Form.Background>("background", "A colour, or a gradient between two.");
        var from = shape.required(
                "from", StyleShape.PAINT, Form.Background::from, "Its colour, or where a gradient starts.");
        var to = shape.optional("to", StyleShape.PAINT, Form.Background::to, "Where a gradient ends.");
        var angle = shape.field(
                "angle",
                Kinds.number(0, 360),
                Form.Background::angle,
                135.0,
                "The direction of a gradient in degrees, as in CSS: 0 upwards, 90 in reading direction.");
        return shape.shortForm(from).makes(got -> new Form.Background(got.get(from), got.get(to), got.get(angle)));
    }

    private static Shape<Form.Header> header() {
        var shape = new Shape<Form.Header>("header", "The head of a drawer.");
        var picture =
                shape.optional("picture", Kinds.TEXT, Form.Header::picture, "A picture file in the plan's folder.");
        var title = shape.required("title", Basics.WORDS, Form.Header::title, "Its first line: {observer}.");
        var note = shape.optional("note", Basics.WORDS, Form.Header::note, "Its second line.");
        var background = shape.optional(
                "background", BACKGROUND, Form.Header::background, "What lies behind it: a colour, or a gradient.");
        return shape.shortForm(title)
                .makes(got -> new Form.Header(got.get(picture), got.get(title), got.get(note), got.get(background)));
    }
}
