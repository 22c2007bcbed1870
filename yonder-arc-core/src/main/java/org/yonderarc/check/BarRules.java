package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.form.Forms;
import org.yonderarc.form.Looks;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Titles;
import org.yonderarc.plan.Words;

/** Bars as people see them: on each device kind, with the items that show there. */
final class BarRules {
    private BarRules() {}

    static void clashes(Subject subject) {
        List<Bar> bars = subject.plan().bars();
        List<BitSet> screens =
                bars.stream().map(bar -> screens(subject.plan(), bar)).collect(toList());
        for (int i = 0; i < bars.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (screens.get(i).intersects(screens.get(j))) {
                    clash(subject, bars.get(j), bars.get(i), subject.bar(i));
                }
            }
        }
    }

    /** The screens on which a bar stands, by their places in the plan. */
    private static BitSet screens(Plan plan, Bar bar) {
        var on = new BitSet();
        int index = 0;
        for (Screen screen : plan.screens()) {
            on.set(index++, stands(plan, bar, screen));
        }
        return on;
    }

    private static void clash(Subject subject, Bar other, Bar bar, String pointer) {
        Plan plan = subject.plan();
        List<DeviceKind> kinds = plan.deviceKinds().stream()
                .filter(kind -> edge(bar, kind).isPresent() && edge(bar, kind).equals(edge(other, kind)))
                .filter(kind -> bar.visibility().meets(other.visibility(), kind, kind.end(plan.deviceKinds())))
                .collect(toList());
        if (!kinds.isEmpty()) {
            Form.Edge edge = edge(bar, kinds.get(0)).orElseThrow();
            boolean isNested = !bar.within().equals(other.within());
            boolean arePanels = kinds.stream().allMatch(kind -> isPanel(bar, kind) && isPanel(other, kind));
            boolean takesOver = edge == Form.Edge.UPPER
                    && (bar.within().isEmpty() ? other : bar).menu().isPresent();
            if (isNested && takesOver) {
                // The header of the part, with its items, stands in the place of the other.
                return;
            }
            if (isNested
                    && edge != Form.Edge.UPPER
                    && !arePanels
                    && kinds.stream().allMatch(kind -> hasHeader(plan, kind))) {
                // The bar of the part takes the place of the other, and the top bar leads out of the part.
                return;
            }
            Code code = isNested && edge == Form.Edge.UPPER
                    ? Code.TWO_HEADERS
                    : isNested && arePanels ? Code.NESTED_DRAWERS : Code.BAR_CLASH;
            subject.tell(
                    code,
                    pointer,
                    "The bars \"" + other.id() + "\" and \"" + bar.id() + "\" both stand at the " + edge.words() + " "
                            + Subject.on(kinds) + ".",
                    (edge == Form.Edge.LEADING ? "Put one at the trailing edge, remove" : "Remove")
                            + " one of them, or show them on different device kinds or screens.");
        }
    }

    private static boolean hasHeader(Plan plan, DeviceKind kind) {
        return plan.bars().stream()
                .anyMatch(bar -> bar.form(kind.id()).filter(Form::isHeader).isPresent()
                        && bar.within().isEmpty());
    }

    private static boolean isPanel(Bar bar, DeviceKind kind) {
        return bar.form(kind.id()).filter(Form::isPanel).isPresent();
    }

    /** The item with which a part starts is one of its bar's. */
    static void first(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++) + "/default-item";
            List<String> items = bar.menu().flatMap(subject.plan().menus()::find).stream()
                    .flatMap(menu -> menu.items().stream())
                    .map(Item::id)
                    .collect(toList());
            if (bar.defaultItem().isPresent() && bar.within().isEmpty()) {
                subject.tell(
                        Code.BAD_VALUE,
                        pointer,
                        "\"default-item\" says where a part starts, but the bar \"" + bar.id()
                                + "\" stands everywhere.",
                        "Add \"within: ...\", or remove it.");
            } else if (bar.defaultItem().filter(id -> !items.contains(id)).isPresent()) {
                subject.unknown(
                        Code.UNKNOWN_ITEM,
                        pointer,
                        "item of this bar",
                        bar.defaultItem().get(),
                        items,
                        "Name an item of the bar's own menu.");
            }
        }
    }

    static void logos(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            boolean wantsLogo = bar.forms().values().stream().anyMatch(Forms::showsLogo);
            List<String> missing = Stream.of(Scheme.values())
                    .filter(scheme -> !subject.plan().app().logos().containsKey(scheme))
                    .map(Scheme::word)
                    .collect(toList());
            if (wantsLogo && !missing.isEmpty()) {
                subject.tell(
                        Code.MISSING_LOGO,
                        pointer,
                        "The bar \"" + bar.id() + "\" shows the logo, but the app has none in the "
                                + String.join(" and the ", missing) + " scheme.",
                        "Write \"app: { logo: { light: ..., dark: ... } }\", or one file for both.");
            }
        }
    }

    /** The edge at which a bar stands on a device kind; no value where others may stand there, too. */
    private static Optional<Form.Edge> edge(Bar bar, DeviceKind kind) {
        return bar.form(kind.id()).map(Form::edge).filter(edge -> edge != Form.Edge.CONTENT);
    }

    private static boolean stands(Plan plan, Bar bar, Screen screen) {
        return screen.bars().shows(bar.id())
                && bar.within().map(top -> plan.isWithin(screen.id(), top)).orElse(true);
    }

    static void items(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            idle(subject, bar, pointer);
            var told = new ArrayList<Code>();
            for (DeviceKind kind : subject.plan().deviceKinds()) {
                bar.form(kind.id())
                        .filter(form -> subject.mayShow(bar.visibility(), kind))
                        .ifPresent(form -> form(subject, bar, form, kind, pointer, told));
            }
        }
    }

    /** Each form once, however many device kinds have it. */
    private static void idle(Subject subject, Bar bar, String pointer) {
        var told = new HashSet<Form>();
        if (bar.spokenLabel().isPresent() && bar.menu().isEmpty()) {
            subject.tell(
                    Code.NO_EFFECT,
                    pointer + "/spoken-label",
                    "In the bar \"" + bar.id()
                            + "\", \"spoken-label\" has no effect: it shows no menu, and screen readers call it by its title.",
                    "Leave it out.");
        }
        bar.forms().forEach((kind, form) -> {
            if (told.add(form)) {
                form.idle(hasItems(subject, bar, form))
                        .forEach((key, why) -> subject.tell(
                                Code.NO_EFFECT,
                                inForm(pointer, kind, key),
                                "In the " + form.kind().word() + " form of the bar \"" + bar.id() + "\", \""
                                        + key.replace('/', '.') + "\" has no effect: " + why + ".",
                                "Leave it out, or change the other."));
            }
        });
    }

    /** Whether items of its menu stand in a form wherever it shows, beside those that it names itself. */
    private static boolean hasItems(Subject subject, Bar bar, Form form) {
        return subject.plan().deviceKinds().stream()
                .filter(kind -> bar.form(kind.id()).equals(Optional.of(form)))
                .allMatch(kind -> subject.shown(bar, kind).items().stream()
                        .map(Subject.PlacedItem::item)
                        .anyMatch(item -> item.when().isEmpty()
                                && !form.named().contains(item.id())
                                && !form.ofPerson().equals(Optional.of(item.id()))));
    }

    /** Where a key of a form stands: beside the bar's own keys, or in the form of a device kind. */
    private static String inForm(String pointer, String kind, String key) {
        return pointer + (kind.equals(Bar.ANY_KIND) ? "" : "/forms/" + kind) + "/" + key;
    }

    private static void form(Subject subject, Bar bar, Form form, DeviceKind kind, String pointer, List<Code> told) {
        ShownItems shown = subject.shown(bar, kind);
        if (form.named().size() > Forms.mostNamed(form)) {
            once(
                    subject,
                    told,
                    Code.TOO_MANY_ACTIONS,
                    pointer,
                    "The " + form.kind().word() + " bar has " + form.named().size() + " actions.",
                    "Keep the three that matter most, and put the others into a menu.");
        }
        form.typed()
                .flatMap(fact -> subject.plan().facts().find(fact))
                .filter(fact -> !(fact.initial() instanceof FactValue.Text))
                .ifPresent(fact -> once(
                        subject,
                        told,
                        Code.FILTER_TYPE,
                        inForm(pointer, bar.forms().containsKey(kind.id()) ? kind.id() : Bar.ANY_KIND, "filter"),
                        "People type into the field of the bar \"" + bar.id() + "\", but \"" + fact.id() + "\" is "
                                + fact.initial().kind() + ".",
                        "Name a fact that is a text: \"wanted: ''\"."));
        if (!form.showsMenu()) {
            return;
        }
        if (shown.items().size() == 1) {
            once(
                    subject,
                    told,
                    Code.ONE_ITEM,
                    pointer,
                    "On a " + kind.id() + ", the bar \"" + bar.id() + "\" has one item.",
                    "Add a second item, or remove the bar.");
        }
        if (shown.count() > Forms.mostAtOnce(form)) {
            once(
                    subject,
                    told,
                    Code.TOO_MANY_ITEMS,
                    pointer,
                    "On a " + kind.id() + ", the bar \"" + bar.id() + "\" has " + shown.count() + " items.",
                    "Keep at most " + Forms.mostAtOnce(form) + ", or use a drawer.");
        }
        icons(subject, bar, form, shown, pointer, told);
    }

    private static void icons(Subject subject, Bar bar, Form form, ShownItems shown, String pointer, List<Code> told) {
        List<String> without = shown.withoutIcon();
        int count = shown.items().size();
        if (!without.isEmpty() && without.size() < count && !told.contains(Code.SOME_ICONS)) {
            once(
                    subject,
                    told,
                    Code.SOME_ICONS,
                    pointer,
                    "In the bar \"" + bar.id() + "\" these items have no icon: " + String.join(", ", without) + ".",
                    "Give every item an icon, or none.");
        }
        boolean iconsOnly = form.labelled().equals(Optional.of(Form.Labels.NONE));
        if (iconsOnly && without.size() == count && count > 0) {
            once(
                    subject,
                    told,
                    Code.NO_ICON,
                    pointer,
                    "The bar \"" + bar.id() + "\" shows neither labels nor icons.",
                    "Give its items icons, or show their labels.");
        }
        twins(subject, bar, shown, told);
        shown.alike()
                .ifPresent(alike -> once(
                        subject,
                        told,
                        Code.SAME_ICON,
                        pointer,
                        "In the bar \"" + bar.id() + "\", " + alike.first() + " and " + alike.second()
                                + " have the same icon \"" + alike.icon() + "\".",
                        "Give one of them another icon."));
    }

    /** Icons of items that can be selected have a filled variant for it. */
    private static void twins(Subject subject, Bar bar, ShownItems shown, List<Code> told) {
        if (told.contains(Code.NO_FILLED_ICON)) {
            return;
        }
        var fills = new HashMap<Optional<Style.Ref>, Boolean>();
        shown.withoutTwin().stream()
                .filter(placed ->
                        fills.computeIfAbsent(placed.item().style(), style -> fills(subject, bar, placed.item())))
                .findFirst()
                .ifPresent(placed -> once(
                        subject,
                        told,
                        Code.NO_FILLED_ICON,
                        subject.iconPointer(placed),
                        "The icon \"" + subject.icon(placed.item()).orElseThrow() + "\" of "
                                + Titles.of(subject.plan(), placed.item()) + " has no filled variant.",
                        "Choose an icon that has one, or set \"selected-icon\"."));
    }

    /** Whether a bar shows an item's icon filled while it is selected. */
    private static boolean fills(Subject subject, Bar bar, Item item) {
        return bar.forms().values().stream().filter(Form::showsMenu).anyMatch(form -> Looks.of(
                        subject.plan(), form, Optional.of(item))
                .isFilled(true));
    }

    /** Tells each kind of finding once for a bar: on the other device kinds it would only be repeated. */
    private static void once(
            Subject subject, List<Code> told, Code code, String pointer, String message, String remedy) {
        if (!told.contains(code)) {
            told.add(code);
            subject.tell(code, pointer, message, remedy);
        }
    }

    static void hidden(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            boolean shown =
                    subject.plan().deviceKinds().stream().anyMatch(kind -> subject.mayShow(item.visibility(), kind));
            if (!shown) {
                subject.tell(
                        Code.HIDDEN_EVERYWHERE,
                        placed.pointer(),
                        "The item " + Titles.of(subject.plan(), item) + " shows on no device.",
                        "Show it on at least one device kind, or remove it.");
            }
            boolean nameless =
                    item.spokenLabel().or(item::label).filter(BarRules::isBlank).isPresent();
            if (nameless) {
                subject.tell(
                        Code.NO_NAME,
                        placed.pointer(),
                        "The item \"" + item.id() + "\" has no name.",
                        "Write what it is called in \"spoken-label\"; it is read aloud, not shown.");
            }
        }
    }

    private static boolean isBlank(Words words) {
        return words.byLanguage().values().stream()
                .allMatch(template -> template.source().isBlank());
    }
}
