package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * What is drawn, in every language: texts are whole, nothing covers anything else or leaves the window, and the content has room.
 * Looked at are the start screen, on every preset device and the plan's own; and, on the narrowest of each kind, the screens with
 * the widest titles, and the start screen with each menu open.
 */
final class DrawnRules {
    /** The narrowest window that is looked at, in dp. */
    private static final double LEAST_WINDOW = 320;

    /** Menus with more items, languages counted, are looked at closed in all languages, and open in one. */
    private static final int MOST_ITEMS = 20_000;

    private final Subject subject;
    private final Plan plan;
    private final Walk walk;
    private final TextMeasure measure = new PlainMeasure();
    private final DrawnColours colours;
    private final CutTexts texts;
    private final Samples samples;
    private final BoxRules boxes;

    private DrawnRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
        this.walk = Walk.of(plan);
        this.colours = new DrawnColours(subject, measure);
        this.texts = new CutTexts(subject, measure);
        this.boxes = new BoxRules(subject);
        this.samples = Samples.of(plan);
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
        for (Device device : Device.presets(plan)) {
            Fitter.fit(walk, device, start, languages).forEach(fitting -> look(fitting, start));
        }
        List<State> openings = openings(walk);
        Map<String, List<State>> titles = titles(start, few);
        for (Device device : devices(plan)) {
            openings.forEach(state -> open(Fitter.fit(walk, device, state, few), state));
            titles.forEach((language, states) -> states.forEach(state ->
                    Fitter.fit(walk, device, state, List.of(language)).forEach(fitting -> look(fitting, state))));
        }
        colours.tell();
        texts.tell();
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
        plan.deviceKinds().forEach(kind -> from.add(Math.max(LEAST_WINDOW, kind.from())));
        plan.bars().forEach(bar -> {
            bar.visibility().minWindowWidth().ifPresent(from::add);
            bar.visibility().maxWindowWidth().ifPresent(from::add);
        });
        for (double width : from) {
            var device = new Device("window", width, 800, Insets.NONE);
            Fitting fitting = Fitter.fit(walk, device, start);
            boolean leads = fitting.bars().stream()
                            .anyMatch(bar -> !bar.items().isEmpty()
                                    || !bar.apart().isEmpty()
                                    || !bar.buttons().isEmpty())
                    || fitting.content().rows().stream()
                            .anyMatch(row -> row.to().isPresent());
            if (!leads) {
                Double next = from.higher(width);
                subject.tell(
                        Code.NO_NAVIGATION,
                        "/bars",
                        "In a window of " + Decimals.text(width) + " dp"
                                + (next == null ? " or more" : " to " + Decimals.text(next) + " dp")
                                + ", no bar on the start screen leads anywhere.",
                        "Show a bar there too, or give one a form for that width.");
                return;
            }
        }
    }

    /** The screens with the widest titles in each language: one with a way back, and one without. */
    private Map<String, List<State>> titles(State start, List<String> languages) {
        var out = new LinkedHashMap<String, List<State>>();
        List<Screen> screens = plan.screens().stream()
                .filter(screen -> walk.problem(samples.place(screen)).isEmpty())
                .collect(toList());
        for (String language : languages) {
            out.put(
                    language,
                    Stream.of(true, false)
                            .flatMap(isBelow -> screens.stream()
                                    .filter(screen -> screen.under().isPresent() == isBelow)
                                    .max(Comparator.comparingDouble(screen -> width(screen, start, language)))
                                    .stream())
                            .map(screen -> walk.arriveAt(start, samples.place(screen)))
                            .filter(state -> !state.equals(start))
                            .collect(toList()));
        }
        return out;
    }

    private double width(Screen screen, State state, String language) {
        return measure.width(Fitter.title(plan, samples.place(screen), state, language), Type.semibold(17));
    }

    /** Colours are the same in every language. */
    private void open(List<Fitting> fitted, State state) {
        fitted.forEach(fitting -> look(fitting, state));
        colours.look(fitted.get(0), state);
    }

    private void look(Fitting fitting, State state) {
        Layout layout = Layouter.layOut(fitting, measure);
        layout.bars().forEach(bar -> {
            texts.look(bar, fitting);
            boxes.look(bar, state, layout, fitting);
        });
        if (state.open().isEmpty()) {
            boxes.content(layout, fitting);
        }
    }

    /** One device of each kind, the narrowest preset where there is one. */
    static List<Device> devices(Plan plan) {
        var byKind = new HashMap<String, Device>();
        Device.presets(plan).stream()
                .sorted(Comparator.comparingDouble(Device::width))
                .forEach(device -> byKind.putIfAbsent(DeviceKind.at(plan.deviceKinds(), device.width()), device));
        return plan.deviceKinds().stream()
                .map(kind -> byKind.getOrDefault(
                        kind.id(), new Device("window", Math.max(320, kind.from()), 800, Insets.NONE)))
                .collect(toList());
    }

    /** The start, the start with every flag turned, as for somebody who is signed in, and the start with each menu open. */
    private static List<State> openings(Walk walk) {
        State start = walk.start();
        var out = new LinkedHashSet<State>();
        out.add(start);
        Map<String, FactValue> turned = new HashMap<>();
        start.facts().forEach((fact, value) -> {
            if (value instanceof FactValue.Flag flag) {
                turned.put(fact, new FactValue.Flag(!flag.on()));
            }
        });
        if (!turned.isEmpty()) {
            out.add(walk.step(start, new Step.TellAll(turned)).after());
        }
        walk.plan().bars().forEach(bar -> {
            out.add(walk.step(start, new Step.Toggle(bar.id())).after());
            out.add(walk.step(start, new Step.Toggle(Step.Toggle.overflow(bar.id())))
                    .after());
        });
        return List.copyOf(out);
    }
}
