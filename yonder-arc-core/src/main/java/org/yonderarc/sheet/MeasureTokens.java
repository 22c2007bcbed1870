package org.yonderarc.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Role;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Measures as design tokens, as the Design Tokens Format Module 2025.10 (DTCG) writes them. */
public final class MeasureTokens {
    private MeasureTokens() {}

    /** The colours of the theme by role, and the sizes and radii of the bar by part. */
    public static Value tokens(Measures measures) {
        Shot shot = measures.shot();
        var colours = new LinkedHashMap<String, Value>();
        for (Role role : Role.values()) {
            colours.put(
                    role.word(),
                    colour(shot.plan().theme().colour(shot.setting().scheme(), role)));
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
        return Trees.map(out);
    }

    /** A name as tokens may have it: without dots, braces and dollar signs. */
    private static String name(String part) {
        return part.replace(' ', '-').replace(':', '-');
    }

    private static Value colour(Colour colour) {
        var value = new LinkedHashMap<String, Value>();
        value.put("colorSpace", Trees.text("srgb"));
        value.put("components", Trees.list(List.of(share(colour.red()), share(colour.green()), share(colour.blue()))));
        value.put("alpha", Trees.number(colour.alpha()));
        value.put("hex", Trees.text(colour.hex()));
        return token("color", Trees.map(value));
    }

    private static Value share(int channel) {
        return Trees.number(Math.round(channel / 255.0 * 10_000) / 10_000.0);
    }

    private static Value dimension(double dp) {
        var value = new LinkedHashMap<String, Value>();
        value.put("value", MeasureTable.rounded(dp));
        value.put("unit", Trees.text("px"));
        return token("dimension", Trees.map(value));
    }

    private static Value token(String type, Value value) {
        var token = new LinkedHashMap<String, Value>();
        token.put("$type", Trees.text(type));
        token.put("$value", value);
        return Trees.map(token);
    }
}
