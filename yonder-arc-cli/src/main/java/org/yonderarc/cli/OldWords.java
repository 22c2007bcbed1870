package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;

/** The commands that became options of others: their words still work in this version, and say what to write. */
final class OldWords {
    private OldWords() {}

    /** The arguments in the words of today. */
    static String[] today(PrintWriter err, String... arguments) {
        if (arguments.length == 0) {
            return arguments;
        }
        List<String> rest = new ArrayList<>(List.of(arguments).subList(1, arguments.length));
        boolean isOfJourneys = rest.contains("--journeys");
        List<String> now =
                switch (arguments[0]) {
                    case "sheet" -> List.of("draw");
                    case "map" -> List.of("draw", "--map");
                    case "film" -> List.of("draw", "--film");
                    case "rehearse" -> List.of("walk");
                    case "schema" -> List.of("export", "--schema", isOfJourneys ? "journeys" : "plan");
                    case "completion" -> List.of("export", "--completion");
                    default -> List.of();
                };
        if (now.isEmpty()) {
            return arguments;
        }
        if (arguments[0].equals("schema")) {
            rest.remove("--journeys");
        }
        if (arguments[0].equals("completion") && rest.isEmpty()) {
            rest.add("bash");
        }
        err.println("Note: \"yonder " + arguments[0] + "\" is \"yonder " + String.join(" ", now)
                + "\" now; the next version won't know the old word.");
        var all = new ArrayList<>(now);
        all.addAll(rest);
        return all.toArray(String[]::new);
    }
}
