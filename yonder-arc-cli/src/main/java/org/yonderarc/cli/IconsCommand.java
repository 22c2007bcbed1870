package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.check.IconNames;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.IconSearch;
import org.yonderarc.draw.Icons;
import org.yonderarc.draw.PlanIcons;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Plan;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "icons",
        description = "Finds icons by what they mean.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Examples:",
            "  yonder icons money",
            "  yonder icons water --twins",
            "  yonder icons --of brinelight.yaml"
        })
final class IconsCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "WORD", description = "What the icon should mean: money, shore, people.")
    private Optional<String> word = Optional.empty();

    @Option(
            names = "--of",
            paramLabel = "PLAN",
            description = "Instead: the icons that a plan uses, and what could stand in for those that are missing.")
    private Optional<Path> plan = Optional.empty();

    @Option(names = "--twins", description = "Only icons that have a filled twin for the selected state.")
    private boolean twins;

    @Option(names = "--most", paramLabel = "N", description = "How many at most, 1 to 500. Default: 20.")
    private int most = 20;

    @Override
    public Integer call() throws Exception {
        if (most < 1 || most > 500) {
            throw new Refusal("--most: " + most + " is outside of 1 to 500.");
        }
        if (word.isPresent() == plan.isPresent()) {
            throw new Refusal("name either a word, such as \"yonder icons money\", or a plan with --of.");
        }
        return plan.isPresent() ? used(plan.get()) : search(word.get());
    }

    private int used(Path file) throws Exception {
        Icons icons = PlanIcons.beside(file, new BundledIcons());
        PlanFile read = PlanFile.read(file, IconNames.ANY);
        Plan sound = read.plan()
                .orElseThrow(() ->
                        new Refusal("the plan has errors; run \"yonder check " + file + "\".", Main.PLAN_HAS_ERRORS));
        PrintWriter out = spec.commandLine().getOut();
        var uses = new TreeMap<String, TreeSet<String>>();
        PlanMentions.tell(sound, new Mentions() {
            @Override
            public void icon(String name, String pointer) {
                use(uses, name, pointer);
            }
        });
        int width = uses.keySet().stream().mapToInt(String::length).max().orElse(0);
        var search = new IconSearch();
        uses.forEach((icon, where) -> {
            String state = !icons.has(icon) ? "missing    " : icons.hasTwin(icon) ? "filled twin" : "           ";
            out.println(icon + " ".repeat(width - icon.length()) + "  " + state + "  " + String.join(", ", where));
            if (!icons.has(icon)) {
                List<String> instead = search.find(icon.replace('-', ' '), 4).stream()
                        .map(IconSearch.Found::name)
                        .toList();
                List<String> near = instead.isEmpty() ? search.near(icon) : instead;
                out.println(" ".repeat(width) + "  "
                        + (near.isEmpty() ? "nothing like it is in the set" : "instead: " + String.join(", ", near)));
            }
        });
        if (uses.isEmpty()) {
            out.println("The plan uses no icons.");
        }
        return Main.FINE;
    }

    private static void use(Map<String, TreeSet<String>> uses, String icon, String by) {
        uses.computeIfAbsent(icon, none -> new TreeSet<>()).add(by);
    }

    private int search(String word) throws Exception {
        var search = new IconSearch();
        var icons = new BundledIcons();
        List<IconSearch.Found> found = search.find(word, Integer.MAX_VALUE).stream()
                .filter(icon -> !twins || icons.hasTwin(icon.name()))
                .limit(most)
                .toList();
        PrintWriter out = spec.commandLine().getOut();
        if (found.isEmpty()) {
            List<String> near = search.near(word);
            out.println("No icon means \"" + word + "\"."
                    + (near.isEmpty()
                            ? " Try another word for it."
                            : " Did you mean " + Suggestion.choice(near) + "?"));
            return Main.FINE;
        }
        int width = found.stream().mapToInt(icon -> icon.name().length()).max().orElse(0);
        for (IconSearch.Found icon : found) {
            String twin = icons.hasTwin(icon.name()) ? "filled twin" : "           ";
            String words = String.join(", ", icon.words().stream().limit(6).toList());
            out.println(icon.name() + " ".repeat(width - icon.name().length()) + "  " + twin + "  " + words);
        }
        return Main.FINE;
    }
}
