package org.yonderarc.web;

import java.util.List;
import java.util.stream.Collectors;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Spot;

/** What the check has found in a plan, as a list of a page: what, where, the line itself, and what to do. */
final class PageFindings {
    private PageFindings() {}

    static String list(PlanFile read) {
        List<String> lines = read.source().lines();
        PageWords words = read.plan().map(PageWords::of).orElseGet(PageWords::english);
        return read.findings().stream()
                .map(finding -> item(finding, lines, words))
                .collect(Collectors.joining());
    }

    private static String item(Finding finding, List<String> lines, PageWords words) {
        Spot spot = finding.spot();
        boolean isLocated = spot.isLocated() && spot.line() <= lines.size();
        return "<li><strong lang=\"" + words.language() + "\">"
                + words.get(finding.severity().word()) + "</strong> " + text(finding.message())
                + (isLocated
                        ? "<code>" + spot.line() + " | "
                                + text(lines.get(spot.line() - 1).strip()) + "</code>"
                        : "")
                + "<span>" + text(finding.remedy()) + "</span></li>";
    }

    private static String text(String any) {
        return Markup.escape(FindingText.visible(any));
    }
}
