package org.yonderarc.finding;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the names that somebody may have meant. */
public final class Suggestion {
    /** Longer names are not compared: no id is this long, and the cost is quadratic. */
    private static final int LONGEST = 64;

    private Suggestion() {}

    private record Candidate(String name, int distance) {}

    /** The known names nearest to {@code wrong}, best first, at most {@code most}; may be empty. */
    public static List<String> near(String wrong, Collection<String> known, int most) {
        return candidates(wrong, known).stream()
                .limit(most)
                .map(Candidate::name)
                .toList();
    }

    private static List<Candidate> candidates(String wrong, Collection<String> known) {
        var near = new ArrayList<Candidate>();
        int reach = Math.max(1, wrong.length() / 3);
        for (String name : known) {
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

    /** The fix that writes the one name that is nearest; nothing where several are as near, or none is. */
    public static Optional<Finding.Fix> fix(String wrong, Collection<String> known) {
        List<Candidate> near = candidates(wrong, known);
        boolean isClear = near.size() == 1 || near.size() > 1 && near.get(0).distance < near.get(1).distance;
        return isClear ? Optional.of(new Finding.Fix(wrong, near.get(0).name)) : Optional.empty();
    }

    /** A sentence such as {@code Did you mean "surveys"?}, or the fallback where no name is near. */
    public static String sentence(String wrong, Collection<String> known, String fallback) {
        List<String> near = near(wrong, known, 3);
        return near.isEmpty() ? fallback : "Did you mean " + choice(near) + "?";
    }

    /** The names in quotes: {@code "a", "b" or "c"}. */
    public static String choice(List<String> names) {
        var text = new StringBuilder();
        for (int i = 0; i < names.size(); i++) {
            text.append(i == 0 ? "" : i == names.size() - 1 ? " or " : ", ");
            text.append('"').append(names.get(i)).append('"');
        }
        return text.toString();
    }

    private static boolean related(String wrong, String name) {
        return wrong.length() > 2 && (name.startsWith(wrong + "-") || wrong.startsWith(name + "-"));
    }

    /** The optimal string alignment distance (insert, delete, replace, swap neighbours), or more than {@code reach}. */
    private static int distance(String a, String b, int reach) {
        if (Math.abs(a.length() - b.length()) > reach || a.length() > LONGEST || b.length() > LONGEST) {
            return reach + 1;
        }
        int[][] cost = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = i + j;
                    continue;
                }
                int replace = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                int best = Math.min(cost[i - 1][j - 1] + replace, Math.min(cost[i - 1][j], cost[i][j - 1]) + 1);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                cost[i][j] = swapped ? Math.min(best, cost[i - 2][j - 2] + 1) : best;
            }
        }
        return cost[a.length()][b.length()];
    }
}
