package org.yonderarc.tasks;

import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.yonderarc.files.JsonText;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.Ids;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * The result of walking journeys.
 *
 * @param entries one for each, in the order of the files
 */
public record RehearsalReport(List<Entry> entries) {
    /** Copies the list. */
    public RehearsalReport {
        entries = List.copyOf(entries);
    }

    /**
     * What came of a journey.
     *
     * @param file the file that it is from
     * @param outcome where it went, and what is not as expected there
     * @param picture where it went, as a PNG, if it is not as expected and pictures were asked for
     */
    public record Entry(String file, Rehearsal.Outcome outcome, Optional<Artifact> picture) {
        /** The journey. */
        public Journey journey() {
            return outcome.journey();
        }

        /** Whether all is as expected. */
        public boolean isExpected() {
            return outcome.difference().isEmpty();
        }
    }

    /**
     * The name of the file for each picture, {@code out-and-back.png}; those of journeys of one name are numbered.
     */
    public Map<Entry, String> pictureNames() {
        var names = new IdentityHashMap<Entry, String>();
        for (Entry entry : entries) {
            if (entry.picture().isPresent()) {
                String slug = Ids.slug(entry.journey().name());
                String stem = slug.isEmpty() ? "journey" : slug;
                String name = stem + ".png";
                for (int i = 2; names.values().stream().anyMatch(name::equals); i++) {
                    name = stem + "-" + i + ".png";
                }
                names.put(entry, name);
            }
        }
        return names;
    }

    /** How many are not as expected. */
    public int failed() {
        return (int) entries.stream().filter(entry -> !entry.isExpected()).count();
    }

    /**
     * As JSON: an array with an object for each journey.
     *
     * @param pictures where the picture of a journey was written to, if it was
     */
    public String json(Function<Entry, Optional<String>> pictures) {
        return JsonText.write(Trees.list(entries.stream()
                .map(entry -> {
                    var one = new LinkedHashMap<String, Value>();
                    one.put("file", Trees.text(entry.file()));
                    one.put("journey", Trees.text(entry.journey().name()));
                    one.put("expected", Trees.flag(entry.isExpected()));
                    entry.outcome().difference().ifPresent(text -> one.put("difference", Trees.text(text)));
                    pictures.apply(entry).ifPresent(path -> one.put("picture", Trees.text(path)));
                    return Trees.map(one);
                })
                .toList()));
    }

    /**
     * As JUnit XML, which build servers read: a suite for each file, a case for each journey.
     *
     * @param pictures where the picture of a journey was written to, if it was
     */
    public String junit(Function<Entry, Optional<String>> pictures) {
        var out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<testsuites>\n");
        Map<String, List<Entry>> files =
                entries.stream().collect(Collectors.groupingBy(Entry::file, LinkedHashMap::new, Collectors.toList()));
        files.forEach((file, of) -> {
            String suite = Markup.escape(file);
            long failures = of.stream().filter(entry -> !entry.isExpected()).count();
            out.append("  <testsuite name=\"")
                    .append(suite)
                    .append("\" tests=\"")
                    .append(of.size());
            out.append("\" failures=\"").append(failures).append("\" errors=\"0\" skipped=\"0\">\n");
            of.forEach(entry -> out.append(testCase(suite, entry, pictures.apply(entry))));
            out.append("  </testsuite>\n");
        });
        return out.append("</testsuites>\n").toString();
    }

    private static String testCase(String suite, Entry entry, Optional<String> picture) {
        String start = "    <testcase classname=\"" + suite + "\" name=\""
                + Markup.escape(entry.journey().name()) + '"';
        if (entry.isExpected()) {
            return start + "/>\n";
        }
        String difference = entry.outcome().difference().orElseThrow();
        String first = difference.lines().findFirst().orElse("");
        return start + ">\n      <failure message=\"" + Markup.escape(first) + "\">" + Markup.escape(difference)
                + "</failure>\n"
                + picture.map(path -> "      <system-out>picture: " + Markup.escape(path) + "</system-out>\n")
                        .orElse("")
                + "    </testcase>\n";
    }
}
