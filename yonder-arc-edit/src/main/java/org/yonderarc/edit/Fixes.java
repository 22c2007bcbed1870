package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.ParseException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.PlanTree;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Finding;

/**
 * Applies the fixes that are certain to the text of a plan file. Only the words at fault change; comments, order and
 * formatting stay. A fix after which there would be more findings is not applied.
 */
public final class Fixes {
    /** Fixing one thing can bring another to light; a plan with more layers than this is mended by hand. */
    private static final int MOST_ROUNDS = 10;

    private Fixes() {}

    /** Reads and checks a text. */
    @FunctionalInterface
    public interface Reader {
        /** The text, read and checked. */
        PlanFile read(SourceText source);
    }

    /**
     * What was done.
     *
     * @param file the file after it, checked again; its text is not written anywhere yet
     * @param applied the findings that were mended, in the order of the file
     */
    public record Outcome(PlanFile file, List<Finding> applied) {
        public Outcome {
            applied = List.copyOf(applied);
        }
    }

    /** Applies everything that is certain. */
    public static Outcome apply(PlanFile file, IconNames icons) {
        return apply(file, source -> PlanFile.read(source, icons));
    }

    /** As {@link #apply(PlanFile, IconNames)}, where {@code read} reads a changed text as the file was read. */
    public static Outcome apply(PlanFile file, Reader read) {
        PlanFile current = file;
        var applied = new ArrayList<Finding>();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Outcome> next = round(current, read);
            if (next.isEmpty()) {
                break;
            }
            applied.addAll(next.get().applied());
            current = next.get().file();
        }
        applied.sort(Comparator.comparingInt(finding -> finding.spot().line()));
        return new Outcome(current, applied);
    }

    /** One pass over the findings. All that can be mended is tried together, as a check of each would take long. */
    private static Optional<Outcome> round(PlanFile file, Reader read) {
        List<Finding> findings = lastFirst(file.findings());
        Outcome outcome = together(new Outcome(file, List.of()), findings, read);
        return outcome.applied().isEmpty() ? Optional.empty() : Optional.of(outcome);
    }

    /** The fixes of these findings; where together they make the plan no better, those of each half by themselves. */
    private static Outcome together(Outcome so, List<Finding> findings, Reader read) {
        String text = so.file().source().text();
        var mended = new ArrayList<Finding>();
        for (Finding finding : findings) {
            Optional<String> now = applied(text, finding);
            if (now.isPresent()) {
                text = now.get();
                mended.add(finding);
            }
        }
        if (mended.isEmpty()) {
            return so;
        }
        PlanFile tried = read.read(new SourceText(so.file().source().name(), text));
        if (isBetter(tried, so.file(), mended)) {
            var applied = new ArrayList<>(so.applied());
            applied.addAll(mended);
            return new Outcome(tried, applied);
        }
        if (mended.size() == 1) {
            return so;
        }
        int half = mended.size() / 2;
        Outcome first = together(so, mended.subList(0, half), read);
        return together(first, mended.subList(half, mended.size()), read);
    }

    /** A word that is right now may show that the one behind it is wrong: as many findings, but another one. */
    private static boolean isBetter(PlanFile tried, PlanFile current, List<Finding> mended) {
        var left = new HashSet<String>();
        tried.findings().forEach(finding -> left.add(known(finding)));
        return mended.stream().noneMatch(finding -> left.contains(known(finding)))
                && tried.findings().size() <= current.findings().size();
    }

    private static String known(Finding finding) {
        return finding.code() + " " + finding.spot().line() + " " + finding.message();
    }

    /** A plan's text with today's names in place of older ones; as it is where it can't be read. */
    static SourceText renamed(SourceText source) {
        try {
            String text = source.text();
            for (Finding finding : lastFirst(PlanTree.read(source).renamed())) {
                text = applied(text, finding).orElse(text);
            }
            return new SourceText(source.name(), text);
        } catch (ParseException unreadable) {
            return source;
        }
    }

    /** The last in the file first, so that the spots of the others stay right. */
    private static List<Finding> lastFirst(List<Finding> findings) {
        return findings.stream()
                .filter(finding -> finding.fix().isPresent())
                .sorted(Comparator.<Finding>comparingInt(
                                finding -> finding.spot().line())
                        .thenComparingInt(finding -> finding.spot().column())
                        .reversed())
                .toList();
    }

    /** The text with one finding mended; nothing if its spot doesn't hold what the fix expects. */
    private static Optional<String> applied(String text, Finding finding) {
        if (finding.fix().isEmpty() || !finding.spot().isLocated()) {
            return Optional.empty();
        }
        int start = offset(text, finding.spot().line(), finding.spot().column());
        Finding.Fix fix = finding.fix().get();
        for (String quote : List.of("\"", "'", "")) {
            if (text.startsWith(quote + fix.from() + quote, start)) {
                int end = start + fix.from().length() + 2 * quote.length();
                return Optional.of(text.substring(0, start) + quote + fix.to() + quote + text.substring(end));
            }
        }
        return Optional.empty();
    }

    /** The index of a line and a column, both from 1; columns count code points. */
    private static int offset(String text, int line, int column) {
        int start = 0;
        for (int i = 1; i < line; i++) {
            start = text.indexOf('\n', start) + 1;
        }
        int index = start;
        for (int i = 1; i < column && index < text.length(); i++) {
            index += Character.charCount(text.codePointAt(index));
        }
        return index;
    }
}
