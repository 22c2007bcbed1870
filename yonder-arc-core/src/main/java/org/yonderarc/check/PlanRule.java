package org.yonderarc.check;

import java.util.List;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/**
 * A custom rule: what a team wants of its plans beyond what the library finds. It is asked after the library's rules, and only where
 * they find no error; what an author accepts is left out, as of any finding.
 *
 * <pre>{@code
 * Code code = Code.own("too-many-tabs", Severity.WARNING, "Ours are made for thumbs.");
 * PlanRule rule = plan -> plan.menus().stream()
 *         .filter(menu -> menu.items().size() > 4)
 *         .map(menu -> new Finding(code, Spot.at("/menus/" + menu.id()), "It has more than four items.", "Remove some."))
 *         .toList();
 * }</pre>
 */
@FunctionalInterface
public interface PlanRule {
    /**
     * What it notices.
     *
     * @return findings whose spots are JSON Pointers into the plan's file: {@code /screens/ID}, {@code /menus/ID/INDEX}, {@code /bars/INDEX};
     *     where they stand in the file is found by that
     */
    List<Finding> check(Plan plan);
}
