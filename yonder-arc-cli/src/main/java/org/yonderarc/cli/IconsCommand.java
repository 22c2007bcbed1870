package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.IconSearch;
import org.yonderarc.finding.Suggestion;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "icons",
        description = "Finds icons by what they mean.",
        mixinStandardHelpOptions = true,
        footer = {"", "Examples:", "  yonder icons money", "  yonder icons water --twins"})
final class IconsCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "WORD", description = "What the icon should mean: money, shore, people.")
    private String word;

    @Option(names = "--twins", description = "Only icons that have a filled twin for the selected state.")
    private boolean twins;

    @Option(names = "--most", paramLabel = "N", description = "How many at most, 1 to 500. Default: 20.")
    private int most = 20;

    @Override
    public Integer call() throws Exception {
        if (most < 1 || most > 500) {
            throw new Refusal("--most: " + most + " is outside of 1 to 500.");
        }
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
