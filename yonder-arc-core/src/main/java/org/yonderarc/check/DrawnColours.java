package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Scheme;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Composer;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;

/**
 * What styles colour, on what is really painted beneath it: in both schemes, with and without more contrast, with all items in each
 * state. The theme's own colours are looked at by themselves.
 */
final class DrawnColours {
    private final Subject subject;
    private final TextMeasure measure;
    private final Set<String> styledItems;
    private final Set<ItemState> states = EnumSet.noneOf(ItemState.class);
    private final Map<String, Worst> worst = new LinkedHashMap<>();

    /** What stands out least of all that has one cause. */
    private record Worst(
            String pointer, ItemState state, PaintedContrast.Seen seen, Set<Scheme> schemes, boolean isMore) {
        Worst and(Worst other) {
            Worst less = other.seen.ratio() < seen.ratio() ? other : this;
            var both = EnumSet.copyOf(schemes);
            both.addAll(other.schemes);
            return new Worst(pointer, less.state, less.seen, both, isMore);
        }

        void tell(Subject subject) {
            String where = schemes.size() > 1
                    ? "both schemes"
                    : "the " + schemes.iterator().next().word() + " scheme";
            String what = seen.item().isPresent()
                    ? "the " + seen.what() + " in the state " + state.word()
                    : "the " + seen.what() + " of the bar \"" + seen.bar() + "\"";
            subject.tell(
                    Code.LOW_CONTRAST,
                    pointer,
                    "In " + where + (isMore ? ", for people who want more contrast, " : ", ") + what
                            + " has a contrast of " + ContrastRules.oneDecimal(seen.ratio()) + ":1; at least "
                            + Decimals.text(seen.least()) + ":1 is needed.",
                    "Choose a colour that stands out more, or another background.");
        }
    }

    DrawnColours(Subject subject, TextMeasure measure) {
        this.subject = subject;
        this.measure = measure;
        this.styledItems = subject.items().stream()
                .filter(placed -> placed.item().style().isPresent())
                .map(placed -> placed.item().id())
                .collect(Collectors.toSet());
        // The states that no style says anything of are as in every other app.
        subject.mentioned()
                .styles
                .forEach(style -> states.addAll(style.value().states().keySet()));
        if (!subject.mentioned().styles.isEmpty()) {
            states.add(ItemState.SELECTED);
        }
        states.add(ItemState.DEFAULT);
        states.remove(ItemState.DISABLED);
    }

    /** Looks at the bars that are shown; where something is open, at what opened. */
    void look(Fitting fitting, State at) {
        Optional<String> opened = at.open().map(Step.Toggle::new).map(Step.Toggle::owner);
        List<FittedBar> bars = fitting.bars().stream()
                .filter(bar -> opened.map(bar.id()::equals).orElse(true))
                .filter(this::isStyled)
                .collect(toList());
        if (bars.isEmpty()) {
            return;
        }
        var uses = new StyleUses(subject, fitting);
        for (ItemState state : states) {
            Set<ItemState> in = state == ItemState.DEFAULT ? Set.of() : Set.of(state);
            Fitting all = fitting.onlyBars(bars.stream().map(bar -> bar.in(in)).collect(toList()));
            // Both schemes have the same boxes.
            Layout layout = Layouter.layOut(all, measure);
            for (boolean isMore : new boolean[] {false, true}) {
                for (Scheme scheme : Scheme.values()) {
                    Setting setting = all.setting().with(scheme).moreContrast(isMore);
                    Fitting seen = all.in(setting).with(setting.themeOf(subject.plan()));
                    PaintedContrast.of(Composer.compose(seen, layout, measure))
                            .forEach(one -> look(one, uses, state, scheme, isMore));
                }
            }
        }
    }

    /** Whether the plan colours anything of what stands in a bar. */
    private boolean isStyled(FittedBar bar) {
        return bar.form().style().isPresent()
                || bar.form().behindHead().isPresent()
                || subject.plan().theme().style().isPresent()
                || bar.form().overflows().flatMap(Form.Overflow::style).isPresent()
                || bar.standing() == FittedBar.Standing.OVERFLOW
                || bar.shown().stream().anyMatch(item -> styledItems.contains(item.id()));
    }

    private void look(PaintedContrast.Seen seen, StyleUses uses, ItemState state, Scheme scheme, boolean isMore) {
        if (seen.ratio() >= seen.least()) {
            return;
        }
        uses.cause(seen, state).ifPresent(pointer -> {
            String cause = pointer + " " + seen.what();
            var found = new Worst(pointer, state, seen, EnumSet.of(scheme), isMore);
            Worst known = worst.get(cause);
            // What is hard to see for everybody is told as that.
            if (known == null || known.isMore == isMore) {
                worst.merge(cause, found, Worst::and);
            }
        });
    }

    /** Tells of all that was looked at, each cause once. */
    void tell() {
        worst.values().forEach(found -> found.tell(subject));
    }
}
