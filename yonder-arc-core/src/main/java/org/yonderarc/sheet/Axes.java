package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Interaction;
import org.yonderarc.form.FormHome;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The axes that sheets can have. To add one, list it in {@link #KNOWN}. */
public final class Axes {
    /** How an axis is made of the values that were asked for. */
    private interface Maker {
        Axis make(Axes asked, String name);
    }

    private static final Map<String, Maker> KNOWN = known();

    private static Map<String, Maker> known() {
        var known = new LinkedHashMap<String, Maker>();
        known.put("device", Axes::devices);
        known.put("scheme", (asked, name) -> asked.words(name, Scheme.values(), Shot::with));
        known.put("screen", Axes::screens);
        known.put("state", Axes::states);
        known.put("form", Axes::forms);
        known.put(
                "labels",
                (asked, name) -> asked.words(
                        name, Form.Labels.values(), (shot, value) -> changed(shot, form -> form.withLabels(value))));
        known.put(
                "icon-position",
                (asked, name) -> asked.words(
                        name,
                        Form.IconPosition.values(),
                        (shot, value) -> changed(shot, form -> form.withIconPosition(value))));
        known.put("icon-fill", Axes::iconStyles);
        known.put(
                "indicator",
                (asked, name) -> asked.words(
                        name, Indicator.Kind.values(), (shot, kind) -> restyled(shot, Style.of(Indicator.of(kind)))));
        known.put("contrast", Axes::contrasts);
        known.put("text-scale", Axes::scales);
        known.put("language", Axes::languages);
        known.put("scroll", Axes::scrolls);
        known.put("fact", Axes::facts);
        known.put("open", Axes::openings);
        known.put("collapse", Axes::collapses);
        return Collections.unmodifiableMap(known);
    }

    /** What axes were called in earlier versions. */
    private static final Map<String, String> EARLIER =
            Map.of("icons", "icon-position", "icon-style", "icon-fill", "fold", "collapse");

    /** Their names. */
    public static final List<String> NAMES = List.copyOf(KNOWN.keySet());

    /** The value of the axis {@code form} for no bar at all. */
    private static final String NO_FORM = "none";

    private final Plan plan;
    private final List<String> only;

    private Axes(Shot base, List<String> only) {
        this.plan = base.plan();
        this.only = only;
    }

    /**
     * The axis that a text names: {@code scheme}, or with its values {@code device=phone,500x700}.
     *
     * @throws IllegalArgumentException with the reason, if there is no such axis or value
     */
    public static Axis parse(String text, Shot base) {
        int equals = text.indexOf('=');
        String name = equals < 0 ? text : text.substring(0, equals);
        List<String> only =
                equals < 0 ? List.of() : List.of(text.substring(equals + 1).split(","));
        Maker maker = KNOWN.get(EARLIER.getOrDefault(name, name));
        if (maker == null) {
            throw new IllegalArgumentException("there is no axis \"" + name + "\". "
                    + Suggestion.sentence(name, NAMES, "An axis is one of " + String.join(", ", NAMES) + "."));
        }
        return maker.make(new Axes(base, only), name);
    }

    /** The values asked for, each of which has to be known; else the usual ones. */
    private Axis named(String axis, List<String> known, List<String> usual, BiFunction<Shot, String, Shot> apply) {
        for (String value : only) {
            if (!known.contains(value)) {
                throw new IllegalArgumentException("\"" + axis + "\" has no value \"" + value + "\". "
                        + Suggestion.sentence(value, known, "It has " + String.join(", ", known) + "."));
            }
        }
        return of(axis, only.isEmpty() ? usual : only, apply);
    }

    /** An axis of these values; each picture says of which axis its value is. */
    private static Axis of(String axis, List<String> values, BiFunction<Shot, String, Shot> apply) {
        return new Axis(
                axis,
                values.stream()
                        .map(value -> new Axis.Choice(caption(axis, value), shot -> apply.apply(shot, value)))
                        .collect(toList()));
    }

    private static String caption(String axis, String value) {
        return axis.replace('-', ' ') + ": " + value.replace('-', ' ');
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private <E extends Enum<E>> Axis words(String name, E[] values, BiFunction<Shot, E, Shot> apply) {
        var byWord = new LinkedHashMap<String, E>();
        Stream.of(values).forEach(value -> byWord.put(word(value), value));
        List<String> words = List.copyOf(byWord.keySet());
        return named(name, words, words, (shot, word) -> apply.apply(shot, byWord.get(word)));
    }

    private Axis devices(String name) {
        var devices = new LinkedHashMap<String, Device>();
        for (String value : only.isEmpty() ? List.of("phone", "tablet", "desktop") : only) {
            devices.put(value, Device.named(value, plan));
        }
        return of(
                name,
                List.copyOf(devices.keySet()),
                (shot, value) -> shot.with(shot.setting()
                        .with(Objects.requireNonNull(devices.get(value))
                                .withText(shot.setting().device().textScale()))));
    }

    private Axis screens(String name) {
        List<String> plain = plan.screens().stream().map(Screen::id).collect(toList());
        // A screen that takes parameters is named with them.
        List<String> places = only.stream().filter(value -> value.contains("?")).collect(toList());
        Walk walk = Walk.of(plan);
        for (String place : places) {
            walk.problem(Place.parse(place)).ifPresent(problem -> {
                throw new IllegalArgumentException(problem);
            });
        }
        List<String> known = Stream.concat(plain.stream(), places.stream()).collect(toList());
        return named(name, known, plain, (shot, place) -> shot.with(Place.parse(place)));
    }

    private Axis states(String name) {
        Item item = plan.items()
                .filter(one -> one.place().isPresent())
                .filter(one -> !one.screen().equals(plan.start()))
                .findFirst()
                .or(() -> plan.items().findFirst())
                .orElseThrow(() -> new IllegalArgumentException("the plan has no items to show the states of"));
        var states = new LinkedHashMap<String, UnaryOperator<Shot>>();
        states.put("default", shot -> shot);
        states.put("hover", shot -> touched(shot, Interaction.hover(item.id())));
        states.put("pressed", shot -> touched(shot, Interaction.press(item.id())));
        states.put("focused", shot -> touched(shot, Interaction.focus(item.id())));
        states.put("selected", shot -> shot.after(new Step.Choose(item.id())));
        states.put("disabled", shot -> shot.with(disabled(shot.plan(), item.id())));
        List<String> names = List.copyOf(states.keySet());
        return named(name, names, names, (shot, state) -> Objects.requireNonNull(states.get(state))
                .apply(shot));
    }

    private static Shot touched(Shot shot, Interaction touch) {
        return shot.with(shot.setting().with(touch));
    }

    /** Every form, and none at all. */
    private Axis forms(String name) {
        var words = new ArrayList<String>();
        Stream.of(Form.Kind.values()).map(Form.Kind::word).forEach(words::add);
        words.add(NO_FORM);
        return named(name, words, words, Axes::inForm);
    }

    /** A picture with every menu in one form, open where people have to open it. */
    private static Shot inForm(Shot shot, String word) {
        Optional<FormHome<?>> home = Stream.of(Form.Kind.values())
                .filter(kind -> kind.word().equals(word))
                .findFirst()
                .map(Forms::of);
        Plan plan = shot.plan();
        Shot in = shot.with(plan.withBars(barsIn(plan, home.map(one -> one.onSheet(plan)))));
        return plan.bars().stream()
                .filter(bar -> bar.menu().isPresent()
                        && home.filter(FormHome::isOpened).isPresent())
                .findFirst()
                .map(bar -> in.after(new Step.Toggle(bar.id())))
                .orElse(in);
    }

    /** The bars with every menu in one form; a bar without a menu gives way where it would stand at the same edge. */
    private static List<Bar> barsIn(Plan plan, Optional<Form> form) {
        return plan.bars().stream()
                .filter(bar -> bar.menu().isEmpty() || form.isPresent())
                .filter(bar -> bar.menu().isPresent()
                        || bar.forms().values().stream()
                                .noneMatch(own -> form.map(Form::edge).equals(Optional.of(own.edge()))))
                .map(bar -> bar.menu().isEmpty()
                        ? bar
                        : bar.withForms(Map.of(Bar.ANY_KIND, styled(form.orElseThrow(), bar))))
                .collect(toList());
    }

    /** In the style that the bar has, which may be that of another axis. */
    private static Form styled(Form form, Bar bar) {
        return bar.forms().values().stream()
                .flatMap(own -> own.style().stream())
                .findFirst()
                .map(form::withStyle)
                .orElse(form);
    }

    private Axis iconStyles(String name) {
        List<String> words = List.of("outlined", "filled");
        return named(
                name,
                words,
                words,
                (shot, word) ->
                        restyled(shot, Style.filling(word.equals("filled") ? Style.Which.ALL : Style.Which.NONE)));
    }

    private Axis contrasts(String name) {
        List<String> words = List.of("usual", "more");
        return named(
                name, words, words, (shot, word) -> shot.with(shot.setting().moreContrast(word.equals("more"))));
    }

    private Axis scales(String name) {
        for (String value : only) {
            if (!value.matches("[0-3](\\.[0-9]{1,3})?")) {
                throw new IllegalArgumentException("\"" + value + "\" is not a text scale; write 0.8 to 3");
            }
        }
        return of(
                name,
                only.isEmpty() ? List.of("1", "1.3", "2") : only,
                (shot, scale) ->
                        shot.with(shot.setting().with(shot.setting().device().withText(Double.parseDouble(scale)))));
    }

    private Axis scrolls(String name) {
        for (String value : only) {
            if (!value.matches("[0-9]{1,5}")) {
                throw new IllegalArgumentException(
                        "\"" + value + "\" is not a way to scroll; write it in dp: scroll=0,240");
            }
        }
        return of(
                name,
                only.isEmpty() ? List.of("0", "240") : only,
                (shot, dp) -> shot.with(shot.setting().scrolledBy(Double.parseDouble(dp))));
    }

    private Axis languages(String name) {
        List<String> known = plan.app().languages();
        if (known.isEmpty()) {
            throw new IllegalArgumentException(
                    "the plan has one language; list them in \"app: { languages: [ ... ] }\"");
        }
        return named(name, known, known, (shot, tag) -> shot.with(shot.setting().in(tag)));
    }

    /** Every fact that is true or false, one after the other; of those that are named, {@code drafts=5} is a value of its own. */
    private Axis facts(String name) {
        var choices = new ArrayList<Axis.Choice>();
        List<String> ids = only.isEmpty()
                ? plan.facts().stream()
                        .filter(fact -> fact.initial() instanceof FactValue.Flag)
                        .map(Fact::id)
                        .collect(toList())
                : only;
        for (String id : ids) {
            List<String> tells = id.contains("=") ? List.of(id) : List.of(id + "=false", id + "=true");
            for (String tell : tells) {
                Step.Tell step = Steps.tell(plan, tell);
                choices.add(new Axis.Choice(tell.replace("=", ": "), shot -> shot.after(step)));
            }
        }
        if (choices.isEmpty()) {
            throw new IllegalArgumentException(
                    "the plan has no fact that is true or false; name values of others: fact=drafts=0,drafts=5");
        }
        return new Axis(name, choices);
    }

    /** Everything closed, and each bar that opens something. */
    private Axis openings(String name) {
        return bars(name, "closed", Step.Toggle::new, "opens anything: no drawer that closes, no fan, no overflow");
    }

    /** Everything expanded, and each bar that can be collapsed. */
    private Axis collapses(String name) {
        return bars(name, "expanded", Step.Collapse::new, "can be collapsed: only a drawer that is always open can");
    }

    private Axis bars(String name, String usual, Function<String, Step> step, String otherwise) {
        Walk walk = Walk.of(plan);
        List<String> able = plan.bars().stream()
                .map(Bar::id)
                .filter(id -> walk.step(walk.start(), step.apply(id)).refusal().isEmpty())
                .collect(toList());
        if (able.isEmpty()) {
            throw new IllegalArgumentException("no bar of the plan " + otherwise);
        }
        List<String> all = Stream.concat(Stream.of(usual), able.stream()).collect(toList());
        return named(name, all, all, (shot, id) -> id.equals(usual) ? shot : shot.after(step.apply(id)));
    }

    /** The plan with the form of every menu changed. */
    private static Shot changed(Shot shot, UnaryOperator<Form> change) {
        List<Bar> bars = shot.plan().bars().stream()
                .map(bar -> {
                    var forms = new LinkedHashMap<String, Form>();
                    bar.forms().forEach((kind, form) -> forms.put(kind, form.showsMenu() ? change.apply(form) : form));
                    return bar.withForms(forms);
                })
                .collect(toList());
        return shot.with(shot.plan().withBars(bars));
    }

    /** The plan with a style laid over that of each form. */
    private static Shot restyled(Shot shot, Style style) {
        return changed(shot, form -> {
            Style own = form.style().map(ref -> ref.in(shot.plan().styles())).orElse(Style.NONE);
            return form.withStyle(Style.Ref.own(style.over(own)));
        });
    }

    /** The plan with an item that can't be chosen. */
    private static Plan disabled(Plan plan, String id) {
        List<Menu> menus = plan.menus().stream()
                .map(menu -> new Menu(
                        menu.id(),
                        menu.entries().stream()
                                .map(entry -> entry.map(
                                        item -> item.id().equals(id) ? item.enabledWhile(Condition.NEVER) : item))
                                .collect(toList())))
                .collect(toList());
        return plan.withMenus(Catalog.of(menus));
    }
}
