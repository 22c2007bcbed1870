package org.yonderarc.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.tasks.Assets;
import org.yonderarc.tasks.DrawTask;
import org.yonderarc.tasks.FilmTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.MapTask;
import org.yonderarc.tasks.MeasureTask;
import org.yonderarc.tasks.PageTask;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.SheetTask;
import org.yonderarc.tasks.ViewOptions;
import org.yonderarc.tasks.WalkTask;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "demo",
        description = "Shows everything on the demo plan: check, pictures, a walk and a page.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  yonder demo -o /tmp/brinelight"})
final class DemoCommand implements Callable<Integer> {
    private static final String PLAN = "brinelight.yaml";

    /** A short journey: to a draft, aside to the guide, back to where it was left, and past the sign-in to the crew. */
    private static final List<String> JOURNEY = List.of(
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

    @Spec
    private CommandSpec spec;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "DIR",
            description = "The folder for what is made. Default: demo-out.")
    private OutputFile folder = new OutputFile("demo-out");

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Path to = folder.path();
        try {
            Files.createDirectories(to);
        } catch (IOException failed) {
            throw new Refusal(to + ": the folder can't be made. Name another one with -o.");
        }
        var made = new MadeFiles(to);
        String plan = resource(PLAN);
        made.write(PLAN, plan);
        var assets = Assets.beside(to.resolve(PLAN));
        Project project = Project.of(assets.read(new SourceText(PLAN, plan)), assets);
        int pictures = draw(project, made);
        looks(project, made);
        made.write(
                "walk.txt",
                WalkTask.builder().steps(JOURNEY).build().run(project).text());
        made.write("brinelight.html", PageTask.builder().build().run(project).bytes());
        out.println("Open this in a browser, and click through the app; it needs no network:\n");
        out.println("  " + to.resolve("brinelight.html"));
        out.println("\nIt was made from the plan in the same folder, as was all of this:\n");
        List.of(
                        "brinelight.yaml  the plan",
                        "screens          " + pictures + " pictures: each screen in both schemes, as PNG and SVG",
                        "states.png       the states of an item in both schemes",
                        "map.png          every screen, and what leads where",
                        "bottom.png       the bottom bar, measured; bottom.csv has the figures",
                        "surveys.gif      what choosing the surveys looks like",
                        "walk.txt         a walk through the app, step by step")
                .forEach(line -> out.println("  " + line));
        out.print("\nThe check has read the plan:\n\n  " + FindingText.report(project.file(), Terminal.colours()));
        out.println("\nNext, change it and see the app change: yonder live " + to.resolve(PLAN) + " --open");
        List<Path> kept = made.done();
        if (!kept.isEmpty()) {
            out.println("\nLeft as they are, because they are not as a demo made them:\n");
            kept.forEach(own -> out.println("  " + own));
            out.println("\nGive -o another folder to have all of the demo's own.");
        }
        return Main.FINE;
    }

    private static String resource(String name) throws IOException {
        try (InputStream in = DemoCommand.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static void looks(Project project, MadeFiles made) throws Exception {
        var small = PictureOptions.png().scale(1);
        var states =
                SheetTask.builder().across("state").down("scheme").bar("bottom").picture(small);
        made.write("states.png", states.build().run(project).bytes());
        made.write(
                "map.png", MapTask.builder().picture(small).build().run(project).bytes());
        var bottom = MeasureTask.builder().bar("bottom");
        made.write("bottom.png", bottom.build().run(project).bytes());
        made.write("bottom.csv", bottom.format(Format.CSV).build().run(project).bytes());
        var film = FilmTask.builder().steps(List.of("choose:surveys"));
        made.write("surveys.gif", film.build().run(project).bytes());
    }

    private int draw(Project project, MadeFiles made) throws Exception {
        Files.createDirectories(made.path("screens"));
        int count = 0;
        for (Screen screen : project.plan().screens()) {
            var view = ViewOptions.builder()
                    .screen(example(project.plan(), screen).text())
                    .tell(screen.needs().map(Condition::facts).orElse(Set.of()).stream()
                            .map(fact -> fact + "=true")
                            .toList());
            for (Scheme scheme : Scheme.values()) {
                var task = DrawTask.builder().view(view.scheme(scheme.word()).build());
                String name = "screens/" + screen.id() + "-" + scheme.word();
                made.write(name + ".png", task.build().run(project).bytes());
                made.write(
                        name + ".svg",
                        task.picture(PictureOptions.svg()).build().run(project).bytes());
                count += 2;
            }
        }
        return count;
    }

    /** A place on {@code screen}: the first that a row of the plan leads to, for a screen with parameters. */
    private static Place example(Plan plan, Screen screen) {
        return plan.screens().stream()
                .flatMap(any -> any.wireframe().rows().stream())
                .map(Row::screen)
                .flatMap(Optional::stream)
                .filter(place -> place.screen().equals(screen.id()))
                .findFirst()
                .orElse(Place.of(screen.id()));
    }
}
