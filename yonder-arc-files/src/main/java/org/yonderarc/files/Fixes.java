package org.yonderarc.files;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yonderarc.check.IconNames;
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

    /** One pass over the findings, last in the file first, so that the spots of the others stay right. */
    private static Optional<Outcome> round(PlanFile file, Reader read) {
        PlanFile current = file;
        var applied = new ArrayList<Finding>();
        var findings = new ArrayList<>(file.findings());
        findings.sort(Comparator.<Finding>comparingInt(finding -> finding.spot().line())
                .thenComparingInt(finding -> finding.spot().column())
                .reversed());
        for (Finding finding : findings) {
            Optional<String> text = applied(current.source().text(), finding);
            if (text.isPresent()) {
                PlanFile tried = read.read(new SourceText(current.source().name(), text.get()));
                if (isBetter(tried, current, finding)) {
                    current = tried;
                    applied.add(finding);
                }
            }
        }
        return applied.isEmpty() ? Optional.empty() : Optional.of(new Outcome(current, applied));
    }

    /** A word that is right now may show that the one behind it is wrong: as many findings, but another one. */
    private static boolean isBetter(PlanFile tried, PlanFile current, Finding mended) {
        boolean isGone = tried.findings().stream()
                .noneMatch(other -> other.code() == mended.code()
                        && other.message().equals(mended.message())
                        && other.spot().line() == mended.spot().line());
        return isGone && tried.findings().size() <= current.findings().size();
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
                boolean needsQuotes =
                        quote.isEmpty() && !Character.isLetterOrDigit(fix.to().charAt(0));
                String marks = needsQuotes ? "\"" : quote;
                int end = start + fix.from().length() + 2 * quote.length();
                return Optional.of(text.substring(0, start) + marks + fix.to() + marks + text.substring(end));
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
