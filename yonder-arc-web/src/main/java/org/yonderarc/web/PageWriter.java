package org.yonderarc.web;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.text.Normalizer;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.draw.FaceRules;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.IconArt;
import org.yonderarc.draw.Icons;
import org.yonderarc.draw.Licences;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.SvgPainter;
import org.yonderarc.draw.Typeface;
import org.yonderarc.draw.WebFont;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
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
 * Writes a plan as one HTML file that needs no network: the core compiled to JavaScript, the plan, the icons and the
 * letters it uses. A content security policy lets nothing else run or load.
 */
public final class PageWriter {
    private static final Pattern SLOT = Pattern.compile("\\{\\{([a-z-]+)}}");
    /** Slots whose names begin so are for words. */
    private static final String WORD = "say-";

    private static final String SCRIPT = "org/yonderarc/browser/yonder-arc.js";

    private final Icons icons;
    private final Pictures pictures;
    private final Fonts fonts;

    /** A writer with these icons and pictures, and the fonts that plans may name. */
    public PageWriter(Icons icons, Pictures pictures, Fonts fonts) {
        this.icons = icons;
        this.pictures = pictures;
        this.fonts = fonts;
    }

    /** The page of a plan that was built; the same plan gives the same bytes. */
    public String page(Plan plan) {
        return page(plan, "");
    }

    /**
     * The page of a plan that was read, with what the check has found.
     *
     * @throws IllegalArgumentException if the plan has errors
     */
    public String page(PlanFile read) {
        return page(
                read.plan().orElseThrow(() -> new IllegalArgumentException("the plan has errors")),
                PageFindings.list(read));
    }

    private String page(Plan plan, String findings) {
        String json = PlanFile.toJson(plan).replace("<", "\\u003c");
        // The script stands inside of an element, whose end it must not seem to hold.
        String script = "\n" + resource(SCRIPT).replace("</", "<\\/")
                + "\n// In a task of its own: reading the script takes long enough.\nsetTimeout(main, 0);\n";
        int[] letters = letters(json);
        Typeface face = Typeface.of(plan, fonts);
        var slots = new LinkedHashMap<String, String>();
        var words = PageWords.of(plan);
        slots.put("lang", words.language());
        slots.put("dir", words.direction());
        slots.put("words", words.ofScript());
        slots.put("title", Markup.escape(plan.app().name()));
        slots.put("app", Markup.escape(plan.app().name()));
        slots.put("regular", base64(WebFont.woff(face.behind(), Type.Weight.REGULAR, letters)));
        slots.put("semibold", base64(WebFont.woff(face.behind(), Type.Weight.SEMIBOLD, letters)));
        slots.put("families", FaceRules.families(face));
        slots.put("faces", FaceRules.ofPage(face));
        slots.put("symbols", symbols(plan));
        slots.put("plan", json);
        slots.put("pictures", pictures(plan));
        slots.put("devices", devices(plan));
        slots.put("sizes", sizes());
        slots.put("languages", languages(plan));
        slots.put("one-language", plan.app().languages().size() > 1 ? "" : " hidden");
        slots.put("still", still(plan, face));
        slots.put("findings", findings);
        slots.put("no-findings", findings.isEmpty() ? " hidden" : "");
        String map = new PageMap(plan, face, icons.in(plan.theme().icons()), pictures).html();
        slots.put("map", map);
        slots.put("no-map", map.isEmpty() ? " hidden" : "");
        slots.put(
                "licences",
                Markup.escape(
                        Licences.ofFont() + "\n\n" + Licences.of(plan.theme().icons())));
        slots.put("script", script);
        slots.put("script-hash", "sha256-" + base64(sha256(script)));
        return fill(slots, words);
    }

    private static String fill(Map<String, String> values, PageWords words) {
        Matcher slots = SLOT.matcher(resource("org/yonderarc/web/page.html"));
        return slots.replaceAll(slot -> {
            String name = slot.group(1);
            return Matcher.quoteReplacement(
                    name.startsWith(WORD) ? words.get(name.substring(WORD.length())) : values.get(name));
        });
    }

    /** The start on a phone, which shows before the script runs, and without it. */
    private String still(Plan plan, Typeface face) {
        var walk = Walk.of(plan);
        Scene start = new View(walk, Device.PHONE, face.measure()).scene(walk.start());
        String svg = SvgPainter.within(icons.in(plan.theme().icons()), pictures, face)
                .paint(start);
        return svg.substring(svg.indexOf("<svg")).replaceFirst("<svg ", "<svg class=\"still\" ");
    }

    private static String devices(Plan plan) {
        return Device.presets(plan).stream()
                .map(device ->
                        "<option value=\"" + device.id() + "\">" + device.id().replace('-', ' ') + "</option>")
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
        Icons set = icons.in(plan.theme().icons());
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

    private static String resource(String path) {
        try (InputStream in = PageWriter.class.getClassLoader().getResourceAsStream(path)) {
            if (in == null) {
                throw new IOException("not on the class path");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException(path + " can't be read", failed);
        }
    }
}
