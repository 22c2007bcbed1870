package org.yonderarc.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is made goes to standard output where it is asked to be written to {@code -} or {@code /dev/stdout}: as what the command makes
 * otherwise, or as {@code -.png} says. What is said then goes where errors go.
 */
final class StandardOutput {
    /** What each command makes where nothing says which kind; the others make files that need names, or many. */
    private static final Map<String, String> USUAL = Map.of(
            "draw", "svg", "sheet", "svg", "map", "svg", "measure", "svg", "compare", "svg", "icons", "svg", "page",
            "html", "film", "gif", "export", "scxml");

    private StandardOutput() {}

    /** Runs the command; gives the exit status. */
    static int run(OutputStream made, PrintWriter out, PrintWriter err, String... arguments) {
        Optional<Integer> at = IntStream.range(0, arguments.length)
                .boxed()
                .filter(i -> isAsked(arguments, i))
                .findFirst();
        if (at.isEmpty()) {
            return Main.run(out, err, arguments);
        }
        if (!USUAL.containsKey(arguments[0])) {
            err.println("yonder: what \"yonder " + arguments[0]
                    + "\" makes needs a name, and can't go to standard output." + " Name it with -o.");
            return Main.FAILED;
        }
        try {
            Path folder = Files.createTempDirectory("yonder");
            try {
                return run(made, err, folder, at.get(), arguments);
            } finally {
                try (var left = Files.list(folder)) {
                    for (Path file : left.toList()) {
                        Files.delete(file);
                    }
                }
                Files.delete(folder);
            }
        } catch (IOException failed) {
            err.println("yonder: standard output can't be written: " + failed.getMessage());
            return Main.FAILED;
        }
    }

    private static int run(OutputStream made, PrintWriter err, Path folder, int at, String... arguments)
            throws IOException {
        String asked = value(arguments[at]);
        String ending = asked.startsWith("-.") ? asked.substring(2) : USUAL.get(arguments[0]);
        Path file = folder.resolve("output." + ending);
        String[] changed = arguments.clone();
        changed[at] = arguments[at].substring(0, arguments[at].length() - asked.length()) + file;
        var said = new StringWriter();
        var words = new PrintWriter(said);
        int status = Main.run(words, words, changed);
        words.flush();
        err.print(said.toString().replace(file.toString(), "standard output"));
        err.flush();
        if (Files.exists(file)) {
            Files.copy(file, made);
            made.flush();
        }
        return status;
    }

    private static boolean isAsked(String[] arguments, int at) {
        boolean isValue = at > 0 && (arguments[at - 1].equals("-o") || arguments[at - 1].equals("--output"))
                || arguments[at].startsWith("-o=")
                || arguments[at].startsWith("--output=");
        String value = value(arguments[at]);
        return isValue && (value.equals("-") || value.equals("/dev/stdout") || value.matches("-\\.[a-zA-Z.]+"));
    }

    /** The value of {@code --output=VALUE}, or the argument itself. */
    private static String value(String argument) {
        return argument.matches("(-o|--output)=.*") ? argument.substring(argument.indexOf('=') + 1) : argument;
    }
}
