package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Timing;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Measures as design tokens, as the Design Tokens Format Module 2025.10 (DTCG) writes them, or with values as texts, as its drafts had them
 * and many tools read them.
 */
public final class MeasureTokens {
    /** What a part is called that is one colour of a gradient: see {@link Measures}. */
    private static final Pattern SHADE = Pattern.compile("(.*) at ([0-9.]+) %");
    /** Family, size and weight, as {@link Measures} says the type of a text. */
    private static final Pattern TYPE = Pattern.compile("(.*) ([0-9.]+) (\\w+)");
    /** Up to this thickness in dp a part is a line. */
    private static final double HAIRLINE = 1.5;

    private static final double LINE_HEIGHT = 1.2;

    private final boolean areTexts;

    private MeasureTokens(boolean areTexts) {
        this.areTexts = areTexts;
    }

    /**
     * The colours of the theme by role; by part of the bar sizes, radii, types, gradients and borders; its shadow; the times of the plan.
     *
     * @param areTexts whether colours, lengths and times are texts ({@code "#0a6c74"}, {@code "24px"}, {@code "200ms"}) and no objects
     */
    public static Value tokens(Measures measures, boolean areTexts) {
        return new MeasureTokens(areTexts).all(measures);
    }

    private Value all(Measures measures) {
        Shot shot = measures.shot();
        var out = new LinkedHashMap<String, Value>();
        var colours = new LinkedHashMap<String, Value>();
        for (Role role : Role.values()) {
            colours.put(role.word(), token("color", colour(shot.plan().theme().colour(measures.scheme(), role))));
        }
        out.put("colour", Trees.map(colours));
        var sizes = new LinkedHashMap<String, Value>();
        var types = new LinkedHashMap<String, Value>();
        var borders = new LinkedHashMap<String, Value>();
        var gradients = new LinkedHashMap<String, List<Value>>();
        for (Measures.Measure one : measures.all()) {
            Matcher shade = SHADE.matcher(one.part());
            String name = name(shade.matches() ? shade.group(1) : one.part());
            sizes.putIfAbsent(
                    name + "-width", token("dimension", length(one.box().width())));
            sizes.putIfAbsent(
                    name + "-height", token("dimension", length(one.box().height())));
            if (one.radius() > 0) {
                sizes.putIfAbsent(name + "-radius", token("dimension", length(one.radius())));
            }
            Optional<Colour> colour =
                    Optional.of(one.colour()).filter(any -> !any.isEmpty()).map(Colour::parse);
            double thickness = Math.min(one.box().width(), one.box().height());
            if (shade.matches() && colour.isPresent()) {
                Value stop = Trees.with(Trees.map("color", colour(colour.get())), "position", Trees.number(at(shade)));
                gradients.computeIfAbsent(name, any -> new ArrayList<>()).add(stop);
            } else if (colour.isPresent() && thickness > 0 && thickness <= HAIRLINE) {
                borders.putIfAbsent(name, token("border", border(colour.get(), thickness)));
            }
            Matcher type = TYPE.matcher(one.type());
            if (type.matches()) {
                types.putIfAbsent(name, token("typography", type(type)));
            }
        }
        out.put("size", Trees.map(sizes));
        put(out, "type", types);
        put(out, "border", borders);
        var blended = new LinkedHashMap<String, Value>();
        gradients.forEach((name, stops) -> blended.put(name, token("gradient", Trees.list(stops))));
        put(out, "gradient", blended);
        measures.cast().ifPresent(cast -> out.put("shadow", token("shadow", shadow(cast))));
        out.put("time", times(shot.plan().motion()));
        return Trees.map(out);
    }

    private static void put(Map<String, Value> out, String name, Map<String, Value> group) {
        if (!group.isEmpty()) {
            out.put(name, Trees.map(group));
        }
    }

    private static double at(Matcher shade) {
        return Double.parseDouble(shade.group(2)) / 100;
    }

    private Value type(Matcher type) {
        Type.Weight weight = Type.Weight.valueOf(type.group(3).toUpperCase(Locale.ROOT));
        var value = new LinkedHashMap<String, Value>();
        value.put("fontFamily", Trees.text(type.group(1)));
        value.put("fontSize", length(Double.parseDouble(type.group(2))));
        value.put("fontWeight", Trees.number(weight.css()));
        value.put("letterSpacing", length(0));
        value.put("lineHeight", Trees.number(LINE_HEIGHT));
        return Trees.map(value);
    }

    private Value border(Colour colour, double width) {
        var value = new LinkedHashMap<String, Value>();
        value.put("color", colour(colour));
        value.put("width", length(width));
        value.put("style", Trees.text("solid"));
        return Trees.map(value);
    }

    private Value shadow(Measures.Cast cast) {
        var value = new LinkedHashMap<String, Value>();
        value.put("color", colour(cast.colour()));
        value.put("offsetX", length(cast.x()));
        value.put("offsetY", length(cast.y()));
        value.put("blur", length(cast.blur()));
        value.put("spread", length(0));
        return Trees.map(value);
    }

    private Value times(Motion motion) {
        var out = new LinkedHashMap<String, Value>();
        time("select", motion.select(), out);
        time("states", motion.states(), out);
        time("drawers", motion.drawers(), out);
        time("screens", motion.transition().timing(), out);
        return Trees.map(out);
    }

    /** How long something takes, the time before it, and its curve where that is one that tokens know. */
    private void time(String name, Timing timing, Map<String, Value> out) {
        out.put(name + "-duration", token("duration", measured(timing.takes(), "ms")));
        if (timing.delay() > 0) {
            out.put(name + "-delay", token("duration", measured(timing.delay(), "ms")));
        }
        if (timing instanceof Timing.Eased eased && eased.easing() instanceof Easing.CubicBezier curve) {
            out.put(
                    name + "-easing",
                    token(
                            "cubicBezier",
                            Trees.list(Stream.of(curve.x1(), curve.y1(), curve.x2(), curve.y2())
                                    .map(Trees::number)
                                    .collect(toList()))));
        }
    }

    /** A name as tokens may have it: letters, digits and hyphens. */
    private static String name(String part) {
        return part.replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    private Value colour(Colour colour) {
        if (areTexts) {
            return Trees.text(colour.alpha() < 1 ? colour.hex() + alpha(colour) : colour.hex());
        }
        var value = new LinkedHashMap<String, Value>();
        value.put("colorSpace", Trees.text("srgb"));
        value.put("components", Trees.list(List.of(share(colour.red()), share(colour.green()), share(colour.blue()))));
        value.put("alpha", Trees.number(colour.alpha()));
        value.put("hex", Trees.text(colour.hex()));
        return Trees.map(value);
    }

    /** Its alpha as the last two digits of #rrggbbaa (CSS Color Level 4, section 5.2). */
    private static String alpha(Colour colour) {
        long of = Math.round(colour.alpha() * 255);
        return (of < 16 ? "0" : "") + Long.toHexString(of);
    }

    private static Value share(int channel) {
        return Trees.number(Math.round(channel / 255.0 * 10_000) / 10_000.0);
    }

    private Value length(double dp) {
        return measured(dp, "px");
    }

    private Value measured(double number, String unit) {
        Value value = MeasureTable.rounded(number);
        return areTexts
                ? Trees.text(Decimals.brief(Math.round(number * 1000) / 1000.0) + unit)
                : Trees.with(Trees.map("value", value), "unit", Trees.text(unit));
    }

    private static Value token(String type, Value value) {
        var token = new LinkedHashMap<String, Value>();
        token.put("$type", Trees.text(type));
        token.put("$value", value);
        return Trees.map(token);
    }
}
