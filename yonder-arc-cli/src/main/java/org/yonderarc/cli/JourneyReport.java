package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.files.JsonText;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** What came of journeys, for programs. */
final class JourneyReport {
    private final Map<Path, List<Journey>> files = new LinkedHashMap<>();
    private final Map<Journey, Rehearsal.Outcome> outcomes = new IdentityHashMap<>();
    private final Map<Journey, Path> pictures = new IdentityHashMap<>();

    void walks(Path file, Journey journey) {
        files.computeIfAbsent(file, any -> new ArrayList<>()).add(journey);
    }

    void came(Rehearsal.Outcome outcome) {
        outcomes.put(outcome.journey(), outcome);
    }

    void drawn(Journey journey, Path picture) {
        pictures.put(journey, picture);
    }

    private Optional<String> difference(Journey journey) {
        return Optional.ofNullable(outcomes.get(journey)).flatMap(Rehearsal.Outcome::difference);
    }

    private long failed(List<Journey> journeys) {
        return journeys.stream()
                .filter(journey -> difference(journey).isPresent())
                .count();
    }

    /** An array with an object for each journey. */
    String json() {
        var out = new ArrayList<Value>();
        files.forEach((file, journeys) -> journeys.forEach(journey -> {
            var one = new LinkedHashMap<String, Value>();
            one.put("file", Trees.text(file.toString()));
            one.put("journey", Trees.text(journey.name()));
            one.put("expected", Trees.flag(difference(journey).isEmpty()));
            difference(journey).ifPresent(text -> one.put("difference", Trees.text(text)));
            Optional.ofNullable(pictures.get(journey))
                    .ifPresent(path -> one.put("picture", Trees.text(path.toString())));
            out.add(Trees.map(one));
        }));
        return JsonText.write(Trees.list(out));
    }

    /** As the XML that build servers read: a suite for each file, a case for each journey. */
    String junit() {
        var out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<testsuites>\n");
        files.forEach((file, journeys) -> {
            String suite = Markup.escape(file.toString());
            out.append("  <testsuite name=\"")
                    .append(suite)
                    .append("\" tests=\"")
                    .append(journeys.size());
            out.append("\" failures=\"").append(failed(journeys)).append("\" errors=\"0\" skipped=\"0\">\n");
            for (Journey journey : journeys) {
                out.append("    <testcase classname=\"").append(suite).append("\" name=\"");
                out.append(Markup.escape(journey.name())).append('"');
                Optional<String> difference = difference(journey);
                if (difference.isEmpty()) {
                    out.append("/>\n");
                    continue;
                }
                String first = difference.get().lines().findFirst().orElse("");
                out.append(">\n      <failure message=\"")
                        .append(Markup.escape(first))
                        .append("\">");
                out.append(Markup.escape(difference.get())).append("</failure>\n");
                Optional.ofNullable(pictures.get(journey))
                        .ifPresent(picture -> out.append("      <system-out>picture: ")
                                .append(Markup.escape(picture.toString()))
                                .append("</system-out>\n"));
                out.append("    </testcase>\n");
            }
            out.append("  </testsuite>\n");
        });
        return out.append("</testsuites>\n").toString();
    }
}
