package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.Map;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Measures as tables, for programs. */
public final class MeasureTable {
    private MeasureTable() {}

    /** As comma-separated values (RFC 4180), with a header. */
    public static String csv(Measures measures) {
        var out = new StringBuilder("part,x,y,width,height,radius,colour,role,type\r\n");
        for (Measures.Measure one : measures.all()) {
            out.append(one.part())
                    .append(',')
                    .append(Decimals.brief(one.box().x()))
                    .append(',')
                    .append(Decimals.brief(one.box().y()))
                    .append(',')
                    .append(Decimals.brief(one.box().width()))
                    .append(',')
                    .append(Decimals.brief(one.box().height()))
                    .append(',')
                    .append(Decimals.brief(one.radius()))
                    .append(",\"")
                    .append(one.colour())
                    .append("\",")
                    .append(one.role())
                    .append(',')
                    .append(one.type())
                    .append("\r\n");
        }
        return out.toString();
    }

    /** As a tree, for JSON. */
    public static Value json(Measures measures) {
        return Trees.list(measures.all().stream()
                .map(one -> {
                    Map<String, Value> out = new LinkedHashMap<>();
                    out.put("part", Trees.text(one.part()));
                    out.put("x", rounded(one.box().x()));
                    out.put("y", rounded(one.box().y()));
                    out.put("width", rounded(one.box().width()));
                    out.put("height", rounded(one.box().height()));
                    out.put("radius", rounded(one.radius()));
                    out.put("colour", Trees.text(one.colour()));
                    out.put("role", Trees.text(one.role()));
                    out.put("type", Trees.text(one.type()));
                    return (Value) Trees.map(out);
                })
                .collect(toList()));
    }

    /** A length in dp with three decimals at most. */
    static Value rounded(double dp) {
        return Trees.number(Math.round(dp * 1000) / 1000.0);
    }
}
