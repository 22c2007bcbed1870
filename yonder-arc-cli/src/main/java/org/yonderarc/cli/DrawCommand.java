package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.yonderarc.files.FindingText;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.DrawTask;
import org.yonderarc.tasks.FilmTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.MapTask;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.SheetTask;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "draw",
        description = "Draws a plan: one picture, a sheet of many, a map of the whole navigation, or a film.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "A sheet has pictures side by side (--across) and below each other (--down).",
            "What differs: device, scheme, screen, state, form, labels, icon-position,",
            "icon-fill, indicator, contrast, text-scale, language, scroll, fact, open,",
            "collapse; each may name its values: device=phone,tablet.",
            "",
            "Examples:",
            "  yonder draw brinelight.yaml -o a.png --screen 'survey?survey=41'",
            "  yonder draw brinelight.yaml -o a.png --across screen --down scheme",
            "  yonder draw brinelight.yaml -o a.png --across state --part bottom",
            "  yonder draw brinelight.yaml -o map.png --map",
            "  yonder draw brinelight.yaml choose:surveys -o surveys.gif",
            "  yonder draw hutline.yaml --turn tablet -o turned.gif",
        })
final class DrawCommand implements Callable<Integer> {
    private static final String CLEAR_LINE = "\r\u001B[K";

    /** What is drawn. */
    private enum Kind {
        PICTURE,
        SHEET,
        MAP,
        FILM
    }

    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(
            index = "1..*",
            arity = "0..*",
            paramLabel = "STEP",
            description = "Of a film: what is done, as \"yonder walk\" takes it; the last step is filmed.")
    private List<String> steps = List.of();

    @Mixin
    private PictureFile picture;

    @Option(names = "--across", paramLabel = "AXIS", description = "A sheet: what differs from column to column.")
    private Optional<String> across = Optional.empty();

    @Option(names = "--down", paramLabel = "AXIS", description = "A sheet: what differs from row to row.")
    private Optional<String> down = Optional.empty();

    @Option(
            names = "--part",
            paramLabel = "BAR",
            completionCandidates = BarWords.class,
            description = "Of a sheet only this bar: one of ${COMPLETION-CANDIDATES}.")
    private Optional<String> part = Optional.empty();

    @Option(names = "--map", description = "A map: every screen, and what leads where.")
    private boolean map;

    @Option(
            names = "--film",
            description = "A film of what the last step, or the touch of an item, changes. A GIF is always one.")
    private boolean film;

    @Option(
            names = "--turn",
            paramLabel = "DEVICE",
            description = "A film of how another device, or a window of another size, takes over.")
    private Optional<String> turn = Optional.empty();

    @Option(
            names = "--frames",
            paramLabel = "N",
            description = "A film as a strip of frames with their times, 3 to 12. Default for a PNG or SVG: 6.")
    private Integer frames;

    @Option(names = "--reduced", description = "Of a film: as for people who want less motion.")
    private boolean reduced;

    @Option(names = "--frame", description = "Draws the device around a picture, or around each of a sheet.")
    private boolean frame;

    @Option(
            names = "--why",
            description = "Of a picture: also says why each bar and item is shown, hidden or selected.")
    private boolean why;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        Kind kind = kind();
        fits(kind);
        PrintWriter err = spec.commandLine().getErr();
        OutputFile output = picture.output();
        PrintWriter said = output.said(spec);
        if (kind == Kind.PICTURE) {
            var task = DrawTask.builder()
                    .view(look.options())
                    .picture(picture.options())
                    .framed(frame)
                    .build();
            Project project = plan.project(err);
            Artifact made = written(task.run(project), project);
            if (why) {
                task.explain(project).forEach(line -> said.println(FindingText.visible(line)));
            }
            said.println("Drew " + output + " (" + FindingText.visible(made.summary()) + ").");
        } else if (kind == Kind.SHEET) {
            var task = SheetTask.builder()
                    .view(look.options())
                    .picture(picture.options())
                    .framed(frame);
            across.ifPresent(task::across);
            down.ifPresent(task::down);
            part.ifPresent(task::bar);
            Project project = plan.project(err);
            written(task.build().run(project), project);
            said.println("Drew " + output + ".");
        } else if (kind == Kind.MAP) {
            var task = MapTask.builder()
                    .view(look.options())
                    .picture(picture.options())
                    .build();
            Project project = plan.project(err);
            Artifact made = written(task.run(project), project);
            said.println("Drew " + output + " (" + made.summary() + ").");
        } else {
            var task = FilmTask.builder()
                    .view(look.options())
                    .steps(steps)
                    .format(output.format(Format.GIF, Format.PNG, Format.SVG))
                    .reduced(reduced);
            OptionalInt strip = frames == null ? OptionalInt.empty() : OptionalInt.of(frames);
            strip.ifPresent(task::frames);
            picture.scale().ifPresent(task::scale);
            turn.ifPresent(task::turn);
            Project project = plan.project(err);
            Artifact made = written(task.build().run(project, this::progress), project);
            said.println("Filmed " + made.summary() + ", in " + output + ".");
        }
        return Main.FINE;
    }

    private Artifact written(Artifact made, Project project) throws Exception {
        picture.output().write(made, plan.inputs(project), spec);
        return made;
    }

    /** What is asked for, by the options and by the ending of the file. */
    private Kind kind() throws Refusal {
        boolean isSheet = across.isPresent() || down.isPresent();
        boolean isFilm =
                film || turn.isPresent() || frames != null || picture.output().is(Format.GIF);
        if (Stream.of(isSheet, isFilm, map).filter(Boolean::booleanValue).count() > 1) {
            throw new Refusal("a sheet (--across, --down), a map (--map) and a film (--film, --turn, --frames, a .gif)"
                    + " are three things. Ask for one of them.");
        }
        return isSheet ? Kind.SHEET : isFilm ? Kind.FILM : map ? Kind.MAP : Kind.PICTURE;
    }

    /** Nothing is asked for in vain. */
    private void fits(Kind kind) throws Refusal {
        only(kind, !steps.isEmpty(), "steps are for a film", "End the file in .gif, or give --film.", Kind.FILM);
        only(kind, reduced, "--reduced is for a film", "End the file in .gif, or give --film.", Kind.FILM);
        only(kind, part.isPresent(), "--part is for a sheet", "Give --across or --down.", Kind.SHEET);
        only(kind, frame, "--frame is for a picture or a sheet", "Leave it out.", Kind.PICTURE, Kind.SHEET);
        only(kind, why, "--why is for one picture", "Leave it out.", Kind.PICTURE);
        only(
                kind,
                picture.isOutlined(),
                "--outlines is for an SVG that is no film",
                "Leave it out.",
                Kind.PICTURE,
                Kind.SHEET,
                Kind.MAP);
    }

    private static void only(Kind kind, boolean isGiven, String rule, String remedy, Kind... kinds) throws Refusal {
        if (isGiven && !List.of(kinds).contains(kind)) {
            throw new Refusal(rule + ". " + remedy);
        }
    }

    /** Shown on a terminal only: a film takes some seconds. */
    private boolean progress(int done, int total) {
        if (System.console() != null) {
            PrintWriter err = spec.commandLine().getErr();
            err.print(done < total ? "\rframe " + done + " of " + total : CLEAR_LINE);
            err.flush();
        }
        return true;
    }
}
