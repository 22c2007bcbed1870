package org.yonderarc.examples;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;

/** The demo: an app for volunteers who survey the shore at low tide. */
public final class Brinelight {
    /** The name of the plan file. */
    public static final String FILE = "brinelight.yaml";

    private Brinelight() {}

    /** The text of the plan file. */
    public static String yaml() {
        try (InputStream in = Brinelight.class.getResourceAsStream(FILE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException("the demo plan can't be read", failed);
        }
    }

    /** The plan. */
    public static Plan plan() {
        return PlanFile.read(new SourceText(FILE, yaml()), IconNames.ANY).plan().orElseThrow();
    }
}
