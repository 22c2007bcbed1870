package org.yonderarc.browser;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.html.HTMLInputElement;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Step;

/** The facts of the plan beside the device: what the app would tell, a tester tells here. */
final class FactsPanel {
    private final HTMLDocument document;
    private final Consumer<Step> take;
    private final Map<String, HTMLInputElement> inputs = new HashMap<>();

    FactsPanel(HTMLDocument document, Consumer<Step> take) {
        this.document = document;
        this.take = take;
    }

    /** Fills the panel; hides it where the plan has no facts. */
    void show(Plan plan, Map<String, FactValue> now) {
        HTMLElement panel = document.getElementById("facts");
        if (plan.facts().list().isEmpty()) {
            document.getElementById("facts-panel").setAttribute("hidden", "");
        }
        for (Fact fact : plan.facts()) {
            HTMLElement label = document.createElement("label");
            HTMLElement name = document.createElement("span");
            name.setTextContent(Ids.asTitle(fact.id()));
            label.appendChild(name);
            HTMLInputElement input = input(fact);
            inputs.put(fact.id(), input);
            label.appendChild(input);
            panel.appendChild(label);
        }
        refresh(now);
    }

    /** Shows the facts as they are now, where somebody else than a tester has told them. */
    void refresh(Map<String, FactValue> now) {
        now.forEach((id, value) -> {
            HTMLInputElement input = inputs.get(id);
            if (input != null && value instanceof FactValue.Flag flag) {
                input.setChecked(flag.on());
            } else if (input != null && !isMeant(input, value)) {
                input.setValue(value.text());
            }
        });
    }

    /** Whether what stands there is read as that value: a tester may be in the middle of it. */
    private static boolean isMeant(HTMLInputElement input, FactValue value) {
        return value.parse(input.getValue()).filter(value::equals).isPresent();
    }

    private HTMLInputElement input(Fact fact) {
        var input = (HTMLInputElement) document.createElement("input");
        input.setAttribute("name", fact.id());
        if (fact.initial() instanceof FactValue.Flag) {
            input.setAttribute("type", "checkbox");
            input.onEvent("change", event -> tell(fact, new FactValue.Flag(input.isChecked())));
            return input;
        }
        input.setAttribute("type", fact.initial() instanceof FactValue.Number ? "number" : "text");
        input.onEvent("input", event -> fact.initial().parse(input.getValue()).ifPresent(value -> tell(fact, value)));
        return input;
    }

    private void tell(Fact fact, FactValue value) {
        take.accept(new Step.Tell(fact.id(), value));
    }
}
