package org.yonderarc.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Visible;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * What is drawn, in every language: texts are whole, nothing covers anything else or leaves the window, and the content has room.
 * Looked at are the start screen, on every preset device and the plan's own; and, on the narrowest of each kind, the screens with
 * the widest titles, and the start screen with each menu open.
 */
final class DrawnRules {
    /** The least that a finger can hit, in dp (WCAG 2.2, 2.5.8). */
    private static final double NARROWEST = 24;
    /** The least width and height of a screen's content, in dp. */
    private static final double LEAST_WIDTH = 200;

    private static final double LEAST_HEIGHT = 120;
    /** What two things may share, in dp, before one covers the other. */
    private static final double SHARED = 1;
    /** The narrowest window that is looked at, in dp. */
    private static final double LEAST_WINDOW = 320;

    private static final String SAY_LESS = "Say it in fewer words.";
    /** Menus with more items, languages counted, are looked at closed in all languages, and open in one. */
    private static final int MOST_ITEMS = 20_000;

    private final Subject subject;
    private final Plan plan;
    private final Walk walk;
    private final TextMeasure measure = new PlainMeasure();
    private final Map<String, Subject.PlacedItem> items = new HashMap<>();
    private final Map<String, Cut> cut = new LinkedHashMap<>();
    private final Set<String> told = new HashSet<>();

    /** A text that is cut off: what it says, in which language, where, and how much wider it is, in dp. */
    private record Cut(
            Code code, String pointer, String text, String language, Device device, double over, String remedy) {}

    private DrawnRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
        this.walk = Walk.of(plan);
        subject.items().forEach(placed -> items.putIfAbsent(placed.item().id(), placed));
    }

    static void look(Subject subject) {
        new DrawnRules(subject).look();
    }

    private void look() {
        List<String> own = plan.app().languages();
        List<String> languages = own.isEmpty() ? List.of(Words.ANY) : own;
        boolean isLarge = (long) subject.items().size() * languages.size() > MOST_ITEMS;
        List<String> few = isLarge ? languages.subList(0, 1) : languages;
        State start = walk.start();
        widths(start);
        Map<String, List<State>> titles = titles(start, few);
        List<State> opened = DrawnStates.openings(walk).stream()
                .filter(state -> !state.equals(start))
                .toList();
        Device.presets(plan).forEach(device -> fit(device, start, languages));
        for (Device device : DrawnStates.devices(plan)) {
            opened.forEach(state -> fit(device, state, few));
            titles.forEach((language, states) -> states.forEach(state -> fit(device, state, List.of(language))));
        }
        cut.values()
                .forEach(found -> subject.tell(
                        found.code,
                        found.pointer,
                        "\"" + found.text + "\"" + (found.language.isEmpty() ? "" : " in " + found.language)
                                + " is about "
                                + (int) Math.ceil(found.over) + " dp wider than its room on " + found.device.id()
                                + ", and is cut off there.",
                        found.remedy));
    }

    /** Widths of a window in which nothing shows that leads anywhere. */
    private void widths(State start) {
        long roots = plan.items()
                .filter(item -> item.screen().isPresent())
                .map(Item::screen)
                .distinct()
                .count();
        if (roots < 2) {
            return;
        }
        var from = new TreeSet<>(Set.of(LEAST_WINDOW));
        plan.kinds().forEach(kind -> from.add(Math.max(LEAST_WINDOW, kind.from())));
        plan.bars().forEach(bar -> {
            bar.visibility().minWidth().ifPresent(from::add);
            bar.visibility().maxWidth().ifPresent(from::add);
        });
        for (double width : from) {
            var device = new Device("window", width, 800, Insets.NONE);
            Fitting fitting = Fitter.fit(walk, device, start);
            boolean leads = fitting.bars().stream()
                            .anyMatch(bar -> !bar.items().isEmpty()
                                    || !bar.apart().isEmpty()
                                    || !bar.buttons().isEmpty())
                    || fitting.rows().stream().anyMatch(Optional::isPresent);
            if (!leads) {
                Double next = from.higher(width);
                subject.tell(
                        Code.NO_NAVIGATION,
                        "/bars",
                        "In a window of " + Decimals.text(width) + " dp"
                                + (next == null ? " or more" : " to " + Decimals.text(next) + " dp")
                                + ", no bar on the start screen leads anywhere.",
                        "Let a bar show there too, or give it a form for that width.");
                return;
            }
        }
    }

    /** The screens with the widest titles in each language: one with a way back, and one without. */
    private Map<String, List<State>> titles(State start, List<String> languages) {
        var out = new LinkedHashMap<String, List<State>>();
        List<Screen> screens = plan.screens().stream()
                .filter(screen -> screen.path().required().isEmpty())
                .filter(screen -> walk.problem(Place.of(screen.id())).isEmpty())
                .toList();
        for (String language : languages) {
            out.put(
                    language,
                    Stream.of(true, false)
                            .flatMap(isBelow -> screens.stream()
                                    .filter(screen -> screen.under().isPresent() == isBelow)
                                    .max(Comparator.comparingDouble(screen -> width(screen, start, language)))
                                    .stream())
                            .map(screen -> walk.arriveAt(start, Place.of(screen.id())))
                            .filter(state -> !state.equals(start))
                            .toList());
        }
        return out;
    }

    private double width(Screen screen, State state, String language) {
        return measure.width(Fitter.title(plan, Place.of(screen.id()), state, language), Type.semibold(17));
    }

    private void fit(Device device, State state, List<String> languages) {
        for (Fitting fitting : Fitter.fit(walk, device, state, languages)) {
            Layout layout = Layouter.layOut(fitting, measure);
            layout.bars().forEach(bar -> bar(bar, state, layout, fitting));
            if (state.open().isEmpty()) {
                content(layout, fitting);
            }
        }
    }

    private void bar(Layout.Bar bar, State state, Layout layout, Fitting fitting) {
        bar.slots().forEach(slot -> label(slot, fitting));
        texts(bar, fitting);
        targets(bar, fitting);
        pushedOut(bar.fitted(), state, fitting);
        covers(bar, layout, fitting);
    }

    private void title(FittedBar bar, TextLine line, Fitting fitting) {
        boolean isName = bar.title().equals(plan.app().name()) && !bar.title().equals(fitting.title());
        cut(
                line,
                bar.title(),
                isName
                        ? "/app/name"
                        : Subject.pointer("screens", fitting.place().screen(), "title"),
                fitting,
                Code.TEXT_CUT,
                "Say it in fewer words, or let fewer actions stand beside it.");
    }

    /** The pointer to a bar. */
    private String at(FittedBar bar) {
        return subject.bar(plan.bars().stream().map(Bar::id).toList().indexOf(bar.id()));
    }

    private void label(Layout.Slot slot, Fitting fitting) {
        FittedItem item = slot.item();
        Subject.PlacedItem placed = items.get(item.id());
        if (placed == null) {
            return;
        }
        String at = placed.pointer();
        cut(
                slot.label(),
                item.brief(),
                at,
                fitting,
                Code.LABEL_TOO_WIDE,
                "Set \"short\", a label for narrow bars, or show fewer items.");
        cut(slot.body().note(), item.note(), at + "/note", fitting, Code.TEXT_CUT, SAY_LESS);
        slot.body().value().ifPresent(line -> cut(line, item.value(), at + "/value", fitting, Code.TEXT_CUT, SAY_LESS));
    }

    /** Headings stand in the menu, the person and what stands below the title in the bar. */
    private void texts(Layout.Bar bar, Fitting fitting) {
        FittedBar fitted = bar.fitted();
        Layout.Head head = bar.head();
        head.title().ifPresent(line -> title(fitted, line, fitting));
        head.note().ifPresent(line -> cut(line, fitted.note(), at(fitted), fitting, Code.TEXT_CUT, SAY_LESS));
        head.face()
                .ifPresent(face -> List.of(face.person().title(), face.person().note())
                        .forEach(full -> cut(
                                face.texts().stream()
                                        .filter(line -> full.contains(start(line)))
                                        .toList(),
                                full,
                                at(fitted),
                                fitting,
                                Code.TEXT_CUT,
                                SAY_LESS)));
        bar.list().headings().forEach(line -> fitted.lines().stream()
                .flatMap(one -> one.heading().stream())
                .filter(heading -> heading.startsWith(start(line)))
                .findFirst()
                .ifPresent(heading -> cut(line, heading, at(fitted), fitting, Code.TEXT_CUT, SAY_LESS)));
    }

    /** What is left of a text that is cut off. */
    private static String start(TextLine line) {
        return TextFit.isShortened(line.text())
                ? line.text().substring(0, line.text().length() - 1)
                : line.text();
    }

    /** The worst of all the places where a text is cut off. */
    private void cut(TextLine line, String full, String pointer, Fitting fitting, Code code, String remedy) {
        cut(List.of(line), full, pointer, fitting, code, remedy);
    }

    private void cut(List<TextLine> lines, String full, String pointer, Fitting fitting, Code code, String remedy) {
        if (lines.stream().noneMatch(line -> TextFit.isShortened(line.text()) && !full.contains(line.text()))) {
            return;
        }
        double over = measure.width(full, lines.get(0).type())
                - lines.stream().mapToDouble(TextLine::width).sum();
        String key = pointer + " " + full;
        Cut before = cut.get(key);
        if (over > 0 && (before == null || over > before.over)) {
            String language = plan.app().languages().isEmpty() ? "" : fitting.language();
            cut.put(key, new Cut(code, pointer, full, language, fitting.device(), over, remedy));
        }
    }

    /** Items that have hardly any room, because what stands around them takes it. */
    private void targets(Layout.Bar bar, Fitting fitting) {
        double narrowest = bar.slots().stream()
                .mapToDouble(slot -> slot.target().width())
                .min()
                .orElse(NARROWEST);
        if (narrowest < NARROWEST && told.add("target " + bar.fitted().id())) {
            subject.tell(
                    Code.SMALL_TARGET,
                    at(bar.fitted()),
                    "On " + fitting.device().id() + ", items of the bar \""
                            + bar.fitted().id() + "\" are " + (int) narrowest + " dp wide.",
                    "Let it float nearer to the edges, or make what stands in it smaller.");
        }
    }

    /** Items that were to stand in the bar itself, and are in its overflow. */
    private void pushedOut(FittedBar bar, State state, Fitting fitting) {
        if (bar.items().stream().noneMatch(FittedItem::isOverflow)) {
            return;
        }
        var standing = Stream.concat(bar.items().stream(), bar.apart().stream())
                .map(FittedItem::id)
                .collect(Collectors.toSet());
        Menu menu = plan.bars().stream()
                .filter(one -> one.id().equals(bar.id()))
                .flatMap(one -> one.menu().stream())
                .findFirst()
                .map(plan.menus()::get)
                .orElseThrow();
        var visible = new Visible(plan, fitting.device(), fitting.place(), state);
        visible.items(menu).stream()
                .filter(item ->
                        item.slot() == Item.Slot.BAR || bar.form().named().contains(item.id()))
                .filter(item -> !standing.contains(item.id()))
                .filter(item -> items.containsKey(item.id()) && told.add("out " + bar.id() + " " + item.id()))
                .forEach(item -> subject.tell(
                        Code.PUSHED_OUT,
                        items.get(item.id()).pointer(),
                        "On " + fitting.device().id() + ", the bar \"" + bar.id() + "\" has no room for \"" + item.id()
                                + "\": it goes to the overflow.",
                        "Let fewer items be wanted in the bar itself, or show another form there."));
    }

    /** Something that stands in a bar, and what a message calls it. */
    private record Thing(String name, Box box, boolean isItem) {}

    /** Of each bar, the first device on which something covers something else, or leaves the window. */
    private void covers(Layout.Bar bar, Layout layout, Fitting fitting) {
        String id = bar.fitted().id();
        if (told.contains("covers " + id)) {
            return;
        }
        List<Thing> things = things(bar);
        String on =
                "On " + fitting.device().id() + ", " + (fitting.bars().isEmpty() ? "" : "in the bar \"" + id + "\", ");
        for (int i = 0; i < things.size(); i++) {
            Thing thing = things.get(i);
            Optional<Thing> other = things.subList(0, i).stream()
                    .filter(before -> !(thing.isItem && before.isItem) && shared(thing.box, before.box) > SHARED)
                    .findFirst();
            boolean isOutside = thing.box.x() < -SHARED
                    || thing.box.right() > layout.screen().right() + SHARED;
            if (other.isPresent() || isOutside) {
                told.add("covers " + id);
                subject.tell(
                        Code.OVERLAP,
                        at(bar.fitted()),
                        on
                                + thing.name
                                + (isOutside ? " reaches out of the window." : " lies over " + other.get().name + "."),
                        "Show less in it there, or make what stands in it smaller.");
                return;
            }
        }
    }

    private static double shared(Box a, Box b) {
        double width = Math.min(a.right(), b.right()) - Math.max(a.x(), b.x());
        double height = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        return width > 0 && height > 0 ? Math.min(width, height) : 0;
    }

    private static List<Thing> things(Layout.Bar bar) {
        var out = new ArrayList<Thing>();
        Layout.ItemList list = bar.list();
        list.slots().stream()
                .filter(slot -> !list.clips() || list.view().contains(slot.target()))
                .forEach(slot -> out.add(new Thing("the item \"" + slot.item().label() + "\"", slot.target(), true)));
        bar.apart()
                .forEach(slot -> out.add(new Thing("the item \"" + slot.item().label() + "\"", slot.target(), false)));
        bar.buttons()
                .forEach(button ->
                        out.add(new Thing("the button \"" + button.fitted().name() + "\"", button.target(), false)));
        Layout.Head head = bar.head();
        head.title().ifPresent(line -> out.add(new Thing("the title", line.box(), false)));
        head.note().ifPresent(line -> out.add(new Thing("the subtitle", line.box(), false)));
        head.face().ifPresent(face -> out.add(new Thing("the person", face.picture(), false)));
        head.face().ifPresent(face -> face.texts()
                .forEach(line -> out.add(new Thing("the person's name", line.box(), false))));
        return out;
    }

    private void content(Layout layout, Fitting fitting) {
        Box content = layout.content();
        boolean isNarrow = content.width() < LEAST_WIDTH && layout.screen().width() > LEAST_WIDTH;
        if (!isNarrow && content.height() >= LEAST_HEIGHT) {
            return;
        }
        // The bar that takes most of it is the one to mend.
        layout.bars().stream()
                .max(Comparator.comparingDouble(bar -> isNarrow
                        ? bar.box().height() < layout.screen().height() / 2
                                ? 0
                                : bar.box().width()
                        : bar.box().width() < layout.screen().width() / 2
                                ? 0
                                : bar.box().height()))
                .filter(bar -> told.add("content " + bar.fitted().id()))
                .ifPresent(bar -> subject.tell(
                        Code.LITTLE_ROOM,
                        at(bar.fitted()),
                        "On " + fitting.device().id() + ", the bars leave the content "
                                + (int) (isNarrow ? content.width() : content.height()) + " dp of "
                                + (int)
                                        (isNarrow
                                                ? layout.screen().width()
                                                : layout.screen().height())
                                + (isNarrow ? " in width." : " in height."),
                        "Make the bar \"" + bar.fitted().id() + "\" " + (isNarrow ? "narrower" : "lower")
                                + ", or let it open over the content."));
    }
}
