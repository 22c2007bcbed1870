package org.yonderarc.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/** The plan's own icons: safe, of one shape, and used. */
final class IconRules {
    private IconRules() {}

    /** The names of all icons that a plan uses. */
    static Set<String> used(Plan plan) {
        var used = new HashSet<String>();
        plan.screens().stream().map(Screen::icon).forEach(icon -> icon.ifPresent(used::add));
        plan.items().forEach(item -> {
            item.icon().ifPresent(used::add);
            item.selectedIcon().ifPresent(used::add);
        });
        for (Bar bar : plan.bars()) {
            for (Form form : bar.forms().values()) {
                if (form instanceof Form.Bottom bottom) {
                    used.add(bottom.overflow().icon());
                }
            }
        }
        return used;
    }

    static void own(Subject subject) {
        Set<String> used = used(subject.plan());
        for (String name : subject.icons().own()) {
            List<String> unsafe = subject.icons().unsafe(name);
            List<String> odd = subject.icons().odd(name);
            if (!used.contains(name)) {
                subject.tell(
                        Code.UNUSED_ICON,
                        "/screens",
                        "Nothing uses the icon \"" + name + "\" of the folder \"icons\".",
                        "Use it, or remove the file.");
                continue;
            }
            String pointer = where(subject, name);
            if (!unsafe.isEmpty()) {
                subject.tell(
                        Code.UNSAFE_ICON,
                        pointer,
                        "The icon \"" + name + "\" holds " + String.join(", ", unsafe) + ".",
                        "Save it again as plain shapes; everything else was left out.");
            }
            if (!odd.isEmpty()) {
                subject.tell(
                        Code.ODD_ICON,
                        pointer,
                        "The icon \"" + name + "\" is unlike the others: " + String.join(", ", odd) + ".",
                        "Draw it as few shapes on a square, 24 by 24 is usual.");
            }
        }
    }

    private static String where(Subject subject, String name) {
        for (Screen screen : subject.plan().screens()) {
            if (screen.icon().filter(name::equals).isPresent()) {
                return Subject.screen(screen, "icon");
            }
        }
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            if (item.icon().filter(name::equals).isPresent()) {
                return placed.pointer() + "/icon";
            }
            if (item.selectedIcon().filter(name::equals).isPresent()) {
                return placed.pointer() + "/selected-icon";
            }
        }
        return "/bars";
    }
}
