package org.yonderarc.web;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.text.Normalizer;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.draw.FaceRules;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Licences;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.SvgPainter;
import org.yonderarc.draw.Typeface;
import org.yonderarc.draw.WebFont;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
import org.yonderarc.view.Composer;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/**
 * What the page of a plan is put together of, each part by its name: its icons, its pictures, its letters, its map. A part is made
 * when it is asked for first. Not thread-safe.
 */
public final class PageParts {
    private static final Pattern SLOT = Pattern.compile("\\{\\{([a-z-]+)}}");
    /** Slots whose names begin so are for words. */
    private static final String WORD = "say-";

    private static final String SCRIPT = "org/yonderarc/browser/yonder-arc.js";

    /** The licence of what the player is compiled with. */
    private static final String RUNTIME_LICENCE = "org/yonderarc/browser/LICENSE-Apache-2.0.txt";

    private final Icons icons;
    private final Pictures pictures;
    private final PageWords words;
    private final Map<String, Supplier<String>> makers = new HashMap<>();
    private final Map<String, String> made = new HashMap<>();

    /** Leaves the tools out, or not. */
    PageParts bare(boolean isBare) {
        makers.put("bare", () -> isBare ? " class=\"bare\"" : "");
        return this;
    }

    /**
     * The parts of a plan's page.
     *
     * @param icons the icons that exist
     * @param pictures the pictures in the plan's folder
     * @param fonts the fonts that the plan may name
     * @param findings what the check has found, as entries of a list; empty for nothing
     */
    PageParts(Plan plan, Icons icons, Pictures pictures, Fonts fonts, String findings) {
        this.icons = icons;
        this.pictures = pictures;
        this.words = PageWords.of(plan);
        Typeface face = Typeface.of(plan, fonts);
        makers.put("lang", words::language);
        makers.put(
                "app-lang",
                () -> plan.app().language().isEmpty()
                        ? words.language()
                        : Markup.escape(plan.app().language()));
        makers.put("bare", () -> "");
        makers.put("dir", words::direction);
        makers.put("words", words::ofScript);
        makers.put("title", () -> Markup.escape(plan.app().name()));
        makers.put("app", () -> Markup.escape(plan.app().name()));
        makers.put("json", () -> PlanFile.toJson(plan));
        makers.put("plan", () -> get("json").replace("<", "\\u003c"));
        makers.put("regular", () -> letters(face, Type.Weight.REGULAR));
        makers.put("semibold", () -> letters(face, Type.Weight.SEMIBOLD));
        makers.put("families", () -> FaceRules.families(face));
        makers.put("faces", () -> FaceRules.ofPage(face));
        makers.put("symbols", () -> symbols(plan));
        makers.put("pictures", () -> pictures(plan));
        makers.put("devices", () -> devices(plan, words));
        makers.put("sizes", PageParts::sizes);
        makers.put("languages", () -> languages(plan));
        makers.put("one-language", () -> plan.app().languages().size() > 1 ? "" : " hidden");
        makers.put("still", () -> still(plan, face));
        makers.put("findings", () -> findings);
        makers.put("no-findings", () -> findings.isEmpty() ? " hidden" : "");
        makers.put("map", () -> new PageMap(plan, face, icons, pictures).html());
        makers.put("no-map", () -> get("map").isEmpty() ? " hidden" : "");
        makers.put("licences", () -> licences(plan));
        makers.put("style", () -> resource("org/yonderarc/web/page.css"));
        makers.put("tools", () -> fill(resource("org/yonderarc/web/tools.html")));
        makers.put("script", () -> script(resource(SCRIPT)));
        makers.put("script-hash", () -> "sha256-" + base64(sha256(get("script"))));
    }

    /**
     * The parts of the page of a plan that was read.
     *
     * @throws IllegalArgumentException if the plan has errors
     */
    public static PageParts of(PlanFile read, Icons icons, Pictures pictures, Fonts fonts) {
        return new PageParts(
                read.plan().orElseThrow(() -> new IllegalArgumentException("the plan has errors")),
                icons,
                pictures,
                fonts,
                findings(read));
    }

    /** What the check has found in a plan that was read, as entries of a list in HTML; empty for nothing. */
    public static String findings(PlanFile read) {
        return PageFindings.list(read);
    }

    /** The script that plays a plan, which is the same for every plan. */
    public static String player() {
        return resource(SCRIPT);
    }

    /**
     * A part by its name.
     *
     * @throws IllegalArgumentException if there is none with this name
     */
    public String get(String name) {
        String known = made.get(name);
        if (known == null) {
            Supplier<String> maker = makers.get(name);
            if (maker == null) {
                throw new IllegalArgumentException("a page has no part \"" + name + "\"");
            }
            // Parts ask for each other.
            known = maker.get();
            made.put(name, known);
        }
        return known;
    }

    /** A text with the parts in place of their names in double braces. */
    public String fill(String template) {
        Matcher slots = SLOT.matcher(template);
        return slots.replaceAll(slot -> {
            String name = slot.group(1);
            return Matcher.quoteReplacement(
                    name.startsWith(WORD) ? words.get(name.substring(WORD.length())) : get(name));
        });
    }

    // The script stands inside of an element, whose end it must not seem to hold.
    private static String script(String player) {
        return "\n" + player.replace("</", "<\\/")
                + "\n// In a task of its own: reading the script takes long enough.\nsetTimeout(main, 0);\n";
    }

    private static String licences(Plan plan) {
        return Markup.escape(
                Licences.ofFont() + "\n\n" + Licences.of(plan.theme().iconSet())
                        + "\n\nThe player holds the runtime of TeaVM, by Alexey Andreev and others, under this license:\n\n"
                        + resource(RUNTIME_LICENCE));
    }

    private String letters(Typeface face, Type.Weight weight) {
        return base64(WebFont.woff(face.behind(), weight, letters(get("json"))));
    }

    /** The start on a phone, which shows before the script runs, and without it. */
    private String still(Plan plan, Typeface face) {
        var walk = Walk.of(plan);
        Scene start = new View(walk, Device.PHONE, face.measure()).scene(walk.start());
        String svg = SvgPainter.within(icons, pictures, face, "still-").paint(start);
        return svg.substring(svg.indexOf("<svg")).replaceFirst("<svg ", "<svg class=\"still\" ");
    }

    private static String devices(Plan plan, PageWords words) {
        return Device.presets(plan).stream()
                .map(device -> "<option value=\"" + device.id() + "\">" + words.device(device.id()) + "</option>")
                .collect(Collectors.joining());
    }

    private static String sizes() {
        return Stream.of(85, 100, 130, 160, 200, 300)
                .map(percent -> "<option value=\"" + Decimals.brief(percent / 100.0) + "\""
                        + (percent == 100 ? " selected" : "") + ">" + percent + "%</option>")
                .collect(Collectors.joining());
    }

    /** The languages of the plan, each under its own name. */
    private static String languages(Plan plan) {
        return plan.app().languages().stream()
                .map(tag -> {
                    Locale locale = Locale.forLanguageTag(tag);
                    return "<option value=\"" + Markup.escape(tag) + "\">"
                            + Markup.escape(locale.getDisplayName(locale)) + "</option>";
                })
                .collect(Collectors.joining());
    }

    /** The pictures that the plan names, each by its file. */
    private String pictures(Plan plan) {
        var found = new LinkedHashMap<String, Value>();
        PlanMentions.files(plan)
                .forEach(file -> pictures.read(file).ifPresent(read -> found.put(file, Trees.text(read.dataUri()))));
        return JsonText.write(Trees.map(found)).replace("<", "\\u003c");
    }

    private String symbols(Plan plan) {
        var names = new TreeSet<>(Composer.OWN_ICONS);
        names.addAll(PlanMentions.icons(plan));
        var out = new StringBuilder();
        Icons set = icons.in(plan.theme().iconSet());
        names.stream()
                .flatMap(name -> Stream.of(set.art(name, false), set.art(name, true)))
                .flatMap(Optional::stream)
                .distinct()
                .forEach(art -> symbol(out, art));
        return out.toString();
    }

    private static void symbol(StringBuilder out, IconArt art) {
        out.append("<symbol id=\"icon-")
                .append(art.key())
                .append("\" viewBox=\"0 0 24 24\"><g ")
                .append(art.paint("currentColor"))
                .append('>');
        art.shapes().forEach(out::append);
        out.append("</g></symbol>\n");
    }

    /** The letters of western European languages, common signs, and all that the plan uses. */
    private static int[] letters(String json) {
        IntStream usual = IntStream.concat(
                IntStream.concat(IntStream.rangeClosed(0x20, 0x7E), IntStream.rangeClosed(0xA0, 0xFF)),
                IntStream.concat(IntStream.rangeClosed(0x2010, 0x203A), IntStream.of(0x20AC, 0x2122, 0x2212)));
        // Browsers join a letter and its marks to one sign where the font has it.
        IntStream joined = Normalizer.normalize(json, Normalizer.Form.NFC).codePoints();
        return IntStream.concat(usual, IntStream.concat(json.codePoints(), joined))
                .distinct()
                .sorted()
                .toArray();
    }

    private static String base64(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }

    private static byte[] sha256(String text) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException everyPlatformHasIt) {
            throw new IllegalStateException(everyPlatformHasIt);
        }
    }

    static String resource(String path) {
        try (InputStream in = PageParts.class.getClassLoader().getResourceAsStream(path)) {
            if (in == null) {
                throw new IOException("not on the class path");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException(path + " can't be read", failed);
        }
    }
}
