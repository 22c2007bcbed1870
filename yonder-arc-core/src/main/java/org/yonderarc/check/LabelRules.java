package org.yonderarc.check;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/** Labels that tell items apart. */
final class LabelRules {
    private final Plan plan;
    private final Map<String, FactValue> facts;

    private LabelRules(Subject subject) {
        this.plan = subject.plan();
        this.facts = plan.initialFacts();
    }

    /** Two items of one menu that say the same and lead elsewhere. */
    static void same(Subject subject) {
        var rules = new LabelRules(subject);
        var first = new HashMap<String, Subject.PlacedItem>();
        String language = subject.plan().app().language();
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            String label = item.label().isPresent() || item.screen().isPresent() ? rules.said(item, language) : "";
            if (label.isBlank()) {
                continue;
            }
            Subject.PlacedItem other = first.putIfAbsent(placed.menu().id() + "/" + label, placed);
            if (other != null && !other.item().target().equals(item.target())) {
                subject.tell(
                        Code.AMBIGUOUS_LABEL,
                        placed.pointer(),
                        "The items \"" + other.item().id() + "\" and \"" + item.id() + "\" both say \"" + label
                                + "\", but lead to different places.",
                        "Give one of them another label.");
            }
        }
    }

    private String said(Item item, String language) {
        return item.label()
                .or(() -> item.screen().flatMap(plan.screens()::find).map(Screen::title))
                .map(words -> words.fill(
                        language, name -> Optional.ofNullable(facts.get(name)).map(value -> value.said(language))))
                .orElse("");
    }
}
