package org.yonderarc.form;

import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.codec.StyleShape;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Style;

/** The keys that several forms have. */
public final class SharedShapes {
    static final String PHOTO =
            "The fact that tells the picture's file or address; until it does, the picture or initials show.";
    static final String PERSON_ITEM = "The id of the item that is chosen with it.";
    /** The person who uses the app. */
    public static final Shape<Form.Profile> PROFILE = profile();
    /** The item that leads to those that don't fit. */
    public static final Shape<Form.Overflow> OVERFLOW = overflow();

    private SharedShapes() {}

    /** Adds the key {@code style}. */
    static <F extends Form> Field<F, Optional<Style.Ref>> style(Shape<F> shape, Function<F, Optional<Style.Ref>> get) {
        return shape.optional(
                "style", StyleShape.REF, get, "How its items look: the name of a shared style, or a style of its own.");
    }

    /** Adds the key {@code show-logo}. */
    static <F extends Form> Field<F, Boolean> logo(Shape<F> shape, Function<F, Boolean> get) {
        return shape.field("show-logo", Codecs.FLAG, get, false, "Whether the app's logo stands at its head.");
    }

    /** Adds the key {@code side}. */
    static <F extends Form> Field<F, Form.Side> edge(Shape<F> shape, Function<F, Form.Side> get) {
        return shape.field(
                "side",
                Codecs.choice(Form.Side.values()),
                get,
                Form.Side.LEADING,
                "The edge it stands at: the one where lines start, or the one where they end.");
    }

    /** Adds the key {@code labels}. */
    static <F extends Form> Field<F, Form.Labels> labels(Shape<F> shape, Function<F, Form.Labels> get) {
        return shape.field(
                "labels", Codecs.choice(Form.Labels.values()), get, Form.Labels.ALL, "Which items show their label.");
    }

    /** Adds the key {@code icon-position}. */
    static <F extends Form> Field<F, Form.IconPosition> icons(Shape<F> shape, Function<F, Form.IconPosition> get) {
        return shape.field(
                "icon-position",
                Codecs.choice(Form.IconPosition.values()),
                get,
                Form.IconPosition.ABOVE,
                "Where the icon stands, seen from its label.");
    }

    /** Adds the key {@code overflow}. */
    static <F extends Form> Field<F, Form.Overflow> overflow(Shape<F> shape, Function<F, Form.Overflow> get) {
        return shape.field(
                "overflow", OVERFLOW, get, Form.Overflow.DEFAULT, "The item that leads to those that don't fit.");
    }

    private static Shape<Form.Overflow> overflow() {
        var shape = new Shape<Form.Overflow>("overflow", "The item that leads to those that don't fit.");
        var label = shape.field(
                "label", PlanCodecs.WORDS, Form.Overflow::label, Form.Overflow.DEFAULT.label(), "What it says.");
        var icon = shape.field(
                "icon", PlanCodecs.ICON, Form.Overflow::icon, Form.Overflow.DEFAULT.icon(), "The name of its icon.");
        var tiles = shape.field(
                "layout",
                Codecs.choice(Form.TileLayout.values()),
                Form.Overflow::layout,
                Form.Overflow.DEFAULT.layout(),
                "How the place that it opens shows the others.");
        var profile = shape.optional(
                "profile",
                PROFILE,
                Form.Overflow::profile,
                "The person, at the head of the place that lists the others.");
        var style = shape.optional(
                "style", StyleShape.REF, Form.Overflow::style, "How the items there look: a style's name, or a style.");
        var after = shape.optional(
                "items-before",
                Codecs.whole(Form.Overflow.AFTER),
                Form.Overflow::itemsBefore,
                "How many items stand before it. Default: as many as there is room for.");
        var opens = shape.field(
                "presentation",
                Codecs.choice(Form.Overflow.Presentation.values()),
                Form.Overflow::presentation,
                Form.Overflow.DEFAULT.presentation(),
                "What it opens: a place in the content, or a sheet that comes up from the lower edge.");
        return shape.makes(got -> new Form.Overflow(
                got.get(label),
                got.get(icon),
                got.get(tiles),
                got.get(profile),
                got.get(style),
                got.get(after),
                got.get(opens)));
    }

    private static Shape<Form.Profile> profile() {
        var shape = new Shape<Form.Profile>("profile", "The person who uses the app.");
        var picture = shape.optional(
                "picture", PlanCodecs.FILE, Form.Profile::picture, "A picture file in the plan's folder.");
        var text = shape.required("text", PlanCodecs.WORDS, Form.Profile::text, "What stands beside it: {observer}.");
        var photo = shape.optional("photo-fact", PlanCodecs.name(Noun.FACT), Form.Profile::photoFact, PHOTO);
        var item = shape.optional("item", PlanCodecs.name(Noun.ITEM), Form.Profile::item, PERSON_ITEM);
        return shape.shortForm(text)
                .makes(got -> new Form.Profile(got.get(picture), got.get(text), got.get(photo), got.get(item)));
    }

    /** The item that stands as a search field. */
    static <F extends Form> Field<F, Optional<String>> search(Shape<F> shape, Function<F, Optional<String>> get) {
        return shape.optional(
                "search",
                PlanCodecs.name(Noun.ITEM),
                get,
                "The item that stands as a search field on a line of its own; choosing it does what the item does.");
    }
}
