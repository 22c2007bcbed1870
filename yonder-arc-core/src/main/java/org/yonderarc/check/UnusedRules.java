package org.yonderarc.check;

import java.util.HashSet;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Style;

/** What the plan declares and doesn't use, or uses in vain. */
final class UnusedRules {
    private UnusedRules() {}

    static void facts(Subject subject) {
        Mentioned mentioned = subject.mentioned();
        Set<String> used = new HashSet<>();
        mentioned.texts.forEach(said -> used.addAll(said.words().holes()));
        mentioned.conditions.forEach(at -> used.addAll(at.value().facts()));
        mentioned.names(Noun.FACT).forEach(name -> used.add(name.id()));
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

    static void caps(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().badge().ifPresent(badge -> cap(subject, badge, placed.pointer() + "/badge"));
        }
    }

    /** A bar shows a menu, or stands with single items of it. */
    static void menus(Subject subject) {
        var used = new HashSet<String>();
        subject.plan().bars().forEach(bar -> bar.menu().ifPresent(used::add));
        var items = new HashSet<String>();
        subject.mentioned().names(Noun.ITEM).forEach(name -> items.add(name.id()));
        for (Menu menu : subject.plan().menus()) {
            if (!used.contains(menu.id()) && menu.items().stream().noneMatch(item -> items.contains(item.id()))) {
                subject.tell(
                        Code.UNUSED_MENU,
                        Subject.pointer("menus", menu.id()),
                        "No bar shows the menu \"" + menu.id() + "\".",
                        "Show it in a bar: \"{ menu: " + menu.id() + ", form: ... }\", or remove it.");
            }
        }
    }

    static void styles(Subject subject) {
        var used = new HashSet<String>();
        subject.mentioned().names(Noun.STYLE).forEach(name -> used.add(name.id()));
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
                .filter(fact ->
                        fact.initial() instanceof FactValue.Number || fact.initial() instanceof FactValue.Entries)
                .isPresent();
        if (!isNumber && badge.cap() != Badge.DEFAULT_CAP) {
            subject.tell(
                    Code.BADGE_TYPE,
                    pointer,
                    "\"" + badge.fact() + "\" is not a number, but its badge has a cap.",
                    "Remove \"cap\", or show a number.");
        }
    }
}
