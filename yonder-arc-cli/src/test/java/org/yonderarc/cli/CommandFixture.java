package org.yonderarc.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.examples.Brinelight;

/** The command, run in this process, with what it prints. */
abstract class CommandFixture {
    @TempDir
    Path folder;

    final StringWriter out = new StringWriter();

    final StringWriter err = new StringWriter();

    Path plan;

    @BeforeEach
    void writePlan() throws Exception {
        plan = Files.writeString(folder.resolve("plan.yaml"), Brinelight.yaml());
        Files.writeString(folder.resolve("faulty.yaml"), Brinelight.yaml().replace("start: tides", "start: tidse"));
    }

    int yonder(String... arguments) {
        return Main.run(new PrintWriter(out), new PrintWriter(err), arguments);
    }
}
