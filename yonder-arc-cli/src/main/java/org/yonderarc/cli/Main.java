package org.yonderarc.cli;

import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.Version;
import org.yonderarc.finding.Brief;
import org.yonderarc.tasks.InvalidRequestException;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;

/** The command itself: names its parts, and turns every failure into a message and an exit status. */
@Command(
        name = "yonder",
        description = "App navigation, written once: checked, drawn, walked and played.",
        mixinStandardHelpOptions = true,
        versionProvider = Main.OfLibrary.class,
        synopsisSubcommandLabel = "COMMAND",
        footer = {
            "",
            "Examples:",
            "  yonder demo",
            "  yonder new \"Shore Walks\"",
            "  yonder check brinelight.yaml",
            "  yonder draw brinelight.yaml -o surveys.png --screen surveys",
            "  yonder walk brinelight.yaml choose:surveys 'open:survey?survey=41' back",
            "",
            "Exit status: 0 all is fine, 1 the plan has errors, 2 the command could not run,",
            "  3 plans differ, or a journey isn't as expected.",
        })
public final class Main implements Runnable {
    /** Everything went well. */
    static final int FINE = 0;
    /** The plan has errors. */
    static final int PLAN_HAS_ERRORS = 1;
    /** The command could not be carried out. */
    static final int FAILED = 2;
    /** Everything was carried out, and plans differ or a journey isn't as expected. */
    static final int DIFFERS = 3;

    private static final String EXPORT = "export";

    /** The version of the library that the command is built with. */
    static final class OfLibrary implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            return new String[] {"yonder " + Version.number()};
        }
    }

    /** What can be said first, in the order of the help. */
    private static final Map<String, Supplier<Object>> COMMANDS = new LinkedHashMap<>();

    static {
        COMMANDS.put("new", NewCommand::new);
        COMMANDS.put("check", CheckCommand::new);
        COMMANDS.put("edit", EditCommand::new);
        COMMANDS.put("draw", DrawCommand::new);
        COMMANDS.put("compare", CompareCommand::new);
        COMMANDS.put("measure", MeasureCommand::new);
        COMMANDS.put("walk", WalkCommand::new);
        COMMANDS.put("page", PageCommand::new);
        COMMANDS.put("live", LiveCommand::new);
        COMMANDS.put(EXPORT, ExportCommand::new);
        COMMANDS.put("icons", IconsCommand::new);
        COMMANDS.put("demo", DemoCommand::new);
        COMMANDS.put("help", CommandLine.HelpCommand::new);
    }

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    private final OutputStream made;
    private final Set<String> notes = new HashSet<>();

    private Main(OutputStream made) {
        this.made = made;
    }

    /** The command with the part that is asked for, or with all: to look through the options of all takes a fifth of a start. */
    private static CommandLine command(OutputStream made, String[] arguments) {
        var command = new CommandLine(new Main(made));
        String first = arguments.length == 0 ? "" : arguments[0];
        // The manual and the completion tell of all.
        boolean isOne = COMMANDS.containsKey(first) && !first.equals("help") && !first.equals(EXPORT);
        COMMANDS.forEach((name, part) -> {
            if (!isOne || name.equals(first)) {
                command.addSubcommand(name, part.get());
            }
        });
        return command;
    }

    /** Whether a note is said for the first time: pictures of one command share theirs. */
    boolean isNew(String note) {
        return notes.add(note);
    }

    /** Standard output, for what is made. */
    OutputStream made() {
        return made;
    }

    /** Runs the command and ends the process with its exit status. */
    public static void main(String[] arguments) {
        Optional<Waiting> waiting = Terminal.canWait(arguments)
                ? Optional.of(Waiting.on(System.err, "yonder " + arguments[0]))
                : Optional.empty();
        OutputStream made = before(waiting, System.out);
        var out = new PrintWriter(made, true, StandardCharsets.UTF_8);
        var err = new PrintWriter(before(waiting, System.err), true, StandardCharsets.UTF_8);
        Optional<String> locale = Locales.problem(arguments);
        if (locale.isPresent()) {
            err.println("yonder: " + locale.get());
            System.exit(FAILED);
        }
        int status;
        try {
            status = run(made, out, err, arguments);
        } catch (RuntimeException | Error ours) {
            out.flush();
            err.println("yonder: " + Report.of(ours, arguments));
            err.flush();
            status = FAILED;
        }
        waiting.ifPresent(Waiting::end);
        System.exit(status);
    }

    private static OutputStream before(Optional<Waiting> waiting, OutputStream out) {
        return waiting.map(any -> any.before(out)).orElse(out);
    }

    /** Held, as a logger that nobody holds forgets its level. */
    private static final Logger PICTURES = Logger.getLogger("com.github.weisj.jsvg");

    static {
        // What is wrong with a picture is a finding; the library's own log is not for people.
        PICTURES.setLevel(Level.OFF);
    }

    /** Runs the command with these streams; gives the exit status. */
    public static int run(PrintWriter out, PrintWriter err, String... arguments) {
        return run(System.out, out, err, arguments);
    }

    /**
     * Runs the command.
     *
     * @param made takes what is made for standard output
     * @param out takes what is said
     * @param err takes what is wrong
     * @return the exit status
     */
    static int run(OutputStream made, PrintWriter out, PrintWriter err, String... arguments) {
        String[] today = OldWords.today(err, arguments);
        var command = command(made, today)
                .registerConverter(OutputFile.class, OutputFile::new)
                .setOut(out)
                .setErr(err)
                .setColorScheme(CommandLine.Help.defaultColorScheme(Ansi.OFF))
                .setUsageHelpAutoWidth(false)
                .setUsageHelpWidth(Terminal.width(System.getenv()))
                .setExpandAtFiles(false)
                .setParameterExceptionHandler(Main::misused)
                .setExecutionExceptionHandler(Main::failed);
        int status = command.execute(today);
        out.flush();
        err.flush();
        return status;
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }

    private static int misused(ParameterException wrong, String[] arguments) {
        CommandLine command = wrong.getCommandLine();
        PrintWriter err = command.getErr();
        boolean noCommand = wrong instanceof CommandLine.UnmatchedArgumentException
                && command.getCommandSpec().parent() == null;
        String message = noCommand ? "there is no command \"" + arguments[0] + "\"" : said(wrong);
        err.println("yonder: " + FindingText.visible(Brief.message(message)));
        if (!CommandLine.UnmatchedArgumentException.printSuggestions(wrong, err)) {
            err.println("See \"" + command.getCommandSpec().qualifiedName() + " --help\".");
        }
        return FAILED;
    }

    /** The message in the words of people who don't write programs. */
    private static String said(ParameterException wrong) {
        return wrong.getMessage()
                .replace("is not a double", "is not a number")
                .replace("is not an int", "is not a whole number")
                .replaceFirst("Unknown subcommand '(.*)'[.]", "there is no command \"$1\"");
    }

    private static int failed(Exception failure, CommandLine command, ParseResult parsed) {
        if (failure instanceof FileException || failure instanceof Refusal) {
            command.getErr().println("yonder: " + FindingText.visible(Brief.message(failure.getMessage())));
            return failure instanceof Refusal refusal ? refusal.status() : FAILED;
        }
        if (failure instanceof InvalidRequestException invalid) {
            String option = invalid.option().isEmpty() ? "" : "--" + invalid.option() + ": ";
            command.getErr().println("yonder: " + FindingText.visible(Brief.message(option + invalid.getMessage())));
            return FAILED;
        }
        command.getOut().flush();
        command.getErr()
                .println("yonder: " + Report.of(failure, parsed.originalArgs().toArray(String[]::new)));
        return FAILED;
    }
}
