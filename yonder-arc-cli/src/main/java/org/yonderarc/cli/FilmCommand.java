package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.draw.FilmStrip;
import org.yonderarc.draw.GifWriter;
import org.yonderarc.files.SafeFile;
import org.yonderarc.fit.Interaction;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "film",
        description =
                "Films what the last of some steps changes, or an item that is touched, as an animated GIF or a strip of frames.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder film brinelight.yaml choose:surveys -o surveys.gif",
            "  yonder film brinelight.yaml choose:surveys 'open:survey?survey=41' -o a.png",
            "  yonder film hutline.yaml --turn tablet -o turned.gif",
        })
final class FilmCommand implements Callable<Integer> {
    private static final String CLEAR_LINE = "\r\u001B[K";

    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = "--turn",
            paramLabel = "DEVICE",
            description = "Films how another device, or a window of another size, takes over instead.")
    private Optional<String> turn = Optional.empty();

    @Parameters(
            index = "1..*",
            arity = "0..*",
            paramLabel = "STEP",
            description = "What is done; the last step is filmed.")
    private List<String> steps = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "An animation (.gif), or a strip of frames with times (.png, .svg).")
    private Path output;

    @Option(names = "--frames", paramLabel = "N", description = "How many frames a strip has, 3 to 12. Default: 6.")
    private int frames = 6;

    @Option(names = "--reduced", description = "As for people who want less motion.")
    private boolean reduced;

    @Option(names = "--scale", paramLabel = "N", description = "Pixels for each dp, 0.25 to 4. Default: 1.")
    private double scale = 1;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        String name = output.toString();
        if (!Ending.is(output, "gif", "png", "svg")) {
            throw new Refusal(output + ": a film's name ends in .gif, .png or .svg.");
        }
        if (frames < 3 || frames > 12) {
            throw new Refusal("--frames: " + frames + " is outside of 3 to 12.");
        }
        if (!(scale >= 0.25 && scale <= 4)) {
            throw new Refusal("--scale: " + scale + " is outside of 0.25 to 4.");
        }
        Plan sound = plan.sound(spec.commandLine().getErr());
        var walk = Walk.of(sound);
        var studio = plan.studio(sound);
        View view = look.view(walk, studio.measure());
        State state = look.state(walk);
        Change change = null;
        for (String text : steps) {
            change = walk.step(state, parse(sound, text));
            if (change.refusal().isPresent()) {
                throw new Refusal(text + ": " + change.refusal().get());
            }
            state = change.after();
        }
        boolean isTouched = !view.setting().touch().equals(Interaction.NONE);
        if (change == null && turn.isEmpty() && !isTouched) {
            throw new Refusal("there is nothing to film. Name a step such as choose:surveys, a device with --turn, or a"
                    + " state with --touch.");
        }
        Film film = turn.isPresent()
                ? turned(walk, view, state)
                : change == null ? touched(walk, view, state) : film(walk, view, change);
        if (film.duration() == 0 && change == null) {
            throw new Refusal("nothing is shown otherwise there; there is nothing to film.");
        }
        if (film.duration() == 0) {
            throw new Refusal(change.step().text() + " changes nothing that moves (" + change.because()
                    + "); there is nothing to film.");
        }
        PrintWriter out = spec.commandLine().getOut();
        plan.inputs(sound).spare(output);
        if (Ending.is(output, "gif")) {
            SafeFile.write(output, new GifWriter(studio, scale).write(film, this::progress));
            progress(1, 1);
        } else {
            Scene strip = FilmStrip.of(film, frames, studio.measure());
            SafeFile.write(
                    output,
                    Ending.is(output, "svg")
                            ? studio.svg(strip).getBytes(java.nio.charset.StandardCharsets.UTF_8)
                            : studio.png(strip, scale));
        }
        plan.notes(spec.commandLine().getErr());
        out.println("Filmed " + turn.orElseGet(steps.isEmpty() ? look::touch : () -> steps.get(steps.size() - 1)) + ", "
                + Math.round(film.duration()) + " ms, in " + output + ".");
        return Main.FINE;
    }

    private Film turned(Walk walk, View view, State state) throws Refusal {
        View other = look.view(walk, view.measure(), turn.orElseThrow());
        return Film.of(
                view.scene(state),
                other.scene(state),
                new Score(
                        Optional.empty(),
                        walk.plan().motion(),
                        reduced,
                        view.setting().isRightToLeft(walk.plan()),
                        Optional.empty()));
    }

    /** An item on its way into the state in which it is touched. */
    private Film touched(Walk walk, View view, State state) {
        var untouched = new View(walk, view.setting().with(Interaction.NONE), view.measure());
        Motion own = walk.plan().motion();
        var motion = new Motion(own.states(), own.states(), own.drawers(), own.screens(), own.reduced());
        return Film.of(
                untouched.scene(state),
                view.scene(state),
                new Score(
                        Optional.empty(),
                        motion,
                        reduced,
                        view.setting().isRightToLeft(walk.plan()),
                        Optional.empty()));
    }

    private Film film(Walk walk, View view, Change change) {
        Scene from = view.scene(change.before());
        Scene to = view.scene(change.after());
        return Film.of(
                from,
                to,
                new Score(
                        Passage.of(walk, change),
                        walk.plan().motion(),
                        reduced,
                        view.setting().isRightToLeft(walk.plan()),
                        Score.origin(from, to, change.step())));
    }

    private static Step parse(Plan plan, String text) throws Refusal {
        try {
            return Steps.parse(plan, text);
        } catch (IllegalArgumentException wrong) {
            throw new Refusal(text + ": " + wrong.getMessage());
        }
    }

    /** Shown on a terminal only: a film takes some seconds. */
    private void progress(int done, int all) {
        if (System.console() != null) {
            PrintWriter err = spec.commandLine().getErr();
            err.print(done < all ? "\rframe " + done + " of " + all : CLEAR_LINE);
            err.flush();
        }
    }
}
