package org.yonderarc.check;

import java.util.HashSet;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Words;

/** What the plan declares and doesn't use, or uses in vain. */
final class UnusedRules {
    private UnusedRules() {}

    static void facts(Subject subject) {
        Set<String> used = new HashSet<>();
        for (Screen screen : subject.plan().screens()) {
            used.addAll(screen.title().holes());
            screen.needs().map(Condition::facts).ifPresent(used::addAll);
        }
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            item.label().map(Words::holes).ifPresent(used::addAll);
            item.shortLabel().map(Words::holes).ifPresent(used::addAll);
            item.spoken().map(Words::holes).ifPresent(used::addAll);
            item.when().map(Condition::facts).ifPresent(used::addAll);
            item.enabled().map(Condition::facts).ifPresent(used::addAll);
            item.badge().map(Badge::fact).ifPresent(used::add);
            item.badge().ifPresent(badge -> cap(subject, badge, placed.pointer() + "/badge"));
        }
        subject.plan().menus().stream()
                .flatMap(menu -> menu.entries().stream())
                .filter(Entry.Section.class::isInstance)
                .forEach(entry -> used.addAll(((Entry.Section) entry).heading().holes()));
        for (Bar bar : subject.plan().bars()) {
            for (Form form : bar.forms().values()) {
                if (form instanceof Form.Bottom bottom) {
                    used.addAll(bottom.overflow().label().holes());
                    bottom.overflow()
                            .profile()
                            .ifPresent(profile -> used.addAll(profile.text().holes()));
                } else if (form instanceof Form.Top top) {
                    top.profile()
                            .ifPresent(profile -> used.addAll(profile.text().holes()));
                } else if (form instanceof Form.Drawer drawer) {
                    drawer.header().ifPresent(header -> {
                        used.addAll(header.title().holes());
                        header.note().map(Words::holes).ifPresent(used::addAll);
                    });
                }
            }
        }
        for (Fact fact : subject.plan().facts()) {
            if (!used.contains(fact.id())) {
                subject.tell(
                        Code.UNUSED_FACT,
                        Subject.pointer("facts", fact.id()),
                        "Nothing uses the fact \"" + fact.id() + "\".",
                        "Use it in a badge, a condition or a title, or remove it.");
            }
        }
    }

    static void styles(Subject subject) {
        var used = new HashSet<String>();
        StyleRules.each(subject, style -> style.ref().name().ifPresent(used::add));
        for (Style.Named named : subject.plan().styles()) {
            if (!used.contains(named.id())) {
                subject.tell(
                        Code.UNUSED_STYLE,
                        Subject.pointer("styles", named.id()),
                        "Nothing uses the style \"" + named.id() + "\".",
                        "Refer to it with \"style: " + named.id() + "\", or remove it.");
            }
        }
    }

    private static void cap(Subject subject, Badge badge, String pointer) {
        boolean isNumber = subject.plan()
                .facts()
                .find(badge.fact())
                .filter(fact -> fact.initial() instanceof FactValue.Number)
                .isPresent();
        if (!isNumber && badge.cap() != Badge.DEFAULT_CAP) {
            subject.tell(
                    Code.BADGE_TYPE,
                    pointer,
                    "\"" + badge.fact() + "\" is no number, but its badge has a cap.",
                    "Remove \"cap\", or show a number.");
        }
    }
}
