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
            String form = bar.forms().values().iterator().next().kind().word();
            boolean isTitle = bar.menu().isEmpty() && form.equals(Form.Kind.TOP.word());
            out.add(isTitle ? Trees.text(form) : Json.map("menu", bar.menu().orElse(""), "form", form));
        }
        return out;
    }
}
