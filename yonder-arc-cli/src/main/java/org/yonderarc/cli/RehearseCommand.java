package org.yonderarc.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "rehearse",
        description = "Walks journeys through a plan, and reports what isn't as expected.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "A leg of a journey: { do: choose:crew, at: sign-in, back: tides }",
            "",
            "Example:",
            "  yonder rehearse brinelight.yaml journeys.yaml",
            "  yonder rehearse brinelight.yaml journeys.yaml --junit report.xml -o failed",
        })
final class RehearseCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "FILE", description = "The files with journeys.")
    private List<Path> files = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "DIR",
            description = "A folder for a picture of each journey that fails. Default: no pictures.")
    private Optional<Path> output = Optional.empty();

    @ArgGroup(exclusive = true)
    private Form form = new Form();

    private final Set<Path> drawn = new HashSet<>();
    private Studio studio;

    private static final class Form {
        @Option(names = "--json", description = "What came of each journey as JSON.")
        private boolean json;

        @Option(names = "--junit", paramLabel = "FILE", description = "Also a report as JUnit XML, for build servers.")
        private Optional<Path> junit = Optional.empty();
    }

    private static void folder(Path wanted) throws Refusal {
        try {
            Files.createDirectories(wanted);
        } catch (IOException failed) {
            throw new Refusal(wanted + ": the folder can't be made (" + failed.getMessage() + "). Name another one.");
        }
    }

    /** The plan and the journeys, none of which is replaced. */
    private Inputs inputs(Plan sound) {
        Inputs inputs = plan.inputs(sound);
        files.forEach(inputs::file);
        return inputs;
    }

    /** Draws where a journey went astray; those of the same name in several files have a picture each. */
    private Path draw(Plan sound, Rehearsal.Outcome outcome, Path folder) throws Exception {
        if (drawn.isEmpty()) {
            studio = plan.studio(sound);
        }
        Journey journey = outcome.journey();
        String slug = Ids.slug(journey.name());
        String name = slug.isEmpty() ? "journey" : slug;
        Path picture = folder.resolve(name + ".png");
        for (int i = 2; !drawn.add(picture); i++) {
            picture = folder.resolve(name + "-" + i + ".png");
        }
        Scene scene = new View(Walk.of(sound), journey.on(sound), studio.measure()).scene(outcome.state());
        inputs(sound).spare(picture);
        SafeFile.write(picture, studio.png(scene, 1));
        return picture;
    }

    @Override
    public Integer call() throws Exception {
        Plan sound = plan.sound(spec.commandLine().getErr());
        var journeys = new ArrayList<Journey>();
        var report = new JourneyReport();
        if (output.isPresent()) {
            folder(output.get());
        }
        for (Path file : files) {
            for (Journey journey : JourneyFile.read(file)) {
                try {
                    journey.on(sound);
                } catch (IllegalArgumentException unknown) {
                    throw new Refusal(file + ": " + unknown.getMessage());
                }
                journeys.add(journey);
                report.walks(file, journey);
            }
        }
        PrintWriter out = form.json
                ? new PrintWriter(Writer.nullWriter())
                : spec.commandLine().getOut();
        int failed = 0;
        for (Journey journey : journeys) {
            Rehearsal.Outcome outcome = Rehearsal.of(sound, journey);
            report.came(outcome);
            if (outcome.difference().isEmpty()) {
                out.println("as expected  " + FindingText.visible(journey.name()));
                continue;
            }
            failed++;
            out.println("not so       "
                    + outcome.difference()
                            .get()
                            .lines()
                            .map(FindingText::visible)
                            .reduce((a, b) -> a + "\n           " + b)
                            .orElse(""));
            if (output.isPresent()) {
                Path picture = draw(sound, outcome, output.get());
                out.println("             picture: " + picture);
                report.drawn(journey, picture);
            }
        }
        if (!drawn.isEmpty()) {
            plan.notes(spec.commandLine().getErr());
        }
        out.println(journeys.size() + " journeys, " + failed + " not as expected.");
        if (form.json) {
            spec.commandLine().getOut().print(report.json());
        }
        if (form.junit.isPresent()) {
            inputs(sound).spare(form.junit.get());
            SafeFile.write(form.junit.get(), report.junit());
        }
        return failed == 0 ? Main.FINE : Main.DIFFERS;
    }
}
