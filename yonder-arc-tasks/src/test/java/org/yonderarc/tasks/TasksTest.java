package org.yonderarc.tasks;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.check.PlanRule;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.finding.Severity;
import org.yonderarc.tree.Spot;

/** What tasks give, refuse and tell; what is in the files, the tests of the command look at. */
class TasksTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Pier, start: today, languages: [ en, de ] }
            facts: { open: false }
            screens:
              today: { icon: home }
              boats: { icon: sailboat }
            menus: { main: [ today, boats ] }
            bars: [ { menu: main, form: bottom } ]
            """;

    @TempDir
    private Path folder;

    private Path plan;
    private Project project;

    @BeforeEach
    void read() throws Exception {
        plan = Files.writeString(folder.resolve("pier.yaml"), PLAN);
        project = Project.open(plan);
    }

    static Stream<Arguments> wrong() {
        return Stream.of(
                refused("scale", "0.1 is outside of 0.25 to 8.0.", () -> PictureOptions.png()
                        .scale(0.1)),
                refused("scale", "NaN is outside", () -> PictureOptions.png().scale(Double.NaN)),
                refused("outlines", "only the texts of an SVG", () -> PictureOptions.png()
                        .outlined()),
                refused("", ".gif is not made here", () -> PictureOptions.of(Format.GIF)),
                refused("frames", "2 is outside of 3 to 12.", () -> FilmTask.builder()
                        .frames(2)),
                refused("scale", "5.0 is outside of 0.25 to 4.", () -> FilmTask.builder()
                        .scale(5)),
                refused("", "there is no scheme \"drak\". Did you mean \"dark\"?", draw(view().scheme("drak"))),
                refused("language", "no texts in \"fr\"", draw(view().language("fr"))),
                refused("touch", "there is no item \"boat\". Did you mean", draw(view().touch("hover:boat"))),
                refused("touch", "is not a state of an item", draw(view().touch("boats"))),
                refused("scroll", "", draw(view().scroll(-1))),
                refused("tell", "open", draw(view().tell(List.of("open=7")))),
                refused("", "no screen", draw(view().screen("boat"))),
                refused("", "no device", draw(view().device("fone"))),
                refused("", "name an axis", SheetTask.builder().build()),
                refused("", "axis", SheetTask.builder().across("devise").build()),
                refused(
                        "frame",
                        "not around a bar",
                        SheetTask.builder()
                                .across("scheme")
                                .bar("bottom")
                                .framed(true)
                                .build()),
                refused(
                        "",
                        ".html is not made here; choose .svg, .png",
                        MeasureTask.builder().bar("bottom").format(Format.HTML).build()),
                refused("", "", MeasureTask.builder().bar("leading").build()),
                refused("", "there is nothing to film", FilmTask.builder().build()),
                refused(
                        "",
                        "changes nothing that moves",
                        FilmTask.builder().steps(List.of("tell:open=true")).build()),
                refused(
                        "",
                        "fly:",
                        WalkTask.builder().steps(List.of("fly:home")).build()),
                refused("", "class", ExportTask.builder().className("class").build()),
                refused(
                        "",
                        ".png is not made here",
                        CheckTask.builder().format(Format.PNG).build()));
    }

    private static ViewOptions.Builder view() {
        return ViewOptions.builder();
    }

    private static Task<Artifact> draw(ViewOptions.Builder view) {
        return DrawTask.builder().view(view.build()).build();
    }

    private static Arguments refused(String option, String message, Supplier<?> made) {
        return Arguments.of(option, message, (Task<Object>) (project, progress) -> made.get());
    }

    private static Arguments refused(String option, String message, Task<?> task) {
        return Arguments.of(option, message, task);
    }

    @ParameterizedTest
    @MethodSource("wrong")
    void whatCannotBeMadeSaysWhichOptionAndWhy(String option, String message, Task<?> task) {
        var refusal = assertThrows(InvalidRequestException.class, () -> task.run(project));
        assertEquals(option, refusal.option(), refusal.getMessage());
        assertTrue(refusal.getMessage().contains(message), refusal.getMessage());
        assertTrue(refusal.getMessage().matches("(?s).*[.?]"), refusal.getMessage());
    }

    @Test
    void aPlanWithErrorsIsReportedAndNotDrawn() throws Exception {
        Files.writeString(plan, PLAN.replace("start: today", "start: tody"));
        Project broken = Project.open(plan);
        assertTrue(CheckTask.builder().build().run(broken).text().contains("unknown-screen"));
        for (Task<?> task : List.of(
                DrawTask.builder().build(),
                PageTask.builder().build(),
                WalkTask.builder().build())) {
            var report = assertThrows(InvalidPlanException.class, () -> task.run(broken));
            assertTrue(report.getMessage().contains("unknown-screen"), report.getMessage());
        }
    }

    /** A listener that says no at the second frame hears of no third. */
    @Test
    void aFilmIsCancelledByItsListener() {
        ProgressListener listener = mock(ProgressListener.class);
        when(listener.update(anyInt(), anyInt())).thenReturn(true, false);
        var film = FilmTask.builder().steps(List.of("choose:boats")).scale(0.25).build();
        assertThrows(CancellationException.class, () -> film.run(project, listener));
        verify(listener, times(2)).update(anyInt(), anyInt());
    }

    @Test
    void journeysTellHowManyAreDoneAndDrawWhereTheyWentAstray() {
        ProgressListener listener = mock(ProgressListener.class);
        when(listener.update(anyInt(), anyInt())).thenReturn(true);
        var source = new RehearseTask.Source(
                "a & b.yaml",
                JourneyFile.require(
                        "a.yaml",
                        "journeys:\n  Out: [ { do: choose:boats, at: boats } ]\n  Astray: [ { do: back, at: boats } ]\n"));
        RehearsalReport report = RehearseTask.builder()
                .journeys(List.of(source))
                .pictures(true)
                .build()
                .run(project, listener);
        verify(listener).update(1, 2);
        verify(listener).update(2, 2);
        assertEquals(1, report.failed());
        assertEquals(List.of("astray.png"), List.copyOf(report.pictureNames().values()));
        assertTrue(report.entries().get(0).picture().isEmpty());
        byte[] drawn = report.entries().get(1).picture().orElseThrow().bytes();
        assertArrayEquals(new byte[] {(byte) 0x89, 'P', 'N', 'G'}, java.util.Arrays.copyOf(drawn, 4));
        String xml = report.junit(entry -> entry.picture().map(any -> "astray.png"));
        assertTrue(xml.contains("a &amp; b.yaml\" tests=\"2\" failures=\"1\""), xml);
        assertTrue(xml.contains("<system-out>picture: astray.png"), xml);
    }

    /** A builder that goes on is not the task that it gave before; a task gives the same bytes each time. */
    @Test
    void tasksAreImmutable() {
        var view = ViewOptions.builder();
        var builder = DrawTask.builder().picture(PictureOptions.svg()).view(view.build());
        DrawTask first = builder.build();
        String before = first.run(project).text();
        view.scheme("dark");
        builder.framed(true).view(view.build());
        assertEquals(before, first.run(project).text());
        assertTrue(!before.equals(builder.build().run(project).text()));
        byte[] bytes = first.run(project).bytes();
        bytes[0] = 0;
        assertEquals(before, first.run(project).text());
    }

    /** A plan that was built is drawn as the same plan in a file is. */
    @Test
    void aPlanInJavaIsAProject() {
        Project built = Project.of(project.plan(), folder);
        var task = DrawTask.builder().picture(PictureOptions.svg()).build();
        assertEquals(task.run(project).text(), task.run(built).text());
        assertEquals(project.findings().size(), built.findings().size());
    }

    @Test
    void aWalkEndsAtAStepThatIsRefused() {
        WalkReport report = WalkTask.builder()
                .steps(List.of("choose:boats", "link:/nowhere", "back"))
                .build()
                .run(project);
        assertTrue(report.refusal().orElseThrow().startsWith("link:/nowhere: "), report.refusal()::toString);
        assertEquals("boats", report.end().trail().top().text());
        assertTrue(report.text().contains("choose:boats") && !report.text().contains("\nback"), report.text());
    }

    @Test
    void formatsAreKnownByTheirNames() {
        assertEquals(Format.TOKENS, Format.ofName("A.Tokens.JSON").orElseThrow());
        assertEquals(Format.JSON, Format.ofName("tokens.json").orElseThrow());
        assertTrue(Format.ofName("svg").isEmpty());
    }

    /** A rule of one's own is in reports with its line, and is accepted like any other. */
    @Test
    void aTeamHasRulesOfItsOwn() throws Exception {
        Code code = Code.own("too-many-tabs", Severity.WARNING, "Ours are made for thumbs.");
        PlanRule rule = any -> any.menus().stream()
                .filter(menu -> menu.items().size() > 1)
                .map(menu ->
                        new Finding(code, Spot.at("/menus/" + menu.id() + "/1"), "It is one too many.", "Remove it."))
                .toList();
        Project checked = Project.open(plan, rule);
        Finding found = checked.findings().stream()
                .filter(one -> one.code().equals(code))
                .findFirst()
                .orElseThrow();
        assertEquals(7, found.spot().line());
        assertTrue(CheckTask.builder().build().run(checked).text().contains("warning [too-many-tabs]"));
        assertTrue(CheckTask.builder()
                .format(Format.SARIF)
                .build()
                .run(checked)
                .text()
                .contains("Ours are made for thumbs."));
        Files.writeString(plan, PLAN + "accepted: [ { code: too-many-tabs, because: Two are fine here } ]\n");
        assertTrue(Project.open(plan, rule).findings().stream()
                .noneMatch(one -> one.code().equals(code)));
        assertThrows(IllegalArgumentException.class, () -> Code.own("unknown-screen", Severity.ADVICE, "."));
        assertThrows(IllegalArgumentException.class, () -> Code.own("Too many", Severity.ADVICE, "."));
    }
}
