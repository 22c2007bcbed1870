package org.yonderarc.browser;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.html.HTMLInputElement;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Step;

/** The facts of the plan beside the device: what the app would tell, a tester tells here. */
final class FactsPanel {
    private final HTMLDocument document;
    private final Consumer<Step> take;
    private final Map<String, HTMLInputElement> inputs = new HashMap<>();
    private final Map<String, List<ListEntry>> entries = new HashMap<>();

    FactsPanel(HTMLDocument document, Consumer<Step> take) {
        this.document = document;
        this.take = take;
    }

    /** Fills the panel anew; hides it where the plan has no facts. */
    void show(Plan plan, Map<String, FactValue> now) {
        HTMLElement panel = document.getElementById("facts");
        panel.setTextContent("");
        inputs.clear();
        entries.clear();
        Page.hide(document.getElementById("facts-panel"), plan.facts().list().isEmpty());
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
            } else if (input != null && value instanceof FactValue.Entries list) {
                entries.put(id, list.entries());
                count(input, list.entries().size());
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
        if (fact.initial() instanceof FactValue.Entries) {
            input.setAttribute("type", "number");
            input.setAttribute("min", "0");
            input.setAttribute("max", Integer.toString(FactValue.Entries.MOST));
            input.onEvent("input", event -> resize(fact, input.getValue()));
            return input;
        }
        input.setAttribute("type", fact.initial() instanceof FactValue.Number ? "number" : "text");
        input.onEvent("input", event -> fact.initial().parse(input.getValue()).ifPresent(value -> tell(fact, value)));
        return input;
    }

    private static void count(HTMLInputElement input, int count) {
        if (!input.getValue().equals(Integer.toString(count))) {
            input.setValue(Integer.toString(count));
        }
    }

    /** A tester says how many entries there are: those that are told stay, more are made up. */
    private void resize(Fact fact, String text) {
        FactValue read = new FactValue.Number(0).parse(text).orElse(null);
        double wanted = read instanceof FactValue.Number number ? number.number() : -1;
        if (wanted < 0 || wanted > FactValue.Entries.MOST || wanted != Math.rint(wanted)) {
            return;
        }
        var told = new ArrayList<ListEntry>(((FactValue.Entries) fact.initial()).entries());
        told.addAll(entries.getOrDefault(fact.id(), List.of()).stream()
                .filter(entry -> told.stream().noneMatch(one -> one.id().equals(entry.id())))
                .toList());
        for (int i = 1; told.size() < wanted; i++) {
            String id = "sample-" + i;
            if (told.stream().noneMatch(one -> one.id().equals(id))) {
                told.add(ListEntry.of(id, Ids.asTitle(fact.id()) + " " + (told.size() + 1)));
            }
        }
        tell(fact, new FactValue.Entries(told.subList(0, (int) wanted)));
    }

    private void tell(Fact fact, FactValue value) {
        take.accept(new Step.Tell(fact.id(), value));
    }
}
