package org.yonderarc.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.tree.Spot;

/** Which screens can be reached: from the start and the items of every bar, through rows, down to children. */
final class Reach {
    private Reach() {}

    static void look(Plan plan, Consumer<Finding> tell) {
        Map<String, List<String>> children = new HashMap<>();
        plan.screens().forEach(screen -> screen.under()
                .ifPresent(parent -> children.computeIfAbsent(parent, none -> new ArrayList<>())
                        .add(screen.id())));
        var reached = new HashSet<String>();
        var open = new ArrayDeque<String>();
        plan.app().start().ifPresent(open::add);
        for (Bar bar : plan.bars()) {
            if (bar instanceof Bar.Bottom bottom) {
                plan.menus().get(bottom.menu()).items().stream()
                        .map(Item::screen)
                        .forEach(open::add);
            }
        }
        while (!open.isEmpty()) {
            String id = open.remove();
            if (reached.add(id)) {
                open.addAll(children.getOrDefault(id, List.of()));
                plan.screens().get(id).wireframe().rows().forEach(row -> row.to()
                        .ifPresent(to -> open.add(to.screen())));
            }
        }
        for (Screen screen : plan.screens()) {
            if (!reached.contains(screen.id())) {
                tell.accept(new Finding(
                        Code.UNREACHABLE_SCREEN,
                        Spot.at(Spot.child("/screens", screen.id())),
                        "No item, row or parent leads to \"" + screen.id() + "\".",
                        "Add an item for it to a menu, or put it under another screen."));
            }
        }
    }
}
