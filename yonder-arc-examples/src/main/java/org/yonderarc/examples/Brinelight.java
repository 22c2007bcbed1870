package org.yonderarc.examples;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;

/** The demo: an app for volunteers who survey the shore at low tide. */
public final class Brinelight {
    /** The name of the plan file. */
    public static final String FILE = "brinelight.yaml";

    /** A short journey: to a draft, aside to the guide, back to where it was left, and past the sign-in to the crew. */
    public static final List<String> JOURNEY = List.of(
            "choose:surveys",
            "open:survey?survey=41",
            "choose:species",
            "open:kind?kind=shore-crab",
            "tell:drafts=3",
            "choose:surveys",
            "back",
            "choose:crew",
            "tell:signed-in=true",
            "back",
            "back");

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
