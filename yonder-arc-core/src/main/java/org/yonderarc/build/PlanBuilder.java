package org.yonderarc.build;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import org.yonderarc.bind.Reading;
import org.yonderarc.check.CheckedReading;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Builds a plan in Java, in the order and the words of a plan file:
 *
 * <pre>{@code
 * Plan plan = PlanBuilder.app("Brinelight")
 *         .start("tides")
 *         .fact("drafts", 0)
 *         .screen("tides", screen -> screen.icon("droplet"))
 *         .screen("surveys", screen -> screen.icon("clipboard-list"))
 *         .menu("main", menu -> menu.item("tides").item("surveys", item -> item.badge("drafts")))
 *         .build();
 * }</pre>
 *
 * <p>The builder writes the tree that a file is read into, so a plan that is built equals the one that is read.
 * Mistakes are kept until {@link #build()}, which reports all of them together.
 */
public final class PlanBuilder {
    private final AppBuilder app = new AppBuilder();
    private final Map<String, Map<String, Value>> theme = new LinkedHashMap<>();
    private final Map<String, Value> looks = new LinkedHashMap<>();
    private final Map<String, Value> logos = new LinkedHashMap<>();
    private final Map<String, Value> smallLogos = new LinkedHashMap<>();
    private final Map<String, Value> builtInText = new LinkedHashMap<>();
    private final List<MapValue.Entry> styles = new ArrayList<>();
    private final Map<String, Value> motion = new LinkedHashMap<>();
    private final Map<String, Value> kinds = new LinkedHashMap<>();
    private final Map<String, Value> devices = new LinkedHashMap<>();
    private final List<MapValue.Entry> facts = new ArrayList<>();
    private final List<MapValue.Entry> screens = new ArrayList<>();
    private final List<MapValue.Entry> menus = new ArrayList<>();
    private final List<Value> bars = new ArrayList<>();
    private final List<Value> accepted = new ArrayList<>();

    private PlanBuilder(String name) {
        app.put("name", Objects.requireNonNull(name, "name"));
    }

    /** Starts the plan of the app with this name. */
    public static PlanBuilder app(String name) {
        return new PlanBuilder(name);
    }

    /** Sets the screen that is shown first. */
    public PlanBuilder start(String screen) {
        app.put("start", screen);
        return this;
    }

    /** Sets the languages that texts come in, the default one first. */
    public PlanBuilder languages(String... tags) {
        app.put("languages", tags);
        return this;
    }

    /** Sets the screens and signals that people must always be able to reach. */
    public PlanBuilder required(String... ids) {
        app.put("required", ids);
        return this;
    }

    /** Allows web addresses with these schemes, beside http, https, mailto and tel. */
    public PlanBuilder linkSchemes(String... schemes) {
        app.put("link-schemes", schemes);
        return this;
    }

    /** Sets a colour of the theme, as CSS Color 4 writes it: {@code #0a6c74}. */
    public PlanBuilder colour(Scheme scheme, Role role, String css) {
        theme.computeIfAbsent(scheme.word(), none -> new LinkedHashMap<>()).put(role.word(), Trees.text(css));
        return this;
    }

    /** Names a colour, as CSS Color 4 writes it, for styles to refer to in both schemes. */
    public PlanBuilder colour(String name, String css) {
        return colour(name, Trees.text(css));
    }

    /** Names a colour for styles to refer to, one for each scheme. */
    public PlanBuilder colour(String name, String light, String dark) {
        return colour(name, MapBuilder.each(light, dark));
    }

    private PlanBuilder colour(String name, Value colour) {
        theme.computeIfAbsent("colours", none -> new LinkedHashMap<>()).put(name, colour);
        return this;
    }

    /** Lets the items of every bar look as a shared style says. */
    public PlanBuilder themeStyle(String name) {
        looks.put("style", Trees.text(name));
        return this;
    }

    /** Sets all texts in a font of the plan's folder: the paths of its regular and its semibold file. */
    public PlanBuilder font(String regular, String semibold) {
        looks.put("font", Trees.with(Trees.map("regular", Trees.text(regular)), "semibold", Trees.text(semibold)));
        return this;
    }

    /** Sets all texts in a font of the plan's folder: the path of the one file for both weights. */
    public PlanBuilder font(String file) {
        looks.put("font", Trees.text(file));
        return this;
    }

    /** Sets the bundled set that icons are of. */
    public PlanBuilder iconSet(IconSet set) {
        looks.put("icon-set", Trees.text(set.name().toLowerCase(java.util.Locale.ROOT)));
        return this;
    }

    /** Names the fact that says which scheme is shown. */
    public PlanBuilder schemeFact(String fact) {
        looks.put("scheme-fact", Trees.text(fact));
        return this;
    }

    /** Names the Design Tokens file that colours and sizes refer to. */
    public PlanBuilder tokenFile(String file) {
        looks.put("token-file", Trees.text(file));
        return this;
    }

    /** Adds a style that bars and items refer to by its name. */
    public PlanBuilder style(String name, Consumer<? super StyleBuilder> define) {
        return add(styles, name, StyleBuilder.own(define));
    }

    /** Sets the picture file of the logo's small form in a scheme. */
    public PlanBuilder smallLogo(Scheme scheme, String file) {
        smallLogos.put(scheme.word(), Trees.text(file));
        app.put("small-logo", Trees.map(smallLogos));
        return this;
    }

    /** Sets the logo's picture file in a scheme. */
    public PlanBuilder logo(Scheme scheme, String file) {
        logos.put(scheme.word(), Trees.text(file));
        app.put("logo", Trees.map(logos));
        return this;
    }

    /** Sets where going back leads at the root of a branch. */
    public PlanBuilder back(App.Back where) {
        app.put("back", where);
        return this;
    }

    /** Words what the app says of itself, the same in every language; {@code {place}} stands for where "back" leads. */
    public PlanBuilder builtInText(BuiltInText word, String text) {
        return builtInText(word, Trees.text(text));
    }

    /** Words what the app says of itself in several languages, by language tag. */
    public PlanBuilder builtInText(BuiltInText word, Map<String, String> texts) {
        return builtInText(word, Translations.of(texts));
    }

    private PlanBuilder builtInText(BuiltInText word, Value text) {
        builtInText.put(word.word(), text);
        app.put("built-in-texts", Trees.map(builtInText));
        return this;
    }

    /** Sets where the texts of other languages are: {@code texts/{language}.properties}. */
    public PlanBuilder textFiles(String pattern) {
        app.put("text-files", pattern);
        return this;
    }

    /** Sets the motion of the selected item's mark. */
    public PlanBuilder selectMotion(MotionBuilder timing) {
        motion.put("select", timing.tree());
        return this;
    }

    /** Sets the motion of items on hover, press and focus. */
    public PlanBuilder stateMotion(MotionBuilder timing) {
        motion.put("states", timing.tree());
        return this;
    }

    /** Sets the motion of drawers and rails. */
    public PlanBuilder drawerMotion(MotionBuilder timing) {
        motion.put("drawers", timing.tree());
        return this;
    }

    /** Sets how screens follow each other. */
    public PlanBuilder screenMotion(MotionBuilder transition) {
        motion.put("transition", transition.tree());
        return this;
    }

    /** Sets what is left of motion for people who want less of it. */
    public PlanBuilder reducedMotion(Motion.Reduced reduced) {
        motion.put("reduced", Trees.text(reduced.name().toLowerCase(java.util.Locale.ROOT)));
        return this;
    }

    /** Adds a device of the plan's own, its size in dp; the hardware claims nothing of its edges. */
    public PlanBuilder device(String id, double width, double height, Visibility.Pointer pointer) {
        return device(id, width, height, pointer, 0, 0, 0, 0);
    }

    /** Adds a device of the plan's own, with what the hardware claims of its edges in dp. */
    public PlanBuilder device(
            String id,
            double width,
            double height,
            Visibility.Pointer pointer,
            double top,
            double right,
            double bottom,
            double left) {
        var device = new LinkedHashMap<String, Value>();
        device.put("width", Trees.number(width));
        device.put("height", Trees.number(height));
        device.put("top", Trees.number(top));
        device.put("bottom", Trees.number(bottom));
        device.put("left", Trees.number(left));
        device.put("right", Trees.number(right));
        device.put("pointer", Trees.text(pointer.name().toLowerCase(java.util.Locale.ROOT)));
        devices.put(id, Trees.map(device));
        return this;
    }

    /** Draws a body around a device of the plan's own, which was added before. */
    public PlanBuilder deviceBody(String id, Body body) {
        var device = (MapValue) Objects.requireNonNull(devices.get(id), "there is no device \"" + id + "\"");
        devices.put(id, Trees.with(device, "body", Trees.text(body.name().toLowerCase(java.util.Locale.ROOT))));
        return this;
    }

    /** Sets how many pixels a picture has for each dp of a device of the plan's own, which was added before. */
    public PlanBuilder devicePixelRatio(String id, double scale) {
        var device = (MapValue) Objects.requireNonNull(devices.get(id), "there is no device \"" + id + "\"");
        devices.put(id, Trees.with(device, "pixel-ratio", Trees.number(scale)));
        return this;
    }

    /** Defines a device kind by the narrowest window in dp that belongs to it; the default kinds go. */
    public PlanBuilder deviceKind(String id, double from) {
        kinds.put(id, Trees.number(from));
        return this;
    }

    /** Declares a fact that is true or false. */
    public PlanBuilder fact(String id, boolean initial) {
        return add(facts, id, Trees.flag(initial));
    }

    /** A fact that is a whole number at first. */
    public PlanBuilder fact(String id, int initial) {
        return fact(id, (double) initial);
    }

    /** Declares a fact that is a number. */
    public PlanBuilder fact(String id, double initial) {
        return add(facts, id, Trees.number(initial));
    }

    /** Declares a fact that is a text. */
    public PlanBuilder fact(String id, String initial) {
        return add(facts, id, Trees.text(initial));
    }

    /** Declares a fact that is a list, of whose entries repeated items are made. */
    public PlanBuilder fact(String id, List<ListEntry> initial) {
        return add(facts, id, Trees.list(initial.stream().map(ListEntry::tree).collect(toList())));
    }

    /** Lets saved states not keep a fact that was declared: what another person on the device must not see. */
    public PlanBuilder unsaved(String fact) {
        facts.replaceAll(entry -> entry.key().equals(fact)
                ? new MapValue.Entry(
                        fact,
                        entry.keySpot(),
                        Trees.with(Trees.map("value", entry.value()), "saved", Trees.flag(false)))
                : entry);
        return this;
    }

    /** Adds a screen with all defaults: its title is its id in words. */
    public PlanBuilder screen(String id) {
        return screen(id, any -> {});
    }

    /** Adds a screen. */
    public PlanBuilder screen(String id, Consumer<? super ScreenBuilder> define) {
        return add(screens, id, Defined.by(new ScreenBuilder(), define).tree());
    }

    /** Adds a menu. */
    public PlanBuilder menu(String id, Consumer<? super MenuBuilder> define) {
        return add(menus, id, Defined.by(new MenuBuilder(), define).tree());
    }

    /** Adds a bottom bar that shows {@code menu}. Without any bar a plan has one with its first menu, and a top bar. */
    public PlanBuilder bottomBar(String menu) {
        return bar(bar -> bar.menu(menu).form(FormBuilder.bottom()));
    }

    /** Adds a top bar. */
    public PlanBuilder topBar() {
        return bar(bar -> bar.form(FormBuilder.top()));
    }

    /** Adds a bar. */
    public PlanBuilder bar(Consumer<? super BarBuilder> define) {
        bars.add(Defined.by(new BarBuilder(), define).tree());
        return this;
    }

    /** Accepts all findings with this code, for a reason. */
    public PlanBuilder accept(String code, String because) {
        accepted.add(Trees.map(ordered("code", code, "because", because)));
        return this;
    }

    /** Accepts the findings with this code at a JSON Pointer and below it, for a reason. */
    public PlanBuilder accept(String code, String at, String because) {
        accepted.add(Trees.map(ordered("code", code, "at", at, "because", because)));
        return this;
    }

    private static Map<String, Value> ordered(String... pairs) {
        var out = new LinkedHashMap<String, Value>();
        for (int i = 0; i < pairs.length; i += 2) {
            out.put(pairs[i], Trees.text(pairs[i + 1]));
        }
        return out;
    }

    private PlanBuilder add(List<MapValue.Entry> to, String id, Value value) {
        to.add(new MapValue.Entry(id, Spot.ROOT, value));
        return this;
    }

    /**
     * The plan.
     *
     * @throws InvalidPlanException with all errors, if there are any
     */
    public Plan build() {
        return build(IconNames.ANY);
    }

    /**
     * The plan, its icons checked too.
     *
     * @throws InvalidPlanException with all errors, if there are any
     */
    public Plan build(IconNames icons) {
        Reading reading = read(icons);
        return reading.plan().orElseThrow(() -> InvalidPlanException.ofBuilt(reading.findings()));
    }

    /** All that the check finds in the plan as it is so far, errors among it; places are JSON Pointers, as there are no lines. */
    public List<Finding> findings() {
        return findings(IconNames.ANY);
    }

    /** As {@link #findings()}, the icons checked too. */
    public List<Finding> findings(IconNames icons) {
        return read(icons).findings();
    }

    private Reading read(IconNames icons) {
        return CheckedReading.of(Trees.pointed(tree()), icons);
    }

    private Value tree() {
        var out = new LinkedHashMap<String, Value>();
        out.put("yonder", Trees.number(Plan.FORMAT));
        out.put("app", app.tree());
        var colours = new LinkedHashMap<String, Value>();
        theme.forEach((scheme, roles) -> colours.put(scheme, Trees.map(roles)));
        colours.putAll(looks);
        out.put("theme", Trees.map(colours));
        if (!styles.isEmpty()) {
            out.put("styles", new MapValue(Spot.ROOT, styles));
        }
        out.put("motion", Trees.map(motion));
        if (!devices.isEmpty()) {
            out.put("devices", Trees.map(devices));
        }
        if (!kinds.isEmpty()) {
            out.put("device-kinds", Trees.map(kinds));
        }
        out.put("facts", new MapValue(Spot.ROOT, facts));
        out.put("screens", new MapValue(Spot.ROOT, screens));
        out.put("menus", new MapValue(Spot.ROOT, menus));
        if (!bars.isEmpty()) {
            out.put("bars", Trees.list(bars));
        }
        out.put("accepted", Trees.list(accepted));
        return Trees.map(out);
    }

    private static final class AppBuilder extends MapBuilder<AppBuilder> {
        @Override
        AppBuilder self() {
            return this;
        }
    }
}
