package org.yonderarc.bind;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Plan;

/** Every name that a plan mentions, as the shapes of the reader report them. */
public final class PlanMentions {
    private PlanMentions() {}

    /** Tells of everything that {@code plan} mentions, in the order in which a plan is written. */
    public static void tell(Plan plan, Mentions to) {
        PlanShape.PLAN.visit(plan, "", to);
    }

    /** The names of all icons that a plan uses, those that its forms have by default included. */
    public static Set<String> icons(Plan plan) {
        var icons = new TreeSet<String>();
        tell(plan, new Mentions() {
            @Override
            public void icon(String name, String pointer) {
                icons.add(name);
            }
        });
        plan.facts().forEach(fact -> {
            if (fact.initial() instanceof FactValue.Entries list) {
                list.entries().forEach(entry -> entry.value("icon").ifPresent(icons::add));
            }
        });
        return Collections.unmodifiableSet(icons);
    }

    /** The paths of all files that a plan names. */
    public static Set<String> files(Plan plan) {
        var files = new TreeSet<String>();
        tell(plan, new Mentions() {
            @Override
            public void file(String path, String pointer) {
                files.add(path);
            }
        });
        // A fact that tells a person's picture may tell one of the plan's folder before the app tells another.
        plan.bars().stream().flatMap(bar -> bar.forms().values().stream()).forEach(form -> form.photoFact()
                .flatMap(plan.facts()::find)
                .map(fact -> fact.initial().text())
                .filter(file -> !file.isEmpty() && !file.contains(":"))
                .ifPresent(files::add));
        return Collections.unmodifiableSet(files);
    }
}
