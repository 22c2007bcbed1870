package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.lang.reflect.Method;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.spi.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Severity;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** What the examples of the guides do. */
class DocsExamplesTest extends DocsFixture {
    /** The classes that are shown stand in packages of the core, so they see what the core's own see. */
    @Test
    void theIndicatorAndTheRuleOfTheGuideCompile(@TempDir Path folder) throws Exception {
        List<String> classes = blocks(Files.readString(ROOT.resolve("docs/adding.md")), "java");
        assertEquals(2, classes.size());
        var compiler = ToolProvider.findFirst("javac").orElseThrow();
        var arguments = new ArrayList<String>(List.of("-d", folder.toString(), "-proc:none", "-cp", core()));
        for (String shown : classes) {
            var name = Pattern.compile("final class (\\w+)").matcher(shown);
            assertTrue(name.find());
            arguments.add(Files.writeString(folder.resolve(name.group(1) + ".java"), shown)
                    .toString());
        }
        var told = new ByteArrayOutputStream();
        assertEquals(
                0,
                compiler.run(new PrintStream(told), new PrintStream(told), arguments.toArray(String[]::new)),
                told::toString);
    }

    /** Where the core's classes are: the tests run with modules or without. */
    private static String core() throws Exception {
        return Path.of(Plan.class
                        .getProtectionDomain()
                        .getCodeSource()
                        .getLocation()
                        .toURI())
                .toString();
    }

    /** As somebody would who copies it: into a file, compiled, and run. */
    @Test
    void theJavaOfTheReadmeMakesWhatItsPlanMakes(@TempDir Path folder) throws Exception {
        String readme = Files.readString(ROOT.resolve("README.md"));
        Files.writeString(folder.resolve("Surveys.java"), blocks(readme, "java").get(0));
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        int status = javax.tools.ToolProvider.getSystemJavaCompiler()
                .run(
                        null,
                        null,
                        null,
                        "-proc:none",
                        "-cp",
                        path,
                        folder.resolve("Surveys.java").toString());
        assertEquals(0, status);
        try (var loader = new URLClassLoader(
                new URL[] {folder.toUri().toURL()}, getClass().getClassLoader())) {
            Method plan = loader.loadClass("Surveys").getDeclaredMethod("plan");
            plan.setAccessible(true);
            var written = new SourceText("plan.yaml", blocks(readme, "yaml").get(0));
            assertEquals(PlanFile.read(written, new BundledIcons()).plan().orElseThrow(), plan.invoke(null));
        }
    }

    /** The project is built and tested by itself; what the guide shows of it stands in it, line for line. */
    @Test
    void theFirstAppIsTheOneThatIsBuilt() throws Exception {
        String guide = Files.readString(ROOT.resolve("docs/first-app.md"));
        List<MatchResult> blocks = Pattern.compile("```\\w+ file=(\\S+)\n(.*?)```", Pattern.DOTALL)
                .matcher(guide)
                .results()
                .toList();
        assertTrue(blocks.size() >= 8, () -> "blocks: " + blocks.size());
        for (MatchResult block : blocks) {
            String file = Files.readString(ROOT.resolve("outside/app").resolve(block.group(1)));
            assertTrue(file.contains(block.group(2)), () -> block.group(1) + " has no " + block.group(2));
        }
    }

    @Test
    void theDemoPlanChecksClean() {
        var read = PlanFile.read(new SourceText(Brinelight.FILE, Brinelight.yaml()), new BundledIcons());
        assertEquals(List.of(), read.findings());
    }

    /** After the steps on the left, the step comes to what stands on the right. */
    @Test
    void everyRowOfTheNavigatorsTableHolds() throws Exception {
        Plan plan = PlanFile.read(new SourceText(Brinelight.FILE, Brinelight.yaml()), new BundledIcons())
                .plan()
                .orElseThrow();
        var walk = Walk.of(plan);
        var rows = Pattern.compile(
                        "(?m)^\\| `([^`]*)` \\| `([^`]*)` \\| `([^`]*)` \\| `([^`]*)` \\| (?:`([^`]*)` )?\\|$")
                .matcher(Files.readString(ROOT.resolve("docs/navigator.md")))
                .results()
                .toList();
        assertEquals(25, rows.size());
        for (var row : rows) {
            State state = walk.start();
            for (String step :
                    row.group(1).equals("start") ? new String[0] : row.group(1).split(" ")) {
                state = walk.step(state, Steps.parse(plan, step)).after();
            }
            var change = walk.step(state, Steps.parse(plan, row.group(2)));
            assertEquals(row.group(3), walk.shown(change.after()).text(), row.group());
            assertEquals(row.group(4), change.after().branch(), row.group());
            List<String> effects = change.effects().stream().map(Effect::text).toList();
            assertEquals(row.group(5) == null ? List.of() : List.of(row.group(5)), effects, row.group());
        }
    }

    @Test
    void theJourneysOfTheDocsAndTheDemoGoAsExpected() throws Exception {
        Plan plan = PlanFile.read(new SourceText(Brinelight.FILE, Brinelight.yaml()), new BundledIcons())
                .plan()
                .orElseThrow();
        Path file = Files.createTempFile("journeys", ".yaml");
        Files.writeString(
                file,
                blocks(Files.readString(ROOT.resolve("docs/navigator.md")), "yaml journeys")
                        .get(0));
        var journeys = new ArrayList<>(JourneyFile.read(file));
        Files.delete(file);
        try (var in = Brinelight.class.getResourceAsStream("brinelight.journeys.yaml")) {
            Path demo = Files.createTempFile("journeys", ".yaml");
            Files.write(demo, in.readAllBytes());
            journeys.addAll(JourneyFile.read(demo));
            Files.delete(demo);
        }
        assertEquals(7, journeys.size());
        journeys.forEach(journey -> Rehearsal.require(plan, journey));
    }

    /** The edits of the guide can be done one after the other, and leave a plan without errors. */
    @Test
    void theEditsOfTheGuideAreDone() throws Exception {
        String guide = Files.readString(ROOT.resolve("docs/edit.md"));
        var editor =
                new PlanEditor(new SourceText("plan.yaml", blocks(guide, "yaml").get(0)));
        List<String> edits = blocks(guide, "edits").get(0).lines().toList();
        assertEquals(14, edits.size());
        for (String edit : edits) {
            editor.apply(Edit.parse(edit));
            PlanFile read = PlanFile.read(editor.source(), new BundledIcons());
            assertEquals(0, read.count(Severity.ERROR), () -> edit + ": " + read.findings());
        }
        assertTrue(editor.source().text().contains("# the whole shore"));
    }

    /** The other plans of the examples are as sound as the demo. */
    @ParameterizedTest
    @ValueSource(strings = {"hutline.yaml", "crumbtray.yaml", "loomstead.yaml", "marlstep.yaml"})
    void theOtherPlansCheckClean(String name) throws Exception {
        try (var in = Brinelight.class.getResourceAsStream(name)) {
            String text = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
            assertEquals(
                    List.of(),
                    PlanFile.read(new SourceText(name, text), new BundledIcons())
                            .findings());
        }
    }
}
