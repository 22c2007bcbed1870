package org.yonderarc.live;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The bars of a plan that writes none, as it would write them. */
final class UsualBars {
    private UsualBars() {}

    static List<Value> of(Plan plan) {
        var out = new ArrayList<Value>();
        for (Bar bar : plan.bars()) {
            Form form = bar.forms().values().iterator().next();
            String word = form.kind().word();
            boolean isTitle = bar.menu().isEmpty() && !form.showsMenu();
            out.add(isTitle ? Trees.text(word) : Json.map("menu", bar.menu().orElse(""), "form", word));
        }
        return out;
    }
}
