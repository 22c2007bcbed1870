package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Acceptance;
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
            SafetyRules::links,
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
            TextRules::texts,
            LabelRules::look,
            MotionRules::look,
            ContrastRules::look,
            ContrastRules::styles,
            StyleRules::targets,
            StyleRules::marks,
            IconRules::own,
            LabelRules::same,
            BarRules::logos,
            UnusedRules::facts,
            UnusedRules::caps,
            UnusedRules::styles);

    private Check() {}

    /**
     * Everything noticed about {@code plan}, but for what its author accepts. The findings know their JSON Pointer;
     * their file position is looked up by {@link Finding#locatedIn}.
     *
     * @param icons the icons that exist
     * @param files the files in the plan's folder
     */
    public static List<Finding> plan(Plan plan, IconNames icons, FileNames files) {
        return look(plan, icons, files, true);
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
        return look(draft, icons, files, false);
    }

    private static List<Finding> look(Plan plan, IconNames icons, FileNames files, boolean isWhole) {
        var findings = new ArrayList<Finding>();
        var subject = new Subject(plan, icons, files, Mentioned.in(plan), findings::add);
        LINKS.forEach(rule -> rule.look(subject));
        if (!isWhole) {
            return findings;
        }
        if (!Finding.anyError(findings)) {
            SENSE.forEach(rule -> rule.look(subject));
        }
        return accepted(plan, findings);
    }

    private static List<Finding> accepted(Plan plan, List<Finding> findings) {
        var left = new ArrayList<Finding>();
        var used = new ArrayList<Acceptance>();
        for (Finding finding : findings) {
            var by = plan.accepted().stream()
                    .filter(acceptance -> accepts(acceptance, finding))
                    .findFirst();
            by.ifPresentOrElse(used::add, () -> left.add(finding));
        }
        int index = 0;
        for (Acceptance acceptance : plan.accepted()) {
            String pointer = "/accepted/" + index++;
            if (!used.contains(acceptance)) {
                boolean isError = Code.of(acceptance.code())
                        .filter(code -> code.severity() == Severity.ERROR)
                        .isPresent();
                left.add(new Finding(
                        Code.UNUSED_ACCEPTANCE,
                        Spot.at(pointer),
                        isError
                                ? "Errors such as \"" + acceptance.code() + "\" can't be accepted."
                                : "There is no finding \"" + acceptance.code() + "\" to accept here.",
                        "Remove it."));
            }
        }
        return List.copyOf(left);
    }

    private static boolean accepts(Acceptance acceptance, Finding finding) {
        String pointer = finding.spot().pointer();
        return finding.severity() != Severity.ERROR
                && acceptance.code().equals(finding.code().id())
                && acceptance
                        .at()
                        .map(at -> pointer.equals(at) || pointer.startsWith(at + "/"))
                        .orElse(true);
    }
}
