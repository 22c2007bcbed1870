package org.yonderarc.check;

import java.util.List;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Spot;

/** The check: every rule over a plan. Pure; the same plan gives the same findings in the same order. */
public final class Check {
    /** Rules about links: what they find would make the others stumble. */
    private static final List<Rule> LINKS = List.of(
            LinkRules::start,
            LinkRules::parents,
            LinkRules::paths,
            LinkRules::guards,
            LinkRules::names,
            LinkRules::places,
            LinkRules::ids,
            LinkRules::icons,
            LinkRules::lists,
            LinkRules::told,
            LinkRules::scheme,
            SafetyRules::links,
            SafetyRules::pages,
            SafetyRules::files,
            TextRules::holes,
            ConditionRules::facts);

    /** Rules about what a plan with sound links does. */
    private static final List<Rule> SENSE = List.of(
            ReachRules::screens,
            ReachRules::redirects,
            ReachRules::start,
            ReachRules::deadEnds,
            ReachRules::required,
            ConditionRules::decide,
            BarRules::clashes,
            BarRules::items,
            BarRules::hidden,
            ConsistencyRules::look,
            TextRules::texts,
            TextRules::ownWords,
            DrawnRules::look,
            MotionRules::look,
            ContrastRules::look,
            StyleRules::targets,
            StyleRules::marks,
            EffectRules::styles,
            ItemEffects::look,
            IconRules::own,
            LabelRules::same,
            FontRules::letters,
            BarRules::logos,
            BarRules::first,
            UnusedRules::facts,
            UnusedRules::caps,
            UnusedRules::menus,
            UnusedRules::styles);

    /** All items of all menus. */
    private static final int MOST_ITEMS = 10_000;

    private Check() {}

    /**
     * Everything noticed about {@code plan}, but for what its author accepts. The findings know their JSON Pointer;
     * their file position is looked up by {@link Finding#locatedIn}.
     *
     * @param icons the icons that exist
     * @param files the files in the plan's folder
     */
    public static List<Finding> plan(Plan plan, IconNames icons, FileNames files) {
        return plan(plan, icons, files, List.of());
    }

    /**
     * As {@link #plan(Plan, IconNames, FileNames)}.
     *
     * @param own rules of one's own, asked behind the others
     */
    public static List<Finding> plan(Plan plan, IconNames icons, FileNames files, List<PlanRule> own) {
        return look(plan, icons, files, true, own);
    }

    /** Everything noticed about {@code plan}, its files taken to be there. */
    public static List<Finding> plan(Plan plan, IconNames icons) {
        return plan(plan, icons, FileNames.ANY);
    }

    /**
     * What is noticed about the links of a draft that could not be read as a whole. What a plan with holes does as a
     * whole would say little.
     *
     * @param icons the icons that exist
     * @param files the files in the plan's folder
     */
    public static List<Finding> draft(Plan draft, IconNames icons, FileNames files) {
        return look(draft, icons, files, false, List.of());
    }

    private static List<Finding> look(
            Plan plan, IconNames icons, FileNames files, boolean isWhole, List<PlanRule> own) {
        var found = new RuleFindings(isWhole ? plan.accepted() : List.of());
        long items = plan.items().count();
        if (items > MOST_ITEMS) {
            found.add(new Finding(
                    Code.TOO_LARGE,
                    Spot.at("/menus"),
                    "The menus take at most " + MOST_ITEMS + " items, but here are " + items + ".",
                    "Leave the rest out; no app needs as many."));
            return found.list(false);
        }
        var subject = new Subject(plan, icons.in(plan.theme().iconSet()), files, Mentioned.in(plan), found);
        LINKS.forEach(rule -> rule.look(subject));
        if (isWhole && !found.anyError()) {
            SENSE.forEach(rule -> rule.look(subject));
            own.forEach(rule -> rule.check(plan).forEach(found::add));
        }
        return found.list(isWhole);
    }
}
