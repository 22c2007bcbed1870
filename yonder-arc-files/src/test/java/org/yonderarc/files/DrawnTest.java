package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Composer;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** The check sees what is drawn: it tells of a text that is cut off where one is seen, in whatever form, and nowhere else. */
class DrawnTest {
    private static final List<String> FORMS = List.of(
            "form: bottom",
            "form: bottom, floating: { inset: 24 }",
            "form: top",
            "form: top, own-row: true",
            "form: top, actions: [ a, b ]",
            "form: top, actions: [ a, b, c, d ], profile: { text: Ida Strand }",
            "form: top, align-title: start, title-shows: name, actions: [ d ]",
            "form: rail",
            "form: rail, style: { thickness: 120 }",
            "form: drawer",
            "form: drawer, opens: always",
            "form: drawer, opens: always, collapsed-width: 72",
            "form: radial",
            "form: drawer, opens: always, header: { title: Professor Ida Strand of the observatory and the harbour }",
            "form: grid, on-screens: [ a ]");
    private static final List<String> WORDS =
            List.of("Tides", "Field notebook", "Unternehmensberichterstattung der Inseln");

    static Stream<Arguments> plans() {
        return FORMS.stream().flatMap(form -> WORDS.stream().map(word -> Arguments.of(form, word)));
    }

    private static PlanFile read(String form, String word) {
        return PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight Observatory and Harbour, start: a }
                        screens: { a: %s, b: Map, c: Crew, d: %s }
                        menus: { main: [ a, b, { section: %s, items: [ { screen: c, note: %s }, { screen: d, value: %s } ] } ] }
                        bars: [ { menu: main, %s }%s ]
                        """
                                .formatted(word, word, word, word, word, form, form.contains("top") ? "" : ", top")),
                IconNames.ANY);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void textsThatAreCutOffAreTold(String form, String word) {
        PlanFile file = read(form, word);
        Plan plan =
                file.plan().orElseThrow(() -> new AssertionError(file.findings().toString()));
        Set<String> cut = cut(plan);
        Set<String> told = file.findings().stream()
                .filter(finding -> finding.code() == Code.TEXT_CUT || finding.code() == Code.LABEL_TOO_WIDE)
                .map(finding -> finding.message().replaceAll("^\"(.*)\" is about .*", "$1"))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        assertEquals(cut.isEmpty(), told.isEmpty(), "cut off: " + cut + ", told: " + file.findings());
        for (String text : cut) {
            String start = text.substring(0, text.length() - 1);
            assertTrue(told.stream().anyMatch(full -> full.contains(start)), text + ", told: " + told);
        }
    }

    /** Everything that is seen cut off, wherever somebody may look. */
    private static Set<String> cut(Plan plan) {
        var walk = Walk.of(plan);
        State start = walk.start();
        var states = new LinkedHashSet<>(Set.of(start));
        plan.screens()
                .forEach(screen -> states.add(
                        walk.step(start, new Step.Choose(screen.id())).after()));
        plan.bars().forEach(bar -> {
            states.add(walk.step(start, new Step.Toggle(bar.id())).after());
            states.add(walk.step(start, new Step.Toggle(Step.Toggle.overflow(bar.id())))
                    .after());
        });
        var cut = new LinkedHashSet<String>();
        for (Device device : Device.presets(plan)) {
            for (State state : states) {
                Fitting fitting = Fitter.fit(walk, device, state);
                Scene scene =
                        Composer.compose(fitting, Layouter.layOut(fitting, new PlainMeasure()), new PlainMeasure());
                texts(scene.nodes()).filter(text -> text.endsWith("\u2026")).forEach(cut::add);
            }
        }
        return cut;
    }

    private static Stream<String> texts(List<SceneNode> nodes) {
        return nodes.stream()
                .flatMap(node -> node instanceof SceneNode.Text text
                        ? Stream.of(text.line().text())
                        : node instanceof SceneNode.Group group ? texts(group.children()) : Stream.empty());
    }

    /** At most one finding of a code for each of these plans, and exactly the codes that are named. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ menu: main, form: top, actions: [ b, c, d ], profile: { text: Ida } }|pushed-out",
                "{ menu: main, form: drawer, opens: always, width: 300 }, top|little-room",
                "{ menu: main, show-on: [ phone ] }, top|no-navigation",
                "{ menu: main, show-on: [ tablet, desktop ] }, top|no-navigation",
                "{ menu: main, max-window-width: 500 }, top|no-navigation",
                "{ menu: main, max-window-width: 500 }, { menu: main, id: other, form: rail, min-window-width: 500 }, top|",
                "{ menu: main }, top|",
                "{ menu: main, form: top }|",
            })
    void whatDoesNotFitIsTold(String bars, String code) {
        PlanFile file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        screens: { a: { title: Tides, icon: droplet }, b: { title: Map, icon: map-pin }, c: { title: Crew, icon: user }, d: { title: Log, icon: clipboard-list }, e: { title: More, icon: star } }
                        menus: { main: [ a, b, c, d, e ] }
                        bars: [ %s ]
                        """
                                .formatted(bars)),
                IconNames.ANY);
        Set<String> told = file.findings().stream()
                .map(finding -> finding.code().id())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        assertEquals(
                code == null ? Set.of() : Set.of(code), told, file.findings().toString());
    }

    /** Three buttons of words are wider than a phone. */
    @Test
    void whatReachesOutOfTheWindowIsTold() {
        PlanFile file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        screens: { a: Tides, b: Map of the islands, c: Crew on watch, d: Notes of the day }
                        menus: { main: [ a, b, c, d ] }
                        bars: [ { menu: main, form: drawer }, { form: top, actions: [ b, c, d ] } ]
                        """),
                IconNames.ANY);
        assertEquals(
                List.of(Code.OVERLAP),
                file.findings().stream().map(finding -> finding.code()).toList());
    }

    /** A circle around an icon keeps off the label beside or below it, and one that is made too large is told. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "form: rail                | notch                        | ",
                "form: drawer, opens: always | notch                        | ",
                "form: top, align-items: start   | notch                        | ",
                "form: top, align-items: start, icon-position: after | notch            | ",
                "form: drawer, opens: always | { kind: notch, width: 90 }   | the circle of \"A\" lies over its label",
                "form: rail                | { kind: notch, width: 60 }   | the circle of \"A\" lies over its label",
            })
    void aCircleKeepsOffItsLabel(String form, String mark, String told) {
        PlanFile file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        screens: { a: { icon: home }, b: { icon: star } }
                        menus: { main: [ a, b ] }
                        bars: [ { menu: main, %s, style: { indicator: %s } } ]
                        """
                                .formatted(form, mark)),
                IconNames.ANY);
        List<String> found = file.findings().stream()
                .filter(finding -> finding.code() == Code.OVERLAP)
                .map(finding -> finding.message().replaceFirst(".*, the", "the").replaceFirst("\\.$", ""))
                .toList();
        assertEquals(told == null ? List.of() : List.of(told), found);
    }
}
