package org.yonderarc.examples;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jline.reader.EndOfFileException;
import org.jline.reader.LineReader;
import org.jline.reader.LineReaderBuilder;
import org.jline.reader.UserInterruptException;
import org.jline.terminal.Terminal;
import org.jline.terminal.TerminalBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.fit.Fitting;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Form;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;

/**
 * The demo app in a terminal, driven by the navigator: a number opens a row, an item's id chooses it, {@code back} goes back,
 * any other step is written as in {@code yonder walk}. The state is saved after each step, so an app that was killed goes on
 * where it was.
 */
public final class ConsoleApp {
    private final Navigator navigator = new Navigator(Brinelight.plan(), Runnable::run);
    private final Path saved;

    /** An app that keeps its state in a file. */
    public ConsoleApp(Path saved) {
        this.saved = saved;
    }

    /** Runs the app in this terminal; the argument is the file that keeps its state. */
    public static void main(String[] arguments) throws IOException {
        try (Terminal terminal = TerminalBuilder.terminal()) {
            LineReader reader = LineReaderBuilder.builder().terminal(terminal).build();
            new ConsoleApp(Path.of(arguments.length > 0 ? arguments[0] : "brinelight.state"))
                    .run(() -> line(reader), terminal.writer());
        }
    }

    private static Optional<String> line(LineReader reader) {
        try {
            return Optional.of(reader.readLine("> "));
        } catch (EndOfFileException | UserInterruptException left) {
            return Optional.empty();
        }
    }

    /**
     * Runs the app until the person leaves.
     *
     * @param lines what is typed; no value when there is no more
     * @param out what is shown
     */
    public void run(Supplier<Optional<String>> lines, PrintWriter out) throws IOException {
        if (Files.exists(saved)) {
            navigator.restore(Files.readString(saved)).forEach(out::println);
        }
        show(out);
        for (Optional<String> typed = lines.get(); typed.isPresent(); typed = lines.get()) {
            String line = typed.get().strip();
            try {
                Change change = navigator.take(step(line));
                change.effects().forEach(effect -> out.println("* " + effect.text()));
                Files.writeString(saved, navigator.save());
                if (change.effects().contains(new Effect.Leave())) {
                    return;
                }
                show(out);
            } catch (IllegalArgumentException wrong) {
                out.println("! " + wrong.getMessage());
            }
        }
    }

    private void show(PrintWriter out) {
        Fitting fitting = navigator.on(Device.PHONE);
        out.println("== " + fitting.title() + " ==");
        int number = 1;
        for (FittedRow row : fitting.content().rows()) {
            String sign = row.to().isPresent() ? Integer.toString(number) : "-";
            out.println(" " + sign + " " + row.title() + "  " + row.value());
            number++;
        }
        var items = new StringBuilder();
        for (FittedItem item :
                fitting.one(Form.Kind.BOTTOM).map(bar -> bar.items()).orElse(List.of())) {
            items.append(item.selected() ? " [" + item.id() + "]" : " " + item.id());
            item.badge().ifPresent(badge -> items.append('(').append(badge).append(')'));
        }
        out.println(items);
        out.flush();
    }

    private Step step(String line) {
        Fitting fitting = navigator.on(Device.PHONE);
        List<FittedRow> rows = fitting.content().rows();
        if (line.matches("[0-9]{1,3}")) {
            int number = Integer.parseInt(line);
            if (number < 1 || number > rows.size() || rows.get(number - 1).to().isEmpty()) {
                throw new IllegalArgumentException("there is no row " + line + " to open");
            }
            return new Step.Open(rows.get(number - 1).to().get());
        }
        boolean isItem = navigator.plan().items().anyMatch(item -> item.id().equals(line));
        return isItem ? new Step.Choose(line) : Steps.parse(navigator.plan(), line);
    }
}
