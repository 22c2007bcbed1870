package org.yonderarc.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.Format;
import picocli.CommandLine.Model.CommandSpec;

/**
 * What a command writes to: a file, or standard output where {@code -} or {@code /dev/stdout} is named. {@code -.png} also says which
 * format goes there. What the command says then goes where errors go.
 */
final class OutputFile {
    private final String name;

    OutputFile(String name) {
        this.name = name;
    }

    boolean isStandardOutput() {
        return name.equals("-") || name.equals("/dev/stdout") || name.matches("-\\.[a-zA-Z.]+");
    }

    /**
     * The file.
     *
     * @throws Refusal if it is standard output, for what only a file or a folder can be used
     */
    Path path() throws Refusal {
        if (isStandardOutput()) {
            throw new Refusal(
                    "what this command makes needs a name, and can't go to standard output. Name it with -o.");
        }
        return Path.of(name);
    }

    /** The name without its folder and its extension. */
    Optional<String> stem() {
        if (isStandardOutput()) {
            return Optional.empty();
        }
        String last = Path.of(name).getFileName().toString();
        return Optional.of(last.substring(0, last.lastIndexOf('.')));
    }

    /**
     * The format that the name's extension says.
     *
     * @param usual what goes to standard output where nothing says which
     * @param others what can be made, too
     * @throws Refusal if it is none of these
     */
    Format format(Format usual, Format... others) throws Refusal {
        if (isStandardOutput() && !name.startsWith("-.")) {
            return usual;
        }
        List<Format> made = Stream.concat(Stream.of(usual), Stream.of(others)).toList();
        return Format.ofName(name)
                .filter(made::contains)
                .orElseThrow(() -> new Refusal(name + ": the name ends in " + Format.choice(made) + "."));
    }

    /** Whether the name's extension says this format. */
    boolean is(Format format) {
        return Format.ofName(name).filter(format::equals).isPresent();
    }

    /** Where the command says what it did. */
    PrintWriter said(CommandSpec spec) {
        return isStandardOutput()
                ? spec.commandLine().getErr()
                : spec.commandLine().getOut();
    }

    /** Writes what was made, unless that would replace what it was made from, and says what people should know of it. */
    void write(Artifact made, Inputs inputs, CommandSpec spec) throws FileException, Refusal, IOException {
        var main = (Main) spec.root().userObject();
        if (isStandardOutput()) {
            var out = main.made();
            out.write(made.bytes());
            out.flush();
        } else {
            inputs.spare(path());
            SafeFile.write(path(), made.bytes());
        }
        PrintWriter err = spec.commandLine().getErr();
        made.notes().stream().filter(main::isNew).forEach(note -> err.println("Note: " + FindingText.visible(note)));
        err.flush();
    }

    @Override
    public String toString() {
        return isStandardOutput() ? "standard output" : name;
    }
}
