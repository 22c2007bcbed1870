package org.yonderarc.maven;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.maven.plugin.AbstractMojo;
import org.apache.maven.plugin.AbstractMojoExecutionException;
import org.apache.maven.project.MavenProject;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Paths and names that are made to lead elsewhere: a goal writes into its folder or fails with the reason, and nothing else changes. */
class HostilePathsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Quay, start: a }
            screens:
              a: { title: Boats, icon: anchor }
              b: { title: Mail, icon: mail }
            menus:
              main: [a, b]
            bars: [{ menu: main, form: bottom }]
            """;

    @TempDir
    Path folder;

    private final MavenProject project = mock(MavenProject.class);
    private Path inside;
    private Path plan;

    @BeforeEach
    void plan() throws Exception {
        inside = Files.createDirectories(folder.resolve("project/target/sources"));
        plan = Files.writeString(folder.resolve("project/plan.yaml"), PLAN);
        Files.writeString(folder.resolve("own.txt"), "mine");
    }

    /** Sets what Maven sets, if the goal has it. */
    private static void set(AbstractMojo goal, String name, Object value) throws Exception {
        for (Class<?> type = goal.getClass(); type != AbstractMojo.class; type = type.getSuperclass()) {
            for (var field : type.getDeclaredFields()) {
                if (field.getName().equals(name)) {
                    field.setAccessible(true);
                    field.set(goal, value);
                    return;
                }
            }
        }
    }

    private PlacesGoal places(String packageName, String className) throws Exception {
        var goal = new PlacesGoal();
        set(goal, "plan", plan.toFile());
        set(goal, "packageName", packageName);
        set(goal, "className", className);
        set(goal, "output", inside.toFile());
        set(goal, "project", project);
        return goal;
    }

    /** Every file below the folder, with what it holds; of a link, where it leads. */
    private TreeMap<String, String> everything() throws Exception {
        var out = new TreeMap<String, String>();
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : (Iterable<Path>) all::iterator) {
                String name = folder.relativize(file).toString();
                if (Files.isSymbolicLink(file)) {
                    out.put(name, Files.readSymbolicLink(file).toString());
                } else if (Files.isRegularFile(file)) {
                    out.put(name, Files.readString(file));
                }
            }
        }
        return out;
    }

    private void refused(AbstractMojo goal) throws Exception {
        var before = everything();
        var reason = assertThrows(AbstractMojoExecutionException.class, goal::execute);
        assertFalse(reason.getMessage().isBlank());
        assertFalse(reason.getMessage().contains("Exception"), reason.getMessage());
        assertEquals(before, everything());
        verify(project, never()).addCompileSourceRoot(any());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "../../..|Places",
                "/tmp|Places",
                "org..quay|Places",
                "org/quay|Places",
                "org.quay;import evil|Places",
                "java.lang|Places",
                "'org.quay\u0000'|Places",
                "org.quay|../Places",
                "org.quay|/tmp/Places",
                "org.quay|Places{}",
                "org.quay|class",
                "org.quay|'Places\n'",
                "org.quay|String"
            })
    void noNameLeadsOut(String packageName, String className) throws Exception {
        refused(places(packageName, className));
    }

    @Test
    void noLinkIsWrittenThrough() throws Exception {
        Path made = Files.createDirectories(inside.resolve("quay"));
        Files.createSymbolicLink(made.resolve("Places.java"), folder.resolve("own.txt"));
        refused(places("quay", "Places"));
        Files.delete(made.resolve("Places.java"));
        Files.createSymbolicLink(made.resolve("Places.java"), folder.resolve("nowhere.java"));
        refused(places("quay", "Places"));
    }

    @Test
    void aFolderInTheWayIsTold() throws Exception {
        Files.createDirectories(inside.resolve("quay/Places.java"));
        refused(places("quay", "Places"));
        Files.writeString(inside.resolve("pier"), "mine");
        refused(places("pier", "Places"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "none.yaml", "-o", "%s%n", "../plan.yaml", "plan.yaml/plan.yaml", "a\u202Eb.yaml"})
    void aPlanThatIsNoneIsTold(String name) throws Exception {
        for (var goal : List.of(
                places("quay", "Places"), new CheckGoal(), new PicturesGoal(), new CompareGoal(), new RehearseGoal())) {
            set(goal, "plan", name.isEmpty() ? folder.toFile() : new File(inside.toFile(), name));
            for (var parameter : List.of("failOn", "journeys", "output", "reports", "baseline")) {
                File made = inside.resolve("made").toFile();
                Object value =
                        switch (parameter) {
                            case "failOn" -> "error";
                            case "journeys" -> List.of(made);
                            case "baseline" -> plan.toFile();
                            default -> made;
                        };
                set(goal, parameter, value);
            }
            var before = everything();
            var reason = assertThrows(
                    AbstractMojoExecutionException.class,
                    goal::execute,
                    goal.getClass().getName());
            assertFalse(reason.getMessage().contains("Exception"), reason.getMessage());
            assertFalse(reason.getMessage().contains("\u202E"), reason.getMessage());
            assertEquals(before, everything());
        }
    }

    @Test
    void theNameOfAPlanIsNoCode() throws Exception {
        for (String name : List.of("a\u2028class X {}.yaml", "\"; class X {}.yaml", "\\u000a class X {}.yaml")) {
            Files.copy(plan, plan.resolveSibling(name));
            var goal = places("quay", "Places");
            set(goal, "plan", plan.resolveSibling(name).toFile());
            goal.execute();
            String text = Files.readString(inside.resolve("quay/Places.java"));
            assertTrue(text.lines().noneMatch(line -> line.strip().startsWith("class X")), text);
            assertFalse(text.contains("\u2028") || text.contains("\\u000a"), text);
            Files.delete(inside.resolve("quay/Places.java"));
        }
    }

    /** Pictures that Maven is to make where a person keeps other files. */
    @Test
    void aPicturesFolderThatIsAFileIsTold() throws Exception {
        var goal = new PicturesGoal();
        set(goal, "plan", plan.toFile());
        set(goal, "output", folder.resolve("own.txt").toFile());
        refused(goal);
    }

    /** What is not as expected is drawn, in the report, and fails the build; journeys of one name have a picture each. */
    @Test
    void journeysThatGoElsewhereFailTheBuild() throws Exception {
        Path journeys = Files.writeString(
                folder.resolve("journeys.yaml"),
                "journeys:\n  Out: [ { do: back, at: nowhere } ]\n  out: [ { do: back, at: nowhere } ]\n");
        Path reports = folder.resolve("reports");
        var goal = new RehearseGoal();
        set(goal, "plan", plan.toFile());
        set(goal, "journeys", List.of(journeys.toFile()));
        set(goal, "reports", reports.toFile());
        var reason = assertThrows(AbstractMojoExecutionException.class, goal::execute);
        assertTrue(reason.getMessage().contains("Journeys failed."), reason.getMessage());
        assertTrue(Files.exists(reports.resolve("out.png")) && Files.exists(reports.resolve("out-2.png")));
        String xml = Files.readString(reports.resolve("TEST-yonder.xml"));
        assertTrue(xml.contains("failures=\"2\"") && xml.contains("out-2.png"), xml);
    }
}
