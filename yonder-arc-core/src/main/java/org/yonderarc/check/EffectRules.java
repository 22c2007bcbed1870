package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
import org.yonderarc.form.Forms;
import org.yonderarc.form.IdleStyles;
import org.yonderarc.form.Looks;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Style;

/** Keys of styles that do nothing wherever the style is used. */
final class EffectRules {
    private final Subject subject;
    private final Plan plan;
    /** Where each style is used, by the pointer to it. */
    private final Map<String, List<Use>> uses = new LinkedHashMap<>();

    /** A form in which a style is used, and what it comes to there. */
    private record Use(Style said, Form form, Look look) {}

    private EffectRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
    }

    static void styles(Subject subject) {
        var rules = new EffectRules(subject);
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            rules.bar(bar, subject.bar(index++));
        }
        rules.uses.forEach(rules::tell);
    }

    private void bar(Bar bar, String pointer) {
        List<Subject.PlacedItem> styled = subject.items().stream()
                .filter(placed -> placed.item().style().isPresent())
                .filter(placed -> bar.menu().equals(Optional.of(placed.menu().id()))
                        || bar.forms().values().stream().anyMatch(form -> form.named()
                                .contains(placed.item().id())))
                .collect(toList());
        bar.forms().forEach((kind, form) -> {
            String at = bar.forms().size() == 1 && kind.equals(Bar.ANY_KIND) ? pointer : pointer + "/forms/" + kind;
            Optional<Style.Ref> theme = plan.theme().style();
            use(form.style(), at + "/style", form, Optional.empty());
            use(theme, "/theme/style", form, Optional.empty());
            // What doesn't fit is shown in a place of its own.
            Optional<Form> place = form.overflows().map(Forms::place);
            form.overflows().flatMap(Form.Overflow::style).ifPresent(style -> {
                use(Optional.of(style), at + "/overflow/style", place.get(), Optional.of(style));
            });
            place.ifPresent(list -> use(theme, "/theme/style", list, Optional.empty()));
            for (Subject.PlacedItem placed : styled) {
                Optional<Style.Ref> own = placed.item().style();
                use(own, placed.pointer() + "/style", form, own);
                place.ifPresent(list -> use(own, placed.pointer() + "/style", list, own));
                // The styles below an item's own show where it says nothing.
                use(form.style(), at + "/style", form, own);
                use(theme, "/theme/style", form, own);
            }
        });
    }

    private void use(Optional<Style.Ref> ref, String pointer, Form form, Optional<Style.Ref> own) {
        if (ref.isPresent()) {
            Style said = ref.get().in(plan.styles());
            Style above = own.map(one -> one.in(plan.styles())).orElse(Style.NONE);
            uses.computeIfAbsent(
                            ref.get()
                                    .name()
                                    .map(name -> Subject.pointer("styles", name))
                                    .orElse(pointer),
                            none -> new ArrayList<>())
                    .add(new Use(said, form, Looks.of(plan, form, above)));
        }
    }

    private void tell(String pointer, List<Use> all) {
        Map<String, String> idle = Map.of();
        boolean isFirst = true;
        for (Use use : all) {
            Map<String, String> here = IdleStyles.of(use.said, use.form, use.look);
            if (isFirst) {
                isFirst = false;
                idle = new LinkedHashMap<>(here);
            } else {
                idle.keySet().retainAll(here.keySet());
            }
        }
        List<String> kinds = all.stream()
                .map(use -> "\"" + use.form.kind().word() + "\"")
                .distinct()
                .collect(toList());
        String forms = (kinds.size() == 1 ? "the form " : "the forms ") + String.join(" and ", kinds);
        idle.forEach((key, why) -> subject.tell(
                Code.NO_EFFECT,
                pointer + "/" + key,
                "\"" + key.replace('/', '.') + "\" has no effect in " + forms + ": " + why + ".",
                "Leave it out."));
    }
}
