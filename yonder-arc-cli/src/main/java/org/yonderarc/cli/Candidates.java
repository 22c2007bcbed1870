package org.yonderarc.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.sheet.Axes;
import org.yonderarc.walk.Step;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;

/** What a line of the command can go on with: commands, options, their values, and the names of the plan that stands on the line. */
final class Candidates {
    /** Said in place of words where the shell is to look for files: with these endings, or any. */
    static final String PLANS = "<files>.yaml .yml .json";

    static final String FILES = "<files>";

    private static final List<String> STATES = List.of("hover:", "pressed:", "focused:");

    private final CommandLine root;
    private final List<String> before;
    private final String now;

    private Candidates(CommandLine root, List<String> before, String now) {
        this.root = root;
        this.before = before;
        this.now = now;
    }

    /**
     * What the last word can be.
     *
     * @param words the words after the name of the command; the last one as far as it is written
     */
    static List<String> of(CommandLine root, List<String> words) {
        int last = words.size() - 1;
        String now = last < 0 ? "" : words.get(last);
        return new Candidates(root, last < 0 ? List.of() : words.subList(0, last), now)
                .all()
                .filter(word -> word.startsWith(now) || word.startsWith(FILES))
                .sorted()
                .distinct()
                .toList();
    }

    private Stream<String> all() {
        if (before.isEmpty()) {
            return Stream.concat(root.getSubcommands().keySet().stream(), Stream.of("--help", "--version"));
        }
        CommandLine command = root.getSubcommands().get(before.get(0));
        if (command == null) {
            return Stream.of();
        }
        if (before.get(0).equals("help")) {
            return root.getSubcommands().keySet().stream();
        }
        OptionSpec option = command.getCommandSpec().findOption(before.get(before.size() - 1));
        if (option != null && option.arity().max() > 0) {
            return values(option);
        }
        if (now.startsWith("-")) {
            return command.getCommandSpec().options().stream().flatMap(any -> Arrays.stream(any.names()));
        }
        return named(command).isEmpty() ? Stream.of(PLANS) : behind(before.get(0));
    }

    /** What may stand behind the plan. */
    private Stream<String> behind(String command) {
        return switch (command) {
            case "measure" -> BarWords.ALL.stream();
            case "draw" -> steps();
            case "walk" ->
                now.isEmpty() || steps().noneMatch(step -> step.startsWith(now))
                        ? Stream.concat(steps(), Stream.of(PLANS))
                        : steps();
            case "check", "compare" -> Stream.of(PLANS);
            default -> Stream.of();
        };
    }

    private Stream<String> steps() {
        Stream<String> kinds =
                Arrays.stream(Step.Kind.values()).map(kind -> kind.word() + (takesMore(kind) ? ":" : ""));
        return Stream.concat(kinds, plan().stream().flatMap(plan -> Stream.of(
                        items(plan).map(id -> "choose:" + id),
                        places(plan).map(place -> "open:" + place),
                        bars(plan).flatMap(id -> Stream.of("toggle:" + id, "collapse:" + id)),
                        facts(plan).map(fact -> "tell:" + fact))
                .flatMap(each -> each)));
    }

    private static boolean takesMore(Step.Kind kind) {
        return !List.of(Step.Kind.BACK, Step.Kind.UP, Step.Kind.VISIT, Step.Kind.CLOSE, Step.Kind.RESTART)
                .contains(kind);
    }

    private Stream<String> values(OptionSpec option) {
        return switch (option.longestName()) {
            case "--device", "--turn" ->
                plan().map(Device::presets).orElse(Device.PRESETS).stream().map(Device::id);
            case "--scheme" -> Arrays.stream(Scheme.values()).map(Scheme::word);
            case "--language" -> plan().stream().flatMap(plan -> plan.app().languages().stream());
            case "--screen" -> plan().stream().flatMap(Candidates::places);
            case "--open", "--collapse" -> plan().stream().flatMap(Candidates::bars);
            case "--tell" -> plan().stream().flatMap(Candidates::facts);
            case "--touch" ->
                plan().stream().flatMap(plan -> STATES.stream()
                        .flatMap(state -> items(plan).map(state::concat)));
            case "--across", "--down" -> Axes.NAMES.stream();
            case "--set" -> Stream.of("line", "slim");
            case "--schema" -> Stream.of("plan", "journeys");
            case "--completion" -> Stream.of("bash", "zsh", "fish", "man");
            case "--part" -> BarWords.ALL.stream();
            default -> Stream.of(FILES);
        };
    }

    private static Stream<String> items(Plan plan) {
        return plan.items().map(Item::id);
    }

    private static Stream<String> bars(Plan plan) {
        return plan.bars().stream().map(bar -> bar.id());
    }

    private static Stream<String> facts(Plan plan) {
        return plan.facts().stream().map(fact -> fact.id() + "=");
    }

    /** Each screen, with the names of what its address needs. */
    private static Stream<String> places(Plan plan) {
        return plan.screens().stream().map(Candidates::place);
    }

    private static String place(Screen screen) {
        return screen.path().required().stream()
                .findFirst()
                .map(name -> screen.id() + "?" + name + "=")
                .orElse(screen.id());
    }

    /** The words that are no options and no values of options. */
    private List<String> named(CommandLine command) {
        var named = new ArrayList<String>();
        for (int i = 1; i < before.size(); i++) {
            OptionSpec option = command.getCommandSpec().findOption(before.get(i));
            if (option != null && option.arity().max() > 0) {
                i++;
            } else if (!before.get(i).startsWith("-")) {
                named.add(before.get(i));
            }
        }
        return named;
    }

    /** The plan on the line, where it can be read. */
    private Optional<Plan> plan() {
        return before.stream()
                .filter(word -> word.toLowerCase(Locale.ROOT).matches(".*\\.(ya?ml|json)"))
                .map(Path::of)
                .filter(Files::isRegularFile)
                .findFirst()
                .flatMap(file -> {
                    try {
                        return PlanFile.read(file, new BundledIcons()).plan();
                    } catch (FileException unreadable) {
                        return Optional.empty();
                    }
                });
    }
}
