package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Transition;

/**
 * How a change is shown: which transition plays, and in which direction.
 *
 * @param transition the transition
 * @param forward whether it plays forward: deeper, or to an item further on; otherwise backward
 */
public record Passage(Transition transition, boolean forward) {
    /** The passage of a change; no value where the same place is shown before and after. */
    public static Optional<Passage> of(Walk walk, Change change) {
        Place from = walk.shown(change.before());
        Place to = walk.shown(change.after());
        if (from.equals(to)) {
            return Optional.empty();
        }
        Plan plan = walk.plan();
        boolean sameBranch = change.before().branch().equals(change.after().branch());
        boolean forward = sameBranch
                ? change.after().trail().depth() >= change.before().trail().depth()
                        && !(change.step() instanceof Step.Up)
                : order(plan, change.after().branch())
                        >= order(plan, change.before().branch());
        // On the way back, the place that is left goes as it came.
        boolean leaves = sameBranch && !forward;
        Screen screen = plan.screens().get(leaves ? from.screen() : to.screen());
        Optional<Transition> ofItem = change.step() instanceof Step.Choose choose
                ? plan.items()
                        .filter(item -> item.id().equals(choose.item()))
                        .findFirst()
                        .flatMap(Item::transition)
                : Optional.empty();
        Transition transition = ofItem.or(screen::transition)
                .or(() -> ofBar(plan, change.step()))
                .orElse(plan.motion().transition());
        return Optional.of(new Passage(transition, forward));
    }

    private static Optional<Transition> ofBar(Plan plan, Step step) {
        return step instanceof Step.Choose choose
                ? plan.bars().stream()
                        .filter(bar -> bar.menu()
                                .flatMap(plan.menus()::find)
                                .filter(menu -> menu.items().stream()
                                        .anyMatch(item -> item.id().equals(choose.item())))
                                .isPresent())
                        .flatMap(bar -> bar.transition().stream())
                        .findFirst()
                : Optional.empty();
    }

    private static int order(Plan plan, String branch) {
        List<String> ids = plan.items().map(Item::id).collect(toList());
        return ids.indexOf(branch);
    }
}
