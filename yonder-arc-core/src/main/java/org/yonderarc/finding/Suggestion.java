package org.yonderarc.finding;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yonderarc.tree.Spot;

/** Finds names that are similar to a misspelled one. */
public final class Suggestion {
    /** Longer names are not compared: no id is this long, and the cost is quadratic. */
    private static final int LONGEST = 64;

    /** A sentence with more names than this is not read. */
    private static final int MOST_NAMES = 40;

    /** Letters are counted in as many places; those that share one make names seem nearer, never farther. */
    private static final int LETTERS = 64;

    private Suggestion() {}

    private record Candidate(String name, int distance) {}

    /** The known names nearest to {@code wrong}, best first, at most {@code most}; may be empty. */
    public static List<String> near(String wrong, Collection<String> known, int most) {
        return candidates(wrong, known).stream()
                .limit(most)
                .map(Candidate::name)
                .collect(toList());
    }

    private static List<Candidate> candidates(String wrong, Collection<String> known) {
        var near = new ArrayList<Candidate>();
        int reach = Math.max(1, wrong.length() / 3);
        int[] letters = new int[LETTERS];
        wrong.chars().forEach(c -> letters[c % LETTERS]++);
        for (String name : known) {
            if (!related(wrong, name) && lettersApart(letters.clone(), wrong, name) > reach) {
                continue;
            }
            int distance = related(wrong, name) ? 1 : distance(wrong, name, reach);
            if (distance <= reach) {
                near.add(new Candidate(name, distance));
            }
        }
        near.sort(Comparator.comparingInt(Candidate::distance)
                .thenComparingInt(candidate -> Math.abs(candidate.name().length() - wrong.length()))
                .thenComparing(Candidate::name));
        return near;
    }

    /** Both the sentence and the fix for a name that nothing has, as {@link #sentence} and {@link #fix} give them. */
    public static Finding finding(
            Code code, Spot spot, String message, String wrong, Collection<String> known, String fallback) {
        List<Candidate> near = candidates(wrong, known);
        List<String> names = near.stream().limit(3).map(Candidate::name).collect(toList());
        String remedy = names.isEmpty() ? fallback : "Did you mean " + choice(names) + "?";
        return new Finding(code, spot, message, remedy, fix(wrong, near));
    }

    /** The fix that writes the one name that is nearest; nothing where several are as near, or none is. */
    public static Optional<Finding.Fix> fix(String wrong, Collection<String> known) {
        return fix(wrong, candidates(wrong, known));
    }

    private static Optional<Finding.Fix> fix(String wrong, List<Candidate> near) {
        boolean isClear = near.size() == 1 || near.size() > 1 && near.get(0).distance < near.get(1).distance;
        return isClear ? Optional.of(new Finding.Fix(wrong, near.get(0).name)) : Optional.empty();
    }

    /** A sentence such as {@code Did you mean "surveys"?}, or the fallback where no name is near. */
    public static String sentence(String wrong, Collection<String> known, String fallback) {
        List<String> near = near(wrong, known, 3);
        return near.isEmpty() ? fallback : "Did you mean " + choice(near) + "?";
    }

    /** The names in quotes: {@code "a", "b" or "c"}; of many, some. */
    public static String choice(List<String> names) {
        if (names.size() > MOST_NAMES) {
            return choice(names.subList(0, MOST_NAMES - 1)) + " (of " + names.size() + ")";
        }
        var text = new StringBuilder();
        for (int i = 0; i < names.size(); i++) {
            text.append(i == 0 ? "" : i == names.size() - 1 ? " or " : ", ");
            text.append('"').append(names.get(i)).append('"');
        }
        return text.toString();
    }

    /** How many letters one name has that the other has not: at least that many changes lie between them. */
    private static int lettersApart(int[] letters, String wrong, String name) {
        if (name.length() > LONGEST) {
            return name.length();
        }
        int common = 0;
        for (int i = 0; i < name.length(); i++) {
            if (letters[name.charAt(i) % LETTERS]-- > 0) {
                common++;
            }
        }
        return Math.max(wrong.length(), name.length()) - common;
    }

    private static boolean related(String wrong, String name) {
        return wrong.length() > 2 && (name.startsWith(wrong + "-") || wrong.startsWith(name + "-"));
    }

    /** The optimal string alignment distance (insert, delete, replace, swap neighbours), or more than {@code reach}. */
    private static int distance(String a, String b, int reach) {
        if (Math.abs(a.length() - b.length()) > reach || a.length() > LONGEST || b.length() > LONGEST) {
            return reach + 1;
        }
        int[] before = new int[b.length() + 1];
        int[] last = new int[b.length() + 1];
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            last[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            row[0] = i;
            int least = i;
            for (int j = 1; j <= b.length(); j++) {
                int replace = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                int best = Math.min(last[j - 1] + replace, Math.min(last[j], row[j - 1]) + 1);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                row[j] = swapped ? Math.min(best, before[j - 2] + 1) : best;
                least = Math.min(least, row[j]);
            }
            if (least > reach + 1) {
                // A swap reaches back one row; behind that, the distance can only grow.
                return reach + 1;
            }
            int[] free = before;
            before = last;
            last = row;
            row = free;
        }
        return last[b.length()];
    }
}
