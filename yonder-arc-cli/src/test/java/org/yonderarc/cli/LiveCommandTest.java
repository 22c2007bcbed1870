package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code yonder live}, from its first line to its end. */
class LiveCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private String home;

    @BeforeEach
    void keepTheKeyHere() {
        home = System.setProperty("user.home", folder.toString());
    }

    @AfterEach
    void restore() {
        System.setProperty("user.home", home);
    }

    private int yonder(String... arguments) {
        return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    @ParameterizedTest
    @CsvSource({
        "none.txt, 0, A plan that is to be begun ends in .yaml or .json.",
        "none/plan.yaml, 0, there is no folder",
        "plan.yaml, 70000, --port: 70000 is outside of 0 to 65535.",
        "plan.yaml, seven, is not a whole number",
    })
    void whatCanNotBeServedIsTold(String file, String port, String message) {
        assertEquals(2, yonder("live", folder.resolve(file).toString(), "--port", port));
        assertTrue(err.toString().contains(message), err.toString());
    }

    @Test
    void aPlanIsBegunServedHandedOverAndLeft() throws Exception {
        Path plan = folder.resolve("shore-walks.yaml");
        var live = new FutureTask<>(() -> yonder("live", plan.toString(), "--port", "0"));
        var thread = new Thread(live);
        thread.start();
        await(() -> out.toString().contains("Ctrl-C"));
        assertTrue(
                out.toString().startsWith("Began " + plan + ", and beside it .plan.schema.json for editors."),
                out.toString());
        assertTrue(Files.readString(plan).contains("name: \"Shore walks\""));
        assertEquals(0, Main.run(new PrintWriter(new StringWriter()), new PrintWriter(err), "check", plan.toString()));
        URI address = URI.create(out.toString().split("Live: ")[1].split("\\s")[0]);
        Path page = folder.resolve("page.html");
        Main.run(
                new PrintWriter(new StringWriter()),
                new PrintWriter(err),
                "page",
                plan.toString(),
                "-o",
                page.toString());
        assertArrayEquals(Files.readAllBytes(page), get(address.resolve("make?what=page&as=html")));
        Path picture = folder.resolve("picture.png");
        Main.run(
                new PrintWriter(new StringWriter()),
                new PrintWriter(err),
                "draw",
                plan.toString(),
                "-o",
                picture.toString(),
                "--device",
                "tablet");
        assertArrayEquals(Files.readAllBytes(picture), get(address.resolve("make?what=draw&as=png&device=tablet")));
        thread.interrupt();
        assertEquals(0, live.get(20, TimeUnit.SECONDS), err.toString());
    }

    /** Every account of a machine sees the words with which a program is started: the address is not among them. */
    @Test
    void theBrowserIsStartedWithoutTheSecret() throws Exception {
        Path plan = folder.resolve("shore.yaml");
        Path bin = Files.createDirectory(folder.resolve("bin"));
        Path opener = Files.writeString(
                bin.resolve("xdg-open"), "#!/bin/sh\necho \"$@\" > " + folder.resolve("words") + "\n");
        Files.setPosixFilePermissions(opener, PosixFilePermissions.fromString("rwx------"));
        var start = new ProcessBuilder(
                ProcessHandle.current().info().command().orElseThrow(),
                "-Djava.awt.headless=true",
                "-Duser.home=" + folder,
                "-cp",
                System.getProperty("java.class.path"),
                Main.class.getName(),
                "live",
                plan.toString(),
                "--port",
                "0",
                "--open");
        start.environment().merge("PATH", bin + ":", (path, first) -> first + path);
        Process live = start.redirectErrorStream(true).start();
        try (var said = live.inputReader()) {
            String address = said.lines()
                    .filter(line -> line.startsWith("Live: "))
                    .findFirst()
                    .orElseThrow()
                    .substring(6);
            await(() -> Files.exists(folder.resolve("words"))
                    && folder.resolve("words").toFile().length() > 0);
            String words = Files.readString(folder.resolve("words")).strip();
            assertFalse(words.contains(URI.create(address).getPath()), words);
            Path door = Path.of(words);
            assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(door)));
            assertTrue(Files.readString(door).contains("url=" + address), Files.readString(door));
        } finally {
            live.destroy();
        }
    }

    private static byte[] get(URI address) throws Exception {
        var connection = (HttpURLConnection) address.toURL().openConnection();
        try (InputStream in = connection.getInputStream()) {
            return in.readAllBytes();
        }
    }

    private static void await(BooleanSupplier is) throws Exception {
        for (int i = 0; !is.getAsBoolean(); i++) {
            if (i > 400) {
                throw new TimeoutException("it never came");
            }
            Thread.sleep(50);
        }
    }
}
