package org.yonderarc.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.GifWriter;
import org.yonderarc.draw.NavigationMap;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.MeasurePicture;
import org.yonderarc.sheet.MeasureTable;
import org.yonderarc.sheet.Measures;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;
import org.yonderarc.web.PageWriter;
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
    @Spec
    private CommandSpec spec;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "DIR",
            description = "The folder for what is made. Default: demo-out.")
    private Path folder = Path.of("demo-out");

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        try {
            Files.createDirectories(folder);
        } catch (IOException failed) {
            throw new Refusal(folder + ": the folder can't be made. Name another one with -o.");
        }
        var studio = new Studio();
        var made = new MadeFiles(folder);
        made.write(Brinelight.FILE, Brinelight.yaml());
        PlanFile read = PlanFile.read(new SourceText(Brinelight.FILE, Brinelight.yaml()), studio.icons());
        out.print("1. The plan and its check\n\n  " + FindingText.report(read, Terminal.colours()));
        Plan plan = read.plan().orElseThrow();
        var walk = Walk.of(plan);

        out.println("\n2. A picture of every screen, in both schemes, as PNG and SVG\n");
        int pictures = draw(walk, studio, made);
        out.println("  " + pictures + " pictures in " + folder.resolve("screens"));

        out.println("\n3. A short journey\n");
        out.println(journey(walk).toString().indent(2));

        out.println("4. What designers look at side by side, and hand on\n");
        looks(walk, studio, made);
        out.println("  " + folder.resolve("states.png") + ": the states of an item in both schemes");
        out.println("  " + folder.resolve("map.png") + ": every screen, and what leads where");
        out.println("  " + folder.resolve("bottom.png") + " and bottom.csv: the bottom bar, measured");
        out.println("  " + folder.resolve("surveys.gif") + ": what choosing the surveys looks like");
        out.println("\n5. A prototype to click\n");
        Path page = folder.resolve("brinelight.html");
        made.write("brinelight.html", new PageWriter(studio.icons(), Pictures.NONE, Fonts.NONE).page(plan));
        out.println("  " + page + ": open it in a browser; it needs no network");
        List<Path> kept = made.done();
        if (!kept.isEmpty()) {
            out.println("\nLeft as they are, because they are not as a demo made them:\n");
            kept.forEach(own -> out.println("  " + own));
            out.println("\nGive -o another folder to have all of the demo's own.");
        }
        return Main.FINE;
    }

    private void looks(Walk walk, Studio studio, MadeFiles made) throws Exception {
        var base = new Shot(walk.plan(), Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.of("bottom"));
        Scene states = Sheet.of(base, Axes.parse("state", base), Axes.parse("scheme", base), studio.measure());
        made.write("states.png", studio.png(states, 1));
        var whole = new Shot(walk.plan(), base.setting(), Optional.empty(), List.of(), Optional.empty());
        made.write("map.png", studio.png(NavigationMap.of(whole, studio.measure()), 1));
        var measures = new Measures(base, studio.measure());
        made.write("bottom.png", studio.png(MeasurePicture.of(measures, studio.measure()), 1));
        made.write("bottom.csv", MeasureTable.csv(measures));
        Change change = walk.step(walk.start(), new Step.Choose("surveys"));
        var view = new View(walk, Device.PHONE, studio.measure());
        Film film = Film.of(
                view.scene(change.before()),
                view.scene(change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
        made.write("surveys.gif", new GifWriter(studio, 1).write(film, (done, all) -> {}));
    }

    private int draw(Walk walk, Studio studio, MadeFiles made) throws Exception {
        Files.createDirectories(folder.resolve("screens"));
        int count = 0;
        for (Screen screen : walk.plan().screens()) {
            State state = walk.arriveAt(allowed(walk, screen), example(walk.plan(), screen));
            for (Scheme scheme : Scheme.values()) {
                var setting = Setting.of(Device.PHONE).with(scheme);
                Scene scene = new View(walk, setting, studio.measure()).scene(state);
                String name = screen.id() + "-" + scheme.word();
                made.write("screens/" + name + ".png", studio.png(scene, 2));
                made.write("screens/" + name + ".svg", studio.svg(scene));
                count += 2;
            }
        }
        return count;
    }

    /** The start, with every fact told true that the screen's condition asks about. */
    private static State allowed(Walk walk, Screen screen) {
        State state = walk.start();
        for (String fact : screen.needs().map(Condition::facts).orElse(Set.of())) {
            state = walk.step(state, new Step.Tell(fact, new FactValue.Flag(true)))
                    .after();
        }
        return state;
    }

    /** A place on {@code screen}: the first that a row of the plan leads to, for a screen with parameters. */
    private static Place example(Plan plan, Screen screen) {
        return plan.screens().stream()
                .flatMap(any -> any.wireframe().rows().stream())
                .map(Row::to)
                .flatMap(Optional::stream)
                .filter(place -> place.screen().equals(screen.id()))
                .findFirst()
                .orElse(Place.of(screen.id()));
    }

    private static WalkStory journey(Walk walk) {
        var story = new WalkStory(walk);
        State state = walk.start();
        story.start(state);
        for (String text : Brinelight.JOURNEY) {
            Change change = walk.step(state, Steps.parse(walk.plan(), text));
            story.add(change);
            state = change.after();
        }
        return story;
    }
}
