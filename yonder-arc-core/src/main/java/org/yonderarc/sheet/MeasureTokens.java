package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Timing;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Measures as design tokens, as the Design Tokens Format Module 2025.10 (DTCG) writes them. */
public final class MeasureTokens {
    private MeasureTokens() {}

    /** The colours of the theme by role, the sizes and radii of the bar by part, its shadow, and the times of the plan. */
    public static Value tokens(Measures measures) {
        Shot shot = measures.shot();
        var colours = new LinkedHashMap<String, Value>();
        for (Role role : Role.values()) {
            colours.put(role.word(), colour(shot.plan().theme().colour(measures.scheme(), role)));
        }
        var sizes = new LinkedHashMap<String, Value>();
        for (Measures.Measure one : measures.all()) {
            String name = name(one.part());
            sizes.putIfAbsent(name + "-width", dimension(one.box().width()));
            sizes.putIfAbsent(name + "-height", dimension(one.box().height()));
            if (one.radius() > 0) {
                sizes.putIfAbsent(name + "-radius", dimension(one.radius()));
            }
        }
        var out = new LinkedHashMap<String, Value>();
        out.put("colour", Trees.map(colours));
        out.put("size", Trees.map(sizes));
        measures.cast().ifPresent(cast -> out.put("shadow", token("shadow", shadow(cast))));
        out.put("time", times(shot.plan().motion()));
        return Trees.map(out);
    }

    private static Value shadow(Measures.Cast cast) {
        var value = new LinkedHashMap<String, Value>();
        value.put("color", components(cast.colour()));
        value.put("offsetX", length(cast.x()));
        value.put("offsetY", length(cast.y()));
        value.put("blur", length(cast.blur()));
        value.put("spread", length(0));
        return Trees.map(value);
    }

    private static Value times(Motion motion) {
        var out = new LinkedHashMap<String, Value>();
        time("select", motion.select(), out);
        time("states", motion.states(), out);
        time("drawers", motion.drawers(), out);
        time("screens", motion.screens().timing(), out);
        return Trees.map(out);
    }

    /** How long something takes, the time before it, and its curve where that is one that tokens know. */
    private static void time(String name, Timing timing, Map<String, Value> out) {
        out.put(name + "-duration", token("duration", ms(timing.takes())));
        if (timing.delay() > 0) {
            out.put(name + "-delay", token("duration", ms(timing.delay())));
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

    private static Value ms(double time) {
        return Trees.with(Trees.map("value", MeasureTable.rounded(time)), "unit", Trees.text("ms"));
    }

    /** A name as tokens may have it: without dots, braces and dollar signs. */
    private static String name(String part) {
        return part.replace(' ', '-').replace(':', '-');
    }

    private static Value colour(Colour colour) {
        return token("color", components(colour));
    }

    private static Value components(Colour colour) {
        var value = new LinkedHashMap<String, Value>();
        value.put("colorSpace", Trees.text("srgb"));
        value.put("components", Trees.list(List.of(share(colour.red()), share(colour.green()), share(colour.blue()))));
        value.put("alpha", Trees.number(colour.alpha()));
        value.put("hex", Trees.text(colour.hex()));
        return Trees.map(value);
    }

    private static Value share(int channel) {
        return Trees.number(Math.round(channel / 255.0 * 10_000) / 10_000.0);
    }

    private static Value dimension(double dp) {
        return token("dimension", length(dp));
    }

    private static Value length(double dp) {
        var value = new LinkedHashMap<String, Value>();
        value.put("value", MeasureTable.rounded(dp));
        value.put("unit", Trees.text("px"));
        return Trees.map(value);
    }

    private static Value token(String type, Value value) {
        var token = new LinkedHashMap<String, Value>();
        token.put("$type", Trees.text(type));
        token.put("$value", value);
        return Trees.map(token);
    }
}
