package org.yonderarc.interchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.yonderarc.bind.PlanWriter;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.JsonText;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Vectors;

/** Conformance vectors as JSON: a plan, what the check has found in it, and walks with what follows from each step. */
public final class VectorsJson {
    private VectorsJson() {}

    /** The vectors of a plan. */
    public static String write(Plan plan) {
        var walks = new LinkedHashMap<String, Value>();
        Vectors.walks(plan).forEach((name, steps) -> walks.put(name, Trees.list(steps(plan, steps))));
        var out = new LinkedHashMap<String, Value>();
        out.put("vectors", Trees.number(1));
        out.put("plan", PlanWriter.write(plan));
        out.put(
                "findings",
                Trees.list(Check.plan(plan, IconNames.ANY).stream()
                        .map(finding -> Trees.with(
                                Trees.map("code", Trees.text(finding.code().id())),
                                "pointer",
                                Trees.text(finding.spot().pointer())))
                        .toList()));
        out.put("walks", Trees.map(walks));
        return JsonText.write(Trees.map(out));
    }

    private static List<Value> steps(Plan plan, List<String> steps) {
        var out = new ArrayList<Value>();
        List<Vectors.Outcome> outcomes = Vectors.outcomes(plan, steps);
        for (int i = 0; i < outcomes.size(); i++) {
            Vectors.Outcome outcome = outcomes.get(i);
            var one = new LinkedHashMap<String, Value>();
            one.put("step", Trees.text(i == 0 ? "start" : steps.get(i - 1)));
            one.put("shown", Trees.text(outcome.shown()));
            one.put("address", Trees.text(outcome.address()));
            one.put("trail", Trees.texts(outcome.trail()));
            one.put("selected", outcome.selected().<Value>map(Trees::text).orElse(new NullValue(Spot.at(""))));
            one.put("effects", Trees.texts(outcome.effects()));
            out.add(Trees.map(one));
        }
        return out;
    }
}
