package org.yonderarc.cli;

import java.awt.Desktop;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.BindException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.yonderarc.live.LiveServer;
import org.yonderarc.plan.Ids;
import org.yonderarc.tasks.Starter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "live",
        description = "Serves a page on this machine where a plan is changed by hand, and seen to change.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Whoever has the address can change the plan; no other machine can reach it.",
            "Ctrl-C ends it. Pages that are open come back when it is started again.",
            "",
            "Example:",
            "  yonder live brinelight.yaml --open",
        })
final class LiveCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "PLAN", description = "The plan. Where there is none of this name yet, one is begun.")
    private Path file;

    @Option(names = "--open", description = "Opens the page in the browser.")
    private boolean opens;

    @Option(
            names = "--port",
            paramLabel = "N",
            description = "The port, 1 to 65535, or 0 for any that is free. Default: 7340, or the next that is free.")
    private int port = LiveServer.PORT;

    @Override
    public Integer call() throws Exception {
        if (port < 0 || port > 65_535) {
            throw new Refusal("--port: " + port + " is outside of 0 to 65535.");
        }
        PrintWriter out = spec.commandLine().getOut();
        if (!Files.exists(file)) {
            begin(out);
        }
        try (LiveServer live = LiveServer.start(file, port, keys())) {
            var hook = new Thread(live::close, "yonder-end");
            Runtime.getRuntime().addShutdownHook(hook);
            if (port != 0 && live.port() != port) {
                out.println("Port " + port + " is taken; this is " + live.port() + ".");
            }
            out.println("Live: " + live.address());
            out.println("Ctrl-C ends it.");
            out.flush();
            if (opens) {
                open(live.address(), out);
            }
            live.await();
        } catch (InterruptedException ended) {
            return Main.FINE;
        } catch (BindException taken) {
            throw new Refusal("port " + port + " and those behind it are taken. Name another with --port.");
        }
        return Main.FINE;
    }

    /** The plan that "new" writes, to go on from. */
    private void begin(PrintWriter out) throws Exception {
        String name = file.getFileName().toString();
        if (!name.matches(".+\\.(yaml|yml|json)")) {
            throw new Refusal(file + ": there is no such file. A plan that is to be begun ends in .yaml or .json.");
        }
        String title = Ids.asTitle(Ids.slug(name.substring(0, name.lastIndexOf('.'))));
        boolean hasSchema = Starter.write(file, title, Starter.ARRANGEMENTS.get(0));
        out.println("Began " + file + (hasSchema ? ", and beside it " + Starter.SCHEMA + " for editors" : "") + ".");
    }

    private static Path keys() {
        return Path.of(System.getProperty("user.home"), ".yonder");
    }

    /**
     * Opens the page by way of a file that only this account can read and that leads to it: every account of a machine sees the words with
     * which a browser is started.
     */
    private static void open(URI address, PrintWriter out) {
        try {
            Path door = LiveServer.door(keys(), address);
            door.toFile().deleteOnExit();
            if (Desktop.isDesktopSupported() && Desktop.getDesktop().isSupported(Desktop.Action.BROWSE)) {
                Desktop.getDesktop().browse(door.toUri());
                return;
            }
            new ProcessBuilder(opener(), door.toString()).start();
        } catch (IOException | UnsupportedOperationException noBrowser) {
            out.println("No browser could be opened. Open the address by hand.");
            out.flush();
        }
    }

    private static String opener() {
        return System.getProperty("os.name").startsWith("Mac") ? "open" : "xdg-open";
    }
}
