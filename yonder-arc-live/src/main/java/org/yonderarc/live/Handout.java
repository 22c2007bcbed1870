package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.eclipse.jetty.util.Fields;

/** What people take away: the same that the commands make, as a file to keep. */
final class Handout {
    private static final Map<String, String> TYPES = Map.of(
            "html", "text/html; charset=utf-8",
            "svg", "image/svg+xml",
            "png", "image/png",
            "gif", "image/gif",
            "csv", "text/csv; charset=utf-8",
            "json", "application/json",
            "java", "text/plain; charset=utf-8",
            "ts", "text/plain; charset=utf-8",
            "scxml", "application/xml");

    /** The options that a page may give to a command, by the name that they have in a request. */
    private static final List<String> OPTIONS = List.of(
            "screen",
            "device",
            "scheme",
            "language",
            "text-scale",
            "open",
            "fold",
            "across",
            "down",
            "part",
            "scale",
            "touch");

    /** The longest name of a file, in characters. */
    private static final int LONGEST_NAME = 120;

    private final LivePlan plan;
    private final Commands commands;

    Handout(LivePlan plan, Commands commands) {
        this.plan = plan;
        this.commands = commands;
    }

    /**
     * Makes what is asked for.
     *
     * @throws Site.Bad with the reason, if that can't be made
     */
    Made make(Fields query) throws IOException, Site.Bad {
        String what = Site.value(query, "what");
        String ending = Site.value(query, "as").toLowerCase(Locale.ROOT);
        if (!List.of("page", "draw", "sheet", "measure", "film", "map", "export")
                        .contains(what)
                || !TYPES.containsKey(ending)) {
            throw new Site.Bad(400, "Nothing of this kind is made.");
        }
        String file = plan.file().getFileName().toString();
        // A class is named as its file.
        String base =
                ending.equals("java") ? "Places" : file.contains(".") ? file.substring(0, file.lastIndexOf('.')) : file;
        Path folder = Files.createTempDirectory("yonder-made");
        Path out = folder.resolve(base + "." + ending);
        try {
            String trouble = commands.run(arguments(what, query, out));
            if (!Files.exists(out)) {
                throw new Site.Bad(409, trouble.isEmpty() ? "It could not be made." : trouble);
            }
            return new Made(
                    TYPES.get(ending), Optional.of(name(what, base, query) + "." + ending), Files.readAllBytes(out));
        } finally {
            Files.deleteIfExists(out);
            Files.deleteIfExists(folder);
        }
    }

    /** Different things have different names: what was asked for stands in them. */
    private static String name(String what, String base, Fields query) {
        if (what.equals("page") || base.equals("Places")) {
            return base;
        }
        var name = new StringBuilder(base).append('-').append(what);
        Stream.concat(
                        query.getValuesOrEmpty("word").stream(),
                        OPTIONS.stream().map(option -> Site.value(query, option)))
                .map(value -> value.replaceAll("[^A-Za-z0-9.]+", "-").replaceAll("^-|-$", ""))
                .filter(value -> !value.isEmpty())
                .forEach(value -> name.append('-').append(value));
        return name.substring(0, Math.min(name.length(), LONGEST_NAME));
    }

    private List<String> arguments(String what, Fields query, Path out) throws Site.Bad {
        var all = new ArrayList<String>();
        all.add(what);
        all.add(plan.file().toString());
        for (String option : OPTIONS) {
            String value = Site.value(query, option);
            if (!value.isEmpty()) {
                all.add("--" + option + "=" + value);
            }
        }
        List<String> tells = query.getValuesOrEmpty("tell");
        tells.forEach(told -> all.add("--tell=" + told));
        List<String> words = query.getValuesOrEmpty("word");
        if (words.stream().anyMatch(word -> word.startsWith("-"))) {
            throw new Site.Bad(400, "A word is a step or a bar, and no option.");
        }
        all.addAll(words);
        all.add("--output=" + out);
        return all;
    }
}
