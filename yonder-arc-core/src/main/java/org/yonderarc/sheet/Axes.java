package org.yonderarc.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Touch;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.walk.Step;

/** The axes that sheets can have. */
public final class Axes {
    /** Their names. */
    public static final List<String> NAMES = List.of(
            "device",
            "scheme",
            "screen",
            "state",
            "form",
            "labels",
            "icons",
            "icon-style",
            "indicator",
            "text-scale",
            "language",
            "scroll",
            "fact");

    private final Plan plan;
    private final List<String> only;

    private Axes(Shot base, List<String> only) {
        this.plan = base.plan();
        this.only = only;
    }

    /**
     * The axis that a text names: {@code scheme}, or with its values {@code device=phone,tablet}.
     *
     * @throws IllegalArgumentException with the reason, if there is no such axis or value
     */
    public static Axis parse(String text, Shot base) {
        int equals = text.indexOf('=');
        String name = equals < 0 ? text : text.substring(0, equals);
        List<String> only =
                equals < 0 ? List.of() : List.of(text.substring(equals + 1).split(","));
        return new Axes(base, only).axis(name);
    }

    private Axis axis(String name) {
        return switch (name) {
            case "device" -> named(name, Device.presetNames(), List.of("phone", "tablet", "desktop"), this::device);
            case "scheme" ->
                named(
                        name,
                        words(Scheme.values()),
                        words(Scheme.values()),
                        (shot, word) -> shot.with(Scheme.of(word).orElseThrow()));
            case "screen" -> screens(name);
            case "state" -> states(name);
            case "form" ->
                named(
                        name,
                        List.of("bottom", "rail", "drawer"),
                        List.of("bottom", "rail", "drawer"),
                        (shot, word) -> forms(shot, form -> converted(word)));
            case "labels" -> words(name, Form.Labels.values(), Axes::labelled);
            case "icons" -> words(name, Form.IconSide.values(), Axes::sided);
            case "indicator" ->
                named(
                        name,
                        words(Indicator.Kind.values()),
                        words(Indicator.Kind.values()),
                        (shot, word) -> restyled(
                                shot,
                                Style.of(Indicator.of(Stream.of(Indicator.Kind.values())
                                        .filter(kind -> word(kind).equals(word))
                                        .findFirst()
                                        .orElseThrow()))));
            case "icon-style" ->
                named(
                        name,
                        List.of("outlined", "filled"),
                        List.of("outlined", "filled"),
                        (shot, word) -> restyled(
                                shot, Style.filling(word.equals("filled") ? Style.Which.ALL : Style.Which.NONE)));
            case "text-scale" -> scales(name);
            case "language" -> languages(name);
            case "scroll" -> scrolls(name);
            case "fact" -> facts(name);
            default ->
                throw new IllegalArgumentException("there is no axis \"" + name + "\". "
                        + Suggestion.sentence(name, NAMES, "An axis is one of " + String.join(", ", NAMES) + "."));
        };
    }

    /** The values asked for, each of which has to be known; else the usual ones. */
    private Axis named(String axis, List<String> known, List<String> usual, BiFunction<Shot, String, Shot> apply) {
        for (String value : only) {
            if (!known.contains(value)) {
                throw new IllegalArgumentException("\"" + axis + "\" has no value \"" + value + "\". "
                        + Suggestion.sentence(value, known, "It has " + String.join(", ", known) + "."));
            }
        }
        return new Axis(
                axis,
                (only.isEmpty() ? usual : only)
                        .stream()
                                .map(value ->
                                        new Axis.Choice(value.replace('-', ' '), shot -> apply.apply(shot, value)))
                                .toList());
    }

    private static List<String> words(Enum<?>[] values) {
        return Stream.of(values).map(Axes::word).toList();
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private <E extends Enum<E>> Axis words(String name, E[] values, BiFunction<Form, E, Form> change) {
        return named(name, words(values), words(values), (shot, word) -> {
            E value = Stream.of(values)
                    .filter(one -> word(one).equals(word))
                    .findFirst()
                    .orElseThrow();
            return forms(shot, form -> change.apply(form, value));
        });
    }

    private Shot device(Shot shot, String name) {
        Device device = Device.preset(name)
                .orElseThrow()
                .withText(shot.setting().device().textScale());
        return shot.with(shot.setting().with(device));
    }

    private Axis screens(String name) {
        List<String> plain = plan.screens().stream()
                .filter(screen -> screen.path().required().isEmpty())
                .map(Screen::id)
                .toList();
        return named(name, plain, plain, (shot, id) -> shot.with(Place.of(id)));
    }

    private Axis states(String name) {
        Item item = plan.items()
                .filter(one -> one.place().isPresent())
                .filter(one -> !one.screen().equals(plan.app().start()))
                .findFirst()
                .or(() -> plan.items().findFirst())
                .orElseThrow(() -> new IllegalArgumentException("the plan has no items to show the states of"));
        var states = new LinkedHashMap<String, UnaryOperator<Shot>>();
        states.put("default", shot -> shot);
        states.put("hover", shot -> touched(shot, Touch.hover(item.id())));
        states.put("pressed", shot -> touched(shot, Touch.press(item.id())));
        states.put("focused", shot -> touched(shot, Touch.focus(item.id())));
        states.put("selected", shot -> shot.after(new Step.Choose(item.id())));
        states.put("disabled", shot -> shot.with(disabled(shot.plan(), item.id())));
        List<String> names = List.copyOf(states.keySet());
        return named(name, names, names, (shot, state) -> states.get(state).apply(shot));
    }

    private static Shot touched(Shot shot, Touch touch) {
        return shot.with(shot.setting().with(touch));
    }

    private Axis scales(String name) {
        var usual = List.of("1", "1.3", "2");
        for (String value : only) {
            if (!value.matches("[0-3](\\.[0-9]{1,3})?")) {
                throw new IllegalArgumentException("\"" + value + "\" is no text scale; write 0.8 to 3");
            }
        }
        return named(
                name,
                only,
                usual,
                (shot, scale) ->
                        shot.with(shot.setting().with(shot.setting().device().withText(Double.parseDouble(scale)))));
    }

    private Axis scrolls(String name) {
        for (String value : only) {
            if (!value.matches("[0-9]{1,5}")) {
                throw new IllegalArgumentException(
                        "\"" + value + "\" is no way to scroll; write it in dp: scroll=0,240");
            }
        }
        return named(
                name,
                only,
                List.of("0", "240"),
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

    /** Every fact that is true or false, one after the other. */
    private Axis facts(String name) {
        var choices = new ArrayList<Axis.Choice>();
        for (Fact fact : plan.facts()) {
            if (fact.initial() instanceof FactValue.Flag && (only.isEmpty() || only.contains(fact.id()))) {
                for (boolean on : new boolean[] {false, true}) {
                    choices.add(new Axis.Choice(
                            fact.id() + "=" + on,
                            shot -> shot.after(new Step.Tell(fact.id(), new FactValue.Flag(on)))));
                }
            }
        }
        if (choices.isEmpty()) {
            throw new IllegalArgumentException("the plan has no fact that is true or false"
                    + (only.isEmpty() ? "" : " called " + String.join(" or ", only)));
        }
        return new Axis(name, choices);
    }

    private static UnaryOperator<Plan> changed(UnaryOperator<Form> change) {
        return any -> {
            var bars = any.bars().stream()
                    .map(bar -> {
                        var forms = new LinkedHashMap<String, Form>();
                        bar.forms()
                                .forEach((kind, form) -> forms.put(kind, form.showsMenu() ? change.apply(form) : form));
                        return new Bar(bar.id(), bar.menu(), forms, bar.within(), bar.visibility(), bar.transition());
                    })
                    .toList();
            return new Plan(
                    any.app(),
                    any.theme(),
                    any.styles(),
                    any.motion(),
                    any.kinds(),
                    any.facts(),
                    any.screens(),
                    any.menus(),
                    bars,
                    any.accepted());
        };
    }

    private static Shot forms(Shot shot, UnaryOperator<Form> change) {
        return shot.with(changed(change).apply(shot.plan()));
    }

    private static Form converted(String word) {
        return switch (word) {
            case "rail" -> Form.Rail.DEFAULT;
            case "drawer" ->
                new Form.Drawer(
                        Form.Opening.KEPT,
                        Optional.empty(),
                        List.of(),
                        Form.Drawer.DEFAULT.width(),
                        Optional.empty(),
                        Form.Beneath.DEFAULT,
                        Optional.empty());
            default -> Form.Bottom.DEFAULT;
        };
    }

    private static Form labelled(Form form, Form.Labels labels) {
        if (form instanceof Form.Bottom bottom) {
            return new Form.Bottom(
                    bottom.most(),
                    bottom.whenFull(),
                    bottom.overflow(),
                    labels,
                    bottom.icons(),
                    bottom.floating(),
                    bottom.style());
        }
        return form instanceof Form.Rail rail
                ? new Form.Rail(
                        labels, rail.narrow(), rail.action(), rail.items(), rail.line(), rail.icons(), rail.style())
                : form;
    }

    private static Form sided(Form form, Form.IconSide side) {
        if (form instanceof Form.Bottom bottom) {
            return new Form.Bottom(
                    bottom.most(),
                    bottom.whenFull(),
                    bottom.overflow(),
                    bottom.labels(),
                    side,
                    bottom.floating(),
                    bottom.style());
        }
        return form instanceof Form.Rail rail
                ? new Form.Rail(
                        rail.labels(), rail.narrow(), rail.action(), rail.items(), rail.line(), side, rail.style())
                : form;
    }

    /** The plan with a style laid over that of each form. */
    private static Shot restyled(Shot shot, Style style) {
        return forms(
                shot,
                form -> styled(
                        form, Style.Ref.own(style.over(own(form).in(shot.plan().styles())))));
    }

    private static Style.Ref own(Form form) {
        Optional<Style.Ref> style = form instanceof Form.Bottom bottom
                ? bottom.style()
                : form instanceof Form.Rail rail ? rail.style() : ((Form.Drawer) form).style();
        return style.orElse(Style.Ref.own(Style.NONE));
    }

    private static Form styled(Form form, Style.Ref ref) {
        var style = Optional.of(ref);
        if (form instanceof Form.Bottom bottom) {
            return new Form.Bottom(
                    bottom.most(),
                    bottom.whenFull(),
                    bottom.overflow(),
                    bottom.labels(),
                    bottom.icons(),
                    bottom.floating(),
                    style);
        }
        if (form instanceof Form.Rail rail) {
            return new Form.Rail(
                    rail.labels(), rail.narrow(), rail.action(), rail.items(), rail.line(), rail.icons(), style);
        }
        Form.Drawer drawer = (Form.Drawer) form;
        return new Form.Drawer(
                drawer.opens(),
                drawer.header(),
                drawer.footer(),
                drawer.width(),
                drawer.collapsed(),
                drawer.beneath(),
                style);
    }

    /** The plan with an item that can't be chosen. */
    private static Plan disabled(Plan plan, String id) {
        return Plans.items(
                plan,
                item -> item.id().equals(id)
                        ? new Item(
                                item.id(),
                                item.target(),
                                item.label(),
                                item.shortLabel(),
                                item.spoken(),
                                item.icon(),
                                item.selectedIcon(),
                                item.badge(),
                                item.when(),
                                Optional.of(Plans.NEVER),
                                item.transition(),
                                item.slot(),
                                item.visibility(),
                                item.style())
                        : item);
    }
}
