package org.yonderarc.cli;

import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.check.IconNames;
import org.yonderarc.draw.IconFolder;
import org.yonderarc.draw.IconSheet;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.edit.IconFiles;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconSearch;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Plan;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
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
            "  yonder icons water --filled -o water.png",
            "  yonder icons arrow left --category arrows",
            "  yonder icons boat --set slim",
            "  yonder icons --of brinelight.yaml",
            "  yonder icons --of brinelight.yaml --set slim"
        })
final class IconsCommand implements Callable<Integer> {
    /** For so many icons of the usual set, those like them are looked for in another. */
    private static final int MOST_LIKE = 12;

    @Spec
    private CommandSpec spec;

    @Parameters(
            arity = "0..*",
            paramLabel = "WORD",
            description = "What the icon should mean: money, shore, people. Several words mean one thing together.")
    private List<String> words = List.of();

    @Option(
            names = "--category",
            paramLabel = "NAME",
            description = "Only icons that the set files under this: animals, map.")
    private Optional<String> category = Optional.empty();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "Also draws what was found, outlined and filled: .svg or .png.")
    private Optional<OutputFile> output = Optional.empty();

    @Option(
            names = "--of",
            paramLabel = "PLAN",
            description = "Instead: the icons that a plan uses, and what could stand in for those that are missing.")
    private Optional<Path> plan = Optional.empty();

    @Option(
            names = "--set",
            paramLabel = "NAME",
            description =
                    "Icons of this set, line (default) or slim. With --of: as if the plan had it: what it lacks, and what could stand in.")
    private Optional<String> set = Optional.empty();

    @Option(names = "--filled", description = "Only icons that have a filled variant for the selected state.")
    private boolean filled;

    /** What {@code --filled} was called in earlier versions. */
    @Option(names = "--twins", hidden = true)
    private boolean twins;

    @Option(names = "--most", paramLabel = "N", description = "How many at most, 1 to 500. Default: 20.")
    private int most = 20;

    @Option(names = "--json", description = "What was found as JSON: an object for each icon.")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        if (json && plan.isPresent()) {
            throw new Refusal("--json goes with words, not with --of.");
        }
        if (most < 1 || most > 500) {
            throw new Refusal("--most: " + most + " is outside of 1 to 500.");
        }
        boolean searches = !words.isEmpty() || category.isPresent();
        if (searches == plan.isPresent()) {
            throw new Refusal("name either a word, such as \"yonder icons money\", or a plan with --of.");
        }
        if (output.isPresent()) {
            output.get().format(Format.SVG, Format.PNG);
        }
        return plan.isPresent() ? used(plan.get()) : search(String.join(" ", words));
    }

    private int used(Path file) throws Exception {
        PlanFile read = PlanFile.read(file, IconNames.ANY);
        Plan sound = read.plan()
                .orElseThrow(() ->
                        new Refusal("the plan has errors; run \"yonder check " + file + "\".", Main.PLAN_HAS_ERRORS));
        IconSet wanted = set.isPresent() ? named(set.get()) : sound.theme().iconSet();
        Icons icons = IconFolder.beside(file, new BundledIcons()).in(wanted);
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
            String state =
                    !icons.has(icon) ? "missing       " : icons.hasFilled(icon) ? "filled variant" : "              ";
            String whose = icons.own().contains(icon) ? "  of your own" : "";
            out.println(
                    icon + " ".repeat(width - icon.length()) + "  " + state + "  " + String.join(", ", where) + whose);
            if (!icons.has(icon)) {
                List<String> near = near(search, icons, icon, wanted);
                out.println(" ".repeat(width) + "  "
                        + (near.isEmpty() ? "nothing like it is in the set" : "instead: " + String.join(", ", near)));
            }
        });
        if (uses.isEmpty()) {
            out.println("The plan uses no icons.");
        }
        if (!icons.own().isEmpty()) {
            Set<String> elsewhere = new IconFiles(file).ofOtherPlans();
            icons.own().stream()
                    .filter(name -> !uses.containsKey(name))
                    .sorted()
                    .forEach(name -> out.println(name + "  of your own, used by "
                            + (elsewhere.contains(name) ? "another plan" : "no plan") + " in the folder"));
        }
        return Main.FINE;
    }

    private static IconSet named(String word) throws Refusal {
        List<String> words = Stream.of(IconSet.values())
                .map(set -> set.name().toLowerCase(Locale.ROOT))
                .toList();
        int index = words.indexOf(word);
        if (index < 0) {
            throw new Refusal("--set: there is no \"" + word + "\". "
                    + Suggestion.sentence(word, words, "Write " + Suggestion.choice(words) + "."));
        }
        return IconSet.values()[index];
    }

    /** What could stand in for an icon that a set lacks, best first. */
    private static List<String> near(IconSearch search, Icons icons, String icon, IconSet wanted) {
        if (wanted != IconSet.LINE) {
            return search.like(icon, icons.all(), 4);
        }
        List<String> instead = search.find(icon.replace('-', ' '), 4).stream()
                .map(IconSearch.Found::name)
                .toList();
        return instead.isEmpty() ? search.near(icon) : instead;
    }

    private static void use(Map<String, TreeSet<String>> uses, String icon, String by) {
        uses.computeIfAbsent(icon, none -> new TreeSet<>()).add(by);
    }

    private int search(String wanted) throws Exception {
        var search = new IconSearch();
        Optional<String> within = category.map(name -> name.toLowerCase(Locale.ROOT));
        if (within.isPresent() && !search.categories().contains(within.get())) {
            throw new Refusal("--category: there is no \"" + category.get() + "\". "
                    + Suggestion.sentence(
                            within.get(),
                            search.categories(),
                            "Write " + Suggestion.choice(search.categories()) + "."));
        }
        IconSet of = set.isPresent() ? named(set.get()) : IconSet.LINE;
        Icons icons = new BundledIcons().in(of);
        List<IconSearch.Found> all = inSet(search, search.find(wanted, within, Integer.MAX_VALUE), of, icons);
        List<IconSearch.Found> found = all.stream()
                .filter(icon -> !filled && !twins || icons.hasFilled(icon.name()))
                .limit(most)
                .toList();
        if (json) {
            spec.commandLine()
                    .getOut()
                    .print(JsonText.write(Trees.list(
                            found.stream().map(icon -> tree(icon, icons)).toList())));
        }
        PrintWriter said = output.isPresent()
                ? output.get().said(spec)
                : spec.commandLine().getOut();
        PrintWriter out = json ? new PrintWriter(Writer.nullWriter()) : said;
        if (found.isEmpty()) {
            out.println(all.isEmpty() ? nothing(wanted, search) : withoutFilled(wanted, all));
            return Main.FINE;
        }
        int width = found.stream().mapToInt(icon -> icon.name().length()).max().orElse(0);
        for (IconSearch.Found icon : found) {
            String twin = icons.hasFilled(icon.name()) ? "filled variant" : "              ";
            String words = String.join(", ", icon.words().stream().limit(6).toList());
            out.println(icon.name() + " ".repeat(width - icon.name().length()) + "  " + twin + "  " + words);
        }
        if (output.isPresent()) {
            draw(wanted.isEmpty() ? category.orElse("") : wanted, found, of, icons);
            out.println("Drew " + output.get() + ".");
        }
        return Main.FINE;
    }

    /** What another set has that means the same, best first. */
    private static List<IconSearch.Found> inSet(
            IconSearch search, List<IconSearch.Found> found, IconSet set, Icons icons) {
        if (set == IconSet.LINE) {
            return found;
        }
        var out = new LinkedHashMap<String, IconSearch.Found>();
        for (IconSearch.Found icon : found.subList(0, Math.min(MOST_LIKE, found.size()))) {
            search.like(icon.name(), icons.all(), 1)
                    .forEach(name -> out.putIfAbsent(name, new IconSearch.Found(name, icon.category(), icon.words())));
        }
        return List.copyOf(out.values());
    }

    private static Value tree(IconSearch.Found icon, Icons icons) {
        var out = new LinkedHashMap<String, Value>();
        out.put("icon", Trees.text(icon.name()));
        out.put("filled", Trees.flag(icons.hasFilled(icon.name())));
        out.put("category", Trees.text(icon.category()));
        out.put("words", Trees.texts(icon.words()));
        return Trees.map(out);
    }

    private static String nothing(String wanted, IconSearch search) {
        List<String> near = search.near(wanted);
        return "No icon means \"" + wanted + "\"."
                + (near.isEmpty() ? " Try another word for it." : " Did you mean " + Suggestion.choice(near) + "?");
    }

    private static String withoutFilled(String wanted, List<IconSearch.Found> all) {
        List<String> names = all.stream().limit(4).map(IconSearch.Found::name).toList();
        return "No icon that means \"" + wanted + "\" has a filled variant. Without one there "
                + (names.size() == 1 ? "is " : "are ") + String.join(", ", names)
                + "; set \"selected-icon\" for those.";
    }

    private void draw(String title, List<IconSearch.Found> found, IconSet of, Icons icons) throws Exception {
        var studio = new Studio(icons, Pictures.NONE);
        List<String> names = found.stream().map(IconSearch.Found::name).toList();
        var scene = IconSheet.of("Icons for " + title, names, of, icons, studio.measure());
        var options = PictureOptions.of(output.orElseThrow().format(Format.SVG, Format.PNG));
        output.orElseThrow().write(options.paint(scene, studio, title), new Inputs(), spec);
    }
}
