package org.yonderarc.check;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Words;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.Walk;

/** Labels that fit into their slot of a bottom bar, on every preset device, in every language, at every text scale. */
final class LabelRules {
    private final Subject subject;
    private final Plan plan;
    private final TextMeasure measure = new PlainMeasure();
    private final Map<String, FactValue> facts;

    /** The least that a finger can hit, in dp (WCAG 2.2, 2.5.8). */
    private static final double NARROWEST = 24;

    private final Set<String> cramped = new HashSet<>();

    /** Where a label fits worst. */
    private record Worst(String label, String language, Device device, double over) {}

    private LabelRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
        this.facts = plan.initialFacts();
    }

    static void look(Subject subject) {
        var rules = new LabelRules(subject);
        var walk = Walk.of(subject.plan());
        var worst = new HashMap<String, Worst>();
        List<String> own = subject.plan().app().languages();
        List<String> languages = own.isEmpty() ? List.of(Words.ANY) : own;
        for (Device device : Device.presets(subject.plan())) {
            for (Fitting fitting : Fitter.fit(walk, device, walk.start(), languages)) {
                String language = own.isEmpty() ? Words.ANY : fitting.setting().language();
                Layouter.layOut(fitting, rules.measure).one(Form.Kind.BOTTOM).ifPresent(bar -> {
                    bar.slots().forEach(slot -> rules.slot(slot, device, language, worst));
                    rules.room(bar, device);
                });
            }
        }
        subject.items()
                .forEach(placed -> Optional.ofNullable(worst.get(placed.item().id()))
                        .ifPresent(found -> rules.tell(placed, found)));
    }

    /** Items that have hardly any room, because what stands around them takes it. */
    private void room(Layout.Bar bar, Device device) {
        double narrowest = bar.slots().stream()
                .mapToDouble(slot -> slot.target().width())
                .min()
                .orElse(NARROWEST);
        String id = bar.fitted().id();
        if (narrowest < NARROWEST && cramped.add(id)) {
            subject.tell(
                    Code.SMALL_TARGET,
                    subject.bar(plan.bars().stream().map(Bar::id).toList().indexOf(id)),
                    "On " + device.id() + ", items of the bar \"" + id + "\" are " + (int) narrowest + " dp wide.",
                    "Let it float nearer to the edges, or make what stands in it smaller.");
        }
    }

    /** A label that is cut off, as layout really sets it: larger texts are set as large as there is room for. */
    private void slot(Layout.Slot slot, Device device, String language, Map<String, Worst> worst) {
        String full = slot.item().brief();
        for (TextLine line : slot.label()) {
            boolean whole =
                    line.text().equals(full) || line.text().equals(slot.item().label());
            double over = measure.width(full, line.type()) - line.width();
            Worst before = worst.get(slot.item().id());
            if (!whole && (before == null || over > before.over)) {
                worst.put(slot.item().id(), new Worst(full, language, device, over));
            }
        }
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
