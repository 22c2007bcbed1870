package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.Bounds;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Words;
import org.yonderarc.shape.MotionShape;
import org.yonderarc.shape.StyleShape;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shapes of menus: items, sections and dividers. */
final class MenuShape {
    private static final int MOST_EACH = 100;

    static final Shape<Badge> BADGE = badge();
    static final Shape<Item> ITEM = item();
    static final Shape<Entry.Section> SECTION = section();

    static final Shape<Entry.AllScreens> EVERY = every();
    static final Shape<Entry.AllScreens> EVERY_ENTRY = everyEntry();

    /** A line of a menu: a screen's id, an item, a section, or the word {@code divider}. */
    static final Codec<Entry> ENTRY = new Codec<>() {
        private static final String DIVIDER = "divider";

        @Override
        public Optional<Entry> read(Value value, Context context) {
            if (value instanceof TextValue text && text.text().equals(DIVIDER)) {
                return Optional.of(new Entry.Divider());
            }
            boolean isSection =
                    value instanceof MapValue map && map.entry("section").isPresent();
            if (value instanceof MapValue map && map.entry("all-screens").isPresent()) {
                return EVERY_ENTRY.read(value, context).map(every -> every);
            }
            return isSection
                    ? SECTION.read(value, context).map(section -> section)
                    : ITEM.read(value, context).map(item -> item);
        }

        @Override
        public Value write(Entry value) {
            if (value instanceof Entry.Section section) {
                return SECTION.write(section);
            }
            if (value instanceof Entry.AllScreens every) {
                return EVERY_ENTRY.write(every);
            }
            return value instanceof Item item ? ITEM.write(item) : Trees.text(DIVIDER);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map(
                    "anyOf",
                    Trees.list(List.of(
                            ITEM.schema(definitions),
                            SECTION.schema(definitions),
                            EVERY_ENTRY.schema(definitions),
                            Trees.map("const", Trees.text(DIVIDER)))));
        }

        @Override
        public String takes() {
            return "a screen's id, an item, a section, a rule or `divider`";
        }

        @Override
        public void visit(Entry entry, String pointer, Mentions to) {
            if (entry instanceof Entry.Section section) {
                SECTION.visit(section, pointer, to);
            } else if (entry instanceof Entry.AllScreens every) {
                EVERY_ENTRY.visit(every, pointer, to);
            } else if (entry instanceof Item item) {
                ITEM.visit(item, pointer, to);
            }
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            ITEM.collect(shapes);
            SECTION.collect(shapes);
            EVERY_ENTRY.collect(shapes);
        }
    };

    /** The entry of the map {@code menus}. */
    static final CatalogCodec.Entry<Menu> MENU = new CatalogCodec.Entry<>() {
        private final Codec<List<Entry>> entries = Codecs.list(ENTRY, Bounds.MENU);

        @Override
        public Optional<Menu> read(String id, Value value, Context context) {
            return entries.read(value, context).map(list -> new Menu(id, list));
        }

        @Override
        public Value write(Menu menu) {
            return entries.write(menu.entries());
        }

        @Override
        public Value schema(Definitions definitions) {
            return entries.schema(definitions);
        }

        @Override
        public void visit(Menu menu, String pointer, Mentions to) {
            entries.visit(menu.entries(), pointer, to);
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            entries.collect(shapes);
        }
    };

    private MenuShape() {}

    private static Shape<Badge> badge() {
        var shape = new Shape<Badge>("badge", "A small mark on an item that shows a fact.");
        var fact = shape.required(
                "fact",
                PlanCodecs.name(Noun.FACT),
                Badge::fact,
                "The fact it shows; hidden at zero, false or nothing.");
        var style = shape.field(
                "kind",
                Codecs.choice(Badge.Kind.values()),
                Badge::kind,
                Badge.Kind.AUTO,
                "How it is shown: as the fact says, or as a dot whatever the value.");
        var cap = shape.field(
                "cap",
                Codecs.whole(1, 9999),
                Badge::cap,
                Badge.DEFAULT_CAP,
                "The largest number shown; more is shown as this and a plus sign.");
        return shape.shortForm(fact).makes(got -> new Badge(got.get(fact), got.get(style), got.get(cap)));
    }

    private static Shape<Entry.Section> section() {
        var shape = new Shape<Entry.Section>("section", "Items under a heading.");
        var heading = shape.required("section", PlanCodecs.WORDS, Entry.Section::heading, "The heading.");
        var items = shape.required("items", Codecs.list(ITEM), Entry.Section::list, "The items in order.");
        var id = shape.optional(
                "id",
                PlanCodecs.ID,
                Entry.Section::id,
                "Its id in its menu, for steps that collapse it: collapse:main.ID. Default: its heading in lower case.");
        var folds = shape.field(
                "collapsible",
                Codecs.choice(Entry.Collapsible.values()),
                Entry.Section::collapsible,
                Entry.Collapsible.NEVER,
                "Whether people can collapse it in lists: never; yes, and at first it is open, or collapsed; or as a page of its own.");
        var icon = shape.optional(
                "icon", PlanCodecs.ICON, Entry.Section::icon, "The icon of its heading where it collapses.");
        return shape.makes(
                got -> new Entry.Section(got.get(heading), got.get(items), got.get(id), got.get(folds), got.get(icon)));
    }

    private static Shape<Entry.AllScreens> every() {
        var shape = new Shape<Entry.AllScreens>(
                "all-screens", "Which screens have an item. Those whose path needs parameters have none.");
        var under = shape.optional(
                "under",
                PlanCodecs.name(Noun.SCREEN),
                Entry.AllScreens::under,
                "The screen under which they stand. Default: those that stand under none.");
        var deep = shape.field(
                "deep", Codecs.FLAG, Entry.AllScreens::deep, false, "Whether those below them belong to it, too.");
        var without = shape.field(
                "except",
                Codecs.list(PlanCodecs.name(Noun.SCREEN)),
                Entry.AllScreens::except,
                List.of(),
                "The screens that have no item.");
        return shape.makes(got ->
                new Entry.AllScreens(Optional.empty(), got.get(under), got.get(deep), got.get(without), List.of()));
    }

    private static Shape<Entry.AllScreens> everyEntry() {
        var shape =
                new Shape<Entry.AllScreens>("rule", "An item for each screen that a rule takes, in the plan's order.");
        var every = shape.required("all-screens", EVERY, entry -> entry, "Which screens they are.");
        var heading = shape.optional("heading", PlanCodecs.WORDS, Entry.AllScreens::heading, "What stands above them.");
        return shape.makes(got -> new Entry.AllScreens(
                got.get(heading),
                got.get(every).under(),
                got.get(every).deep(),
                got.get(every).except(),
                List.of()));
    }

    private static Shape<Item> item() {
        var shape =
                new Shape<Item>("item", "One item of a menu; it has one of screen, web, document, signal and sets.");
        var target = new TargetFields(shape);
        var id = shape.optional(
                "id",
                PlanCodecs.ID,
                item -> item.id().equals(defaultId(item.target(), item.label()))
                        ? Optional.empty()
                        : Optional.of(item.id()),
                "Its id. Default: that of its screen or signal, or its label in lower case.");
        var label = shape.optional(
                "label",
                PlanCodecs.words(Mentions.Text.LABEL),
                Item::label,
                "What it says. Default: its screen's title.");
        var shortLabel = shape.optional(
                "short-label",
                PlanCodecs.words(Mentions.Text.LABEL),
                Item::shortLabel,
                "What it says where there is little room. Default: its label.");
        var spoken = shape.optional(
                "spoken-label",
                PlanCodecs.words(Mentions.Text.SPOKEN),
                Item::spokenLabel,
                "Its name for screen readers. Default: its label.");
        var note = shape.optional(
                "note",
                PlanCodecs.WORDS,
                Item::note,
                "What is said about it where there is room: in tiles and in lists.");
        var value = shape.optional(
                "value",
                PlanCodecs.WORDS,
                Item::value,
                "What stands at its end in lists: {free-looms}, a time, a key.");
        var icon = shape.optional("icon", PlanCodecs.ICON, Item::icon, "The name of its icon. Default: its screen's.");
        var selectedIcon = shape.optional(
                "selected-icon",
                PlanCodecs.ICON,
                Item::selectedIcon,
                "The name of its icon while it is selected. Default: the filled variant of its icon.");
        var badge = shape.optional("badge", BADGE, Item::badge, "The fact that its badge shows.");
        var tag = shape.optional(
                "tag",
                PlanCodecs.WORDS,
                Item::tag,
                "A word where a badge would stand, while none shows: New. Hidden where it comes to nothing.");
        var when = shape.optional("when", PlanCodecs.CONDITION, Item::when, "It is shown only while this holds.");
        var enabled = shape.optional(
                "enabled", PlanCodecs.CONDITION, Item::enabled, "It can be chosen only while this holds.");
        var transition = shape.optional(
                "transition",
                MotionShape.TRANSITION,
                Item::transition,
                "How its screen follows another. Default: as the screen says.");
        var slot = shape.field(
                "slot",
                Codecs.choice(Item.Slot.values()),
                Item::slot,
                Item.Slot.AUTO,
                "Whether it always stands in the bar, always in the overflow, or where there is room.");
        var visibility = PlanCodecs.visibility(shape, Item::visibility);
        var style = shape.optional(
                "style",
                StyleShape.REF,
                Item::style,
                "How it looks: the name of a shared style, or a style of its own.");
        var each = shape.optional(
                "repeat",
                PlanCodecs.name(Noun.FACT),
                item -> item.repeat().map(Item.Repeat::fact),
                "The fact that is a list: there is such an item for each of its entries. {id}, and what else is told of an entry, fill its place.");
        var most = shape.field(
                "max-items",
                Codecs.whole(Item.Repeat.MOST),
                item -> item.repeat().map(Item.Repeat::maxItems).orElse(MOST_EACH),
                MOST_EACH,
                "Of how many entries of the list at most there are items.");
        return shape.shortForm(target.screen()).mayMake(got -> {
            if (!got.has(each)) {
                got.idle(most, "only an item with \"repeat\" is repeated");
            }
            return target.of(got)
                    .map(to -> new Item(
                            got.get(id).orElseGet(() -> defaultId(to, got.get(label))),
                            to,
                            got.get(label),
                            got.get(shortLabel),
                            got.get(spoken),
                            got.get(note),
                            got.get(value),
                            got.get(icon),
                            got.get(selectedIcon),
                            got.get(badge),
                            got.get(tag),
                            got.get(when),
                            got.get(enabled),
                            got.get(transition),
                            got.get(slot),
                            visibility.apply(got),
                            got.get(style),
                            got.get(each).map(fact -> new Item.Repeat(fact, got.get(most))),
                            Optional.empty()));
        });
    }

    /** The id of an item that gives none. */
    static String defaultId(Target target, Optional<Words> label) {
        if (target instanceof Target.ToScreen to) {
            return to.place().screen();
        }
        if (target instanceof Target.ToApp to) {
            return to.name();
        }
        String named = target instanceof Target.ToFact to
                ? to.named()
                : target instanceof Target.ToWeb to ? to.address() : ((Target.ToDocument) target).file();
        return Ids.slug(label.map(words -> words.in(Words.ANY).source()).orElse(named));
    }
}
