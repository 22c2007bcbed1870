package org.yonderarc.bind;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.Bounds;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.Acceptance;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.DevicePreset;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Words;
import org.yonderarc.shape.MotionShape;
import org.yonderarc.shape.StyleShape;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shape of a whole plan. */
final class PlanShape {
    private static final CatalogCodec.Entry<DeviceKind> DEVICE_KIND = new CatalogCodec.Entry<>() {
        private final Codec<Double> from = Codecs.number(0, 4000);

        @Override
        public Optional<DeviceKind> read(String id, Value value, Context context) {
            return from.read(value, context).map(width -> new DeviceKind(id, width));
        }

        @Override
        public Value write(DeviceKind kind) {
            return from.write(kind.from());
        }

        @Override
        public Value schema(Definitions definitions) {
            return from.schema(definitions);
        }
    };

    /** A file for both schemes, or a map with one for each. */
    private static final Codec<Map<Scheme, String>> LOGOS = logos();

    private static final Shape<Map<BuiltInText, Words>> SAYS = says();
    static final Shape<App> APP = app();
    static final Shape<Acceptance> ACCEPTANCE = acceptance();
    static final BarShape BAR = new BarShape();
    static final Shape<DevicePreset> DEVICE = device();
    private static final Codec<List<Bar>> BARS = Codecs.list(BAR, Bounds.BARS);
    static final Shape<Plan> PLAN = plan();

    private PlanShape() {}

    private static Codec<Map<Scheme, String>> logos() {
        var shape = new Shape<Map<Scheme, String>>("logo", "The logo's picture file in each scheme.");
        var light = shape.optional(
                "light",
                PlanCodecs.FILE,
                logos -> Optional.ofNullable(logos.get(Scheme.LIGHT)),
                "For the light scheme.");
        var dark = shape.optional(
                "dark", PlanCodecs.FILE, logos -> Optional.ofNullable(logos.get(Scheme.DARK)), "For the dark scheme.");
        shape.makes(got -> {
            var files = new EnumMap<Scheme, String>(Scheme.class);
            got.get(light).ifPresent(file -> files.put(Scheme.LIGHT, file));
            got.get(dark).ifPresent(file -> files.put(Scheme.DARK, file));
            return Map.copyOf(files);
        });
        return new Codec<>() {
            @Override
            public Optional<Map<Scheme, String>> read(Value value, Context context) {
                return value instanceof TextValue text
                        ? Optional.of(Map.of(Scheme.LIGHT, text.text(), Scheme.DARK, text.text()))
                        : shape.read(value, context);
            }

            @Override
            public Value write(Map<Scheme, String> files) {
                boolean same = files.size() == 2 && new HashSet<>(files.values()).size() == 1;
                return same ? Trees.text(Objects.requireNonNull(files.get(Scheme.LIGHT))) : shape.write(files);
            }

            @Override
            public Value schema(Definitions definitions) {
                return Trees.map("anyOf", Trees.list(List.of(Trees.type("string"), shape.schema(definitions))));
            }

            @Override
            public String takes() {
                return "a file, or one for each scheme";
            }

            @Override
            public void visit(Map<Scheme, String> files, String pointer, Mentions to) {
                boolean same = files.size() == 2 && new HashSet<>(files.values()).size() == 1;
                if (same) {
                    to.file(Objects.requireNonNull(files.get(Scheme.LIGHT)), pointer);
                } else {
                    shape.visit(files, pointer, to);
                }
            }
        };
    }

    /** Each of the app's own words in the plan's. */
    private static Shape<Map<BuiltInText, Words>> says() {
        var shape =
                new Shape<Map<BuiltInText, Words>>("own words", "What the app says of itself, in words of its own.");
        var keys = new EnumMap<BuiltInText, Field<Map<BuiltInText, Words>, Optional<Words>>>(BuiltInText.class);
        for (BuiltInText word : BuiltInText.values()) {
            keys.put(
                    word,
                    shape.optional(
                            word.word(),
                            PlanCodecs.WORDS,
                            says -> Optional.ofNullable(says.get(word)),
                            word.meaning() + " Usually \"" + word.in("en") + "\"."));
        }
        return shape.makes(got -> {
            var says = new EnumMap<BuiltInText, Words>(BuiltInText.class);
            keys.forEach((word, key) -> got.get(key).ifPresent(worded -> says.put(word, worded)));
            return Map.copyOf(says);
        });
    }

    private static Shape<App> app() {
        var shape = new Shape<App>("app", "What the plan is of.");
        var name = shape.required("name", Codecs.TEXT, App::name, "The app's name, as people read it.");
        var start = shape.optional(
                "start",
                PlanCodecs.name(Noun.SCREEN),
                App::start,
                "The screen that is shown first. Without it, that of the first item of the first menu.");
        var languages = shape.field(
                "languages",
                Codecs.list(PlanCodecs.LANGUAGE, Bounds.LANGUAGES),
                App::languages,
                List.of(),
                "The languages that its texts come in, the default one first.");
        var required = shape.field(
                "required",
                Codecs.list(PlanCodecs.name(Noun.REQUIRED), Bounds.REQUIRED),
                App::required,
                List.of(),
                "The screens and signals that people must always be able to reach.");
        var links = shape.field(
                "link-schemes",
                Codecs.list(Codecs.parsed(
                        "a scheme",
                        PlanShape::scheme,
                        text -> text,
                        "^[a-z][a-z0-9+.-]*$",
                        "Write a scheme such as \"geo\", without the colon.")),
                App::linkSchemes,
                List.of(),
                "The schemes that web addresses may have beside http, https, mailto and tel.");
        var logo = shape.field(
                "logo", LOGOS, App::logos, Map.of(), "The logo's picture file, one for both schemes or one for each.");
        var smallLogo = shape.field(
                "small-logo",
                LOGOS,
                App::smallLogos,
                Map.of(),
                "The logo's small form, for bars with little room; a square shows best.");
        var back = shape.field(
                "back",
                Codecs.choice(App.Back.values()),
                App::back,
                App.Back.START,
                "Where going back leads at the root of a branch: to the start, through the history of branches, or out.");
        var texts = shape.optional(
                "text-files",
                Codecs.TEXT,
                App::textFiles,
                "The files with the texts of the other languages: texts/{language}.properties, or .xlf.");
        var says = shape.field(
                "built-in-texts",
                SAYS,
                App::builtInTexts,
                Map.of(),
                "What the app says of itself, in words of its own.");
        return shape.makes(got -> new App(
                got.get(name),
                got.get(start),
                got.get(languages),
                got.get(required),
                got.get(links),
                got.get(logo),
                got.get(smallLogo),
                got.get(back),
                got.get(says),
                got.get(texts)));
    }

    /**
     * Schemes that no plan may allow: they run code, read files, or hand an address over to programs of the device that take
     * orders from it.
     */
    private static final Set<String> NEVER = Set.of(
            "about",
            "android-app",
            "blob",
            "chrome",
            "content",
            "data",
            "file",
            "filesystem",
            "intent",
            "jar",
            "javascript",
            "ldap",
            "mhtml",
            "mk",
            "res",
            "resource",
            "search-ms",
            "shell",
            "smb",
            "vbscript",
            "view-source");

    /** RFC 3986, section 3.1. */
    private static String scheme(String text) {
        boolean fits = !text.isEmpty()
                && text.charAt(0) >= 'a'
                && text.charAt(0) <= 'z'
                && text.chars()
                        .allMatch(c -> (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || "+.-".indexOf(c) >= 0);
        if (!fits) {
            throw new IllegalArgumentException("\"" + text + "\" is not a scheme that a link may have");
        }
        if (NEVER.contains(text) || text.startsWith("ms-")) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is a scheme that no plan may allow: it runs code, or opens files or programs");
        }
        return text;
    }

    private static Shape<Acceptance> acceptance() {
        var shape = new Shape<Acceptance>("acceptance", "A finding that the author accepts.");
        var code = shape.required("code", Codecs.TEXT, Acceptance::code, "The code of the finding.");
        var at = shape.optional(
                "at",
                Codecs.seen(Codecs.TEXT, Mentions::pointer),
                Acceptance::at,
                "The JSON Pointer of what it is about, or of something above it. Default: everywhere.");
        var because = shape.required("because", Codecs.TEXT, Acceptance::because, "The reason.");
        return shape.makes(got -> new Acceptance(got.get(code), got.get(at), got.get(because)));
    }

    private static Shape<DevicePreset> device() {
        var shape = new Shape<DevicePreset>("device", "A device of your own.");
        var width = shape.required("width", Codecs.number(DevicePreset.SIZE), DevicePreset::width, "Its width in dp.");
        var height =
                shape.required("height", Codecs.number(DevicePreset.SIZE), DevicePreset::height, "Its height in dp.");
        var inset = Codecs.number(DevicePreset.INSET);
        var top =
                shape.field("top", inset, DevicePreset::top, 0.0, "What the hardware claims of its upper edge in dp.");
        var bottom = shape.field("bottom", inset, DevicePreset::bottom, 0.0, "What it claims of its lower edge.");
        var left = shape.field("left", inset, DevicePreset::left, 0.0, "What it claims of its left edge.");
        var right = shape.field("right", inset, DevicePreset::right, 0.0, "What it claims of its right edge.");
        var pointer = shape.field(
                "pointer",
                Codecs.choice(Visibility.Pointer.values()),
                DevicePreset::pointer,
                Visibility.Pointer.COARSE,
                "What people point with: coarse is a finger, fine a mouse or a pen.");
        var body = shape.optional(
                "body",
                Codecs.choice(Body.values()),
                device -> Optional.of(device.body()).filter(own -> own != DevicePreset.usual(device.pointer())),
                "What pictures draw around it: plain, round with a strip below, square with keys below, fold, or window. Default: plain, for a mouse window.");
        var scale = shape.optional(
                "pixel-ratio",
                Codecs.number(DevicePreset.SCALE),
                DevicePreset::pixelRatio,
                "How many pixels a picture of it has for each dp, where the command says nothing else. Default: as the command's.");
        return shape.makes(got -> new DevicePreset(
                got.id(),
                got.get(width),
                got.get(height),
                got.get(top),
                got.get(bottom),
                got.get(left),
                got.get(right),
                got.get(pointer),
                got.get(body).orElseGet(() -> DevicePreset.usual(got.get(pointer))),
                got.get(scale)));
    }

    private static Shape<Plan> plan() {
        var shape = new Shape<Plan>("plan", "The whole definition of one app's navigation.");
        var format = shape.required(
                "yonder",
                Codecs.whole(Plan.FORMAT, Plan.FORMAT),
                plan -> Plan.FORMAT,
                "The version of the plan format, " + Plan.FORMAT + ".");
        var app = shape.required("app", APP, Plan::app, "What the plan is of.");
        var theme = shape.field(
                "theme",
                ThemeShape.THEME,
                Plan::theme,
                Theme.DEFAULT,
                "Its colours. Default: calm ones that pass the check.");
        var styles = shape.field(
                "styles",
                Codecs.catalog("style", StyleShape.NAMED),
                Plan::styles,
                Catalog.of(List.<Style.Named>of()),
                "The styles that bars and items share, by name.");
        var motion = shape.field("motion", MotionShape.MOTION, Plan::motion, Motion.DEFAULT, "How things move.");
        var kinds = shape.field(
                "device-kinds",
                Codecs.catalog("device kind", DEVICE_KIND, Bounds.KINDS),
                Plan::deviceKinds,
                DeviceKind.DEFAULTS,
                "The kinds of devices, each with the narrowest window in dp that belongs to it.");
        var devices = shape.field(
                "devices",
                Codecs.catalog("device", CatalogCodec.of(DEVICE), Bounds.KINDS),
                Plan::devices,
                Catalog.of(List.<DevicePreset>of()),
                "Devices of your own that pictures, sheets and the page show beside the usual ones.");
        var facts = shape.field(
                "facts",
                Codecs.catalog("fact", CatalogCodec.of(FactShape.FACT)),
                Plan::facts,
                Catalog.of(List.<Fact>of()),
                "The live values that the app tells, each with its value until then.");
        var screens = shape.required(
                "screens",
                Codecs.catalog("screen", CatalogCodec.of(ScreenShape.SCREEN)),
                Plan::screens,
                "The screens by their ids.");
        var menus = shape.field(
                "menus",
                Codecs.catalog("menu", MenuShape.MENU, Bounds.MENUS),
                Plan::menus,
                Catalog.of(List.<Menu>of()),
                "The menus by their ids, each a list.");
        var bars = shape.optional(
                "bars",
                BARS,
                plan -> plan.bars().equals(Plan.defaultBars(plan.menus()))
                        ? Optional.empty()
                        : Optional.of(plan.bars()),
                "The bars. Default: a bottom bar with the first menu, and a top bar.");
        var accepted = shape.field(
                "accepted",
                Codecs.list(ACCEPTANCE),
                Plan::accepted,
                List.of(),
                "The findings that the author accepts, each with the reason.");
        // A draft for the check is wanted even where required keys are missing.
        return shape.makes(got -> new Plan(
                got.has(app) ? got.get(app) : App.of("App"),
                got.get(theme),
                got.get(styles),
                got.get(motion),
                got.get(kinds),
                got.get(devices),
                got.get(facts),
                got.has(screens) ? got.get(screens) : Catalog.of(List.<Screen>of()),
                got.get(menus),
                got.get(bars).orElseGet(() -> Plan.defaultBars(got.get(menus))),
                got.get(accepted)));
    }
}
