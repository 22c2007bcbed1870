package org.yonderarc.browser;

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
            label.appendChild(input(fact, now.getOrDefault(fact.id(), fact.initial())));
            panel.appendChild(label);
        }
    }

    private HTMLInputElement input(Fact fact, FactValue now) {
        var input = (HTMLInputElement) document.createElement("input");
        input.setAttribute("name", fact.id());
        if (now instanceof FactValue.Flag flag) {
            input.setAttribute("type", "checkbox");
            input.setChecked(flag.on());
            input.onEvent("change", event -> tell(fact, new FactValue.Flag(input.isChecked())));
            return input;
        }
        input.setAttribute("type", fact.initial() instanceof FactValue.Number ? "number" : "text");
        input.setValue(now.text());
        input.onEvent("input", event -> fact.initial().parse(input.getValue()).ifPresent(value -> tell(fact, value)));
        return input;
    }

    private void tell(Fact fact, FactValue value) {
        take.accept(new Step.Tell(fact.id(), value));
    }
}
