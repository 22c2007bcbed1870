package org.yonderarc.files;

import java.util.List;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.tree.Spot;

/** Findings as text for people: where, what, the line itself with a mark below, why, and what to do. */
public final class FindingText {
    /** Longer lines are cut around the mark. */
    private static final int WIDEST = 100;

    /** Whether a report has colours. */
    public enum Colours {
        /** Escape sequences for a terminal that shows them. */
        ANSI,
        /** Plain text. */
        NONE
    }

    private FindingText() {}

    /** The whole report on a file; one line of summary where nothing was found. */
    public static String report(PlanFile file, Colours colours) {
        var out = new StringBuilder();
        List<String> lines = file.source().lines();
        for (Finding finding : file.findings()) {
            one(out, file.source().name(), lines, finding, colours);
        }
        return out.append(summary(file)).append('\n').toString();
    }

    /** What was found in a file, counted. */
    public static String summary(PlanFile file) {
        if (file.findings().isEmpty()) {
            return file.source().name() + ": nothing to report"
                    + file.plan()
                            .map(plan -> " (" + count(plan.screens().list().size(), "screen") + ", "
                                    + count((int) plan.items().count(), "item") + ", "
                                    + count(plan.bars().size(), "bar") + ")")
                            .orElse("");
        }
        int advice = file.count(Severity.ADVICE);
        return file.source().name() + ": " + count(file.count(Severity.ERROR), "error") + ", "
                + count(file.count(Severity.WARNING), "warning")
                + (advice > 0 ? ", " + count(advice, "piece") + " of advice" : "");
    }

    private static String count(int number, String noun) {
        return number + " " + noun + (number == 1 ? "" : "s");
    }

    private static void one(StringBuilder out, String name, List<String> lines, Finding finding, Colours colours) {
        Spot spot = finding.spot();
        out.append(visible(name));
        if (spot.isLocated()) {
            out.append(':').append(spot.line()).append(':').append(spot.column());
        }
        out.append("  ")
                .append(paint(finding.severity().word(), finding.severity(), colours))
                .append(" [")
                .append(finding.code().id())
                .append("]\n  ")
                .append(visible(finding.message()))
                .append('\n');
        if (spot.isLocated() && spot.line() <= lines.size()) {
            line(out, lines.get(spot.line() - 1), spot, finding.severity(), colours);
        }
        out.append("  Why it matters: ").append(finding.code().why()).append('\n');
        out.append("  What to do: ").append(visible(finding.remedy())).append("\n\n");
    }

    private static void line(StringBuilder out, String line, Spot spot, Severity severity, Colours colours) {
        int[] points = line.replace('\t', ' ').codePoints().toArray();
        int mark = Math.min(spot.column() - 1, points.length);
        int from = mark > WIDEST * 3 / 4 ? mark - WIDEST / 2 : 0;
        int to = Math.min(points.length, from + WIDEST);
        String number = Integer.toString(spot.line());
        String cutBefore = from > 0 ? "\u2026" : "";
        out.append("  ")
                .append(number)
                .append(" | ")
                .append(cutBefore)
                .append(visible(new String(points, from, Math.max(0, to - from))))
                .append(to < points.length ? "\u2026" : "")
                .append('\n');
        int length = Math.max(1, Math.min(spot.length(), Math.max(1, to - mark)));
        out.append(" ".repeat(2 + number.length()))
                .append(" | ")
                .append(" ".repeat(mark - from + cutBefore.length()))
                .append(paint("~".repeat(length), severity, colours))
                .append('\n');
    }

    /**
     * The text with what could steer a terminal replaced by U+FFFD: control characters but line breaks, and the marks that turn
     * the direction of what follows (Unicode Standard Annex 9, section 2).
     */
    public static String visible(String text) {
        var out = new StringBuilder(text.length());
        text.codePoints().forEach(c -> out.appendCodePoint(isSteering(c) ? 0xFFFD : c));
        return out.toString();
    }

    private static boolean isSteering(int c) {
        return Character.isISOControl(c) && c != '\n' || c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069;
    }

    private static String paint(String text, Severity severity, Colours colours) {
        if (colours == Colours.NONE) {
            return text;
        }
        String code =
                switch (severity) {
                    case ERROR -> "31";
                    case WARNING -> "33";
                    case ADVICE -> "36";
                };
        return "\u001B[1;" + code + "m" + text + "\u001B[0m";
    }
}
