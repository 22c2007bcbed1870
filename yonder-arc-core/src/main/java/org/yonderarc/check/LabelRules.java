package org.yonderarc.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Layouter;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Words;

/** Labels that fit into their slot of a bottom bar, on every preset device and in every language. */
final class LabelRules {
    private final Subject subject;
    private final Plan plan;
    private final TextMeasure measure = new PlainMeasure();
    private final Map<String, FactValue> facts;

    /** Where a label fits worst. */
    private record Worst(String label, String language, Device device, double over) {}

    private LabelRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
        this.facts = plan.initialFacts();
    }

    static void look(Subject subject) {
        var rules = new LabelRules(subject);
        var worst = new HashMap<String, Worst>();
        for (Device device : Device.PRESETS) {
            String kind = DeviceKind.at(rules.plan.kinds(), device.width());
            for (Bar bar : rules.plan.bars()) {
                bar.form(kind)
                        .filter(Form.Bottom.class::isInstance)
                        .ifPresent(form -> rules.bar(bar, (Form.Bottom) form, device, kind, worst));
            }
        }
        subject.items()
                .forEach(placed -> Optional.ofNullable(worst.get(placed.item().id()))
                        .ifPresent(found -> rules.tell(placed, found)));
    }

    private void bar(Bar bar, Form.Bottom form, Device device, String kind, Map<String, Worst> worst) {
        boolean above = form.icons() == Form.IconSide.ABOVE || form.icons() == Form.IconSide.BELOW;
        if (form.labels() != Form.Labels.ALL || form.whenFull() != Form.WhenFull.OVERFLOW || !above) {
            return;
        }
        DeviceKind on = plan.kinds().get(kind);
        List<Item> items = bar.menu().flatMap(plan.menus()::find).stream()
                .flatMap(menu -> menu.items().stream())
                .filter(item -> BarRules.mayShow(item.visibility(), on))
                .toList();
        if (items.isEmpty()) {
            return;
        }
        double room = Layouter.labelRoom(device, Math.min(items.size(), form.most()));
        for (Item item : items) {
            for (String language : plan.app().languages().isEmpty()
                    ? List.of(Words.ANY)
                    : plan.app().languages()) {
                String label = label(item, language);
                double over = measure.width(label, Layouter.widestLabel()) - room;
                Worst before = worst.get(item.id());
                if (over > 0 && (before == null || over > before.over)) {
                    worst.put(item.id(), new Worst(label, language, device, over));
                }
            }
        }
    }

    private String label(Item item, String language) {
        Words words = item.shortLabel()
                .or(item::label)
                .or(() -> item.screen().flatMap(plan.screens()::find).map(Screen::title))
                .orElseGet(() -> Words.of(org.yonderarc.plan.Ids.asTitle(item.id())));
        return words.fill(language, name -> Optional.ofNullable(facts.get(name)).map(FactValue::text));
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
                        language, name -> Optional.ofNullable(facts.get(name)).map(FactValue::text)))
                .orElse("");
    }

    private void tell(Subject.PlacedItem placed, Worst worst) {
        String language = worst.language.isEmpty() ? "" : " in " + worst.language;
        subject.tell(
                Code.LABEL_TOO_WIDE,
                placed.pointer(),
                "\"" + worst.label + "\"" + language + " is about " + (int) Math.ceil(worst.over)
                        + " dp wider than its slot on " + worst.device.id() + ", and is cut off there.",
                "Set \"short\", a label for narrow bars, or show fewer items.");
    }
}
