package org.yonderarc.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Severity;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Items that give a fact a value: a filter, a choice, a switch. */
class TellsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Glazery, start: pots }
            facts: { glaze: "", mode: device, dense: false, level: 1 }
            theme: { scheme-fact: mode }
            screens: { pots: { icon: home }, kilns: { icon: flame } }
            menus:
              main: [ pots, kilns ]
              side:
                - { sets: { fact: glaze, value: bisque }, label: Bisque }
                - { sets: { fact: glaze, value: raku } }
                - { sets: dense, label: Dense }
                - { sets: { fact: mode, value: dark }, label: Dark }
                - { sets: { fact: level, value: 3 }, label: Three, id: three }
            bars:
              - { menu: main, form: bottom }
              - { menu: side, form: drawer, id: side, opens: always }
            """;

    private static PlanFile file(String text) {
        return PlanFile.read(new SourceText("p.yaml", text), IconNames.ANY);
    }

    private final Plan plan = file(PLAN).plan().orElseThrow();
    private final Walk walk = Walk.of(plan);

    private Change change(State state, String step) {
        return walk.step(state, Steps.parse(plan, step));
    }

    private String selected(State state) {
        return Fitter.fit(walk, Device.PHONE, state).bars().stream()
                .flatMap(bar -> bar.items().stream())
                .filter(item -> item.selected())
                .map(item -> item.id())
                .collect(Collectors.joining(" "));
    }

    @Test
    void choosingGivesTheFactItsValueAndTellsTheApp() {
        Change change = change(walk.start(), "choose:bisque");
        assertEquals("bisque", change.after().facts().get("glaze").text());
        assertEquals("chosen: bisque", change.effects().get(0).text());
        assertEquals("pots bisque", selected(change.after()));
        State raku = change(change.after(), "choose:raku").after();
        assertEquals("pots raku", selected(raku));
        assertEquals("pots", raku.place().text());
        assertEquals(
                "3", change(raku, "choose:three").after().facts().get("level").text());
    }

    @Test
    void withoutAValueAFlagBecomesItsOpposite() {
        State on = change(walk.start(), "choose:dense").after();
        assertEquals("pots dense", selected(on));
        assertEquals("pots", selected(change(on, "choose:dense").after()));
    }

    @Test
    void aFactCanSayTheScheme() {
        State dark = change(walk.start(), "choose:dark").after();
        assertEquals(
                Scheme.LIGHT,
                Fitter.fit(walk, Device.PHONE, walk.start()).setting().scheme());
        assertEquals(Scheme.DARK, Fitter.fit(walk, Device.PHONE, dark).setting().scheme());
    }

    /** It is a toggle button: WAI-ARIA 1.2, aria-pressed. */
    @Test
    void itIsAButtonThatIsPressedOrNot() {
        State on = change(walk.start(), "choose:dense").after();
        var pressed = new ArrayList<String>();
        look(
                new View(walk, Device.DESKTOP, (text, type) -> text.length() * 7.0)
                        .scene(on)
                        .nodes(),
                pressed);
        assertEquals(List.of("Bisque false", "Raku false", "Dense true", "Dark false", "Three false"), pressed);
    }

    private static void look(List<SceneNode> nodes, List<String> pressed) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                if (group.meaning() instanceof Meaning.Button button) {
                    button.pressed().ifPresent(on -> pressed.add(button.label() + " " + on));
                }
                look(group.children(), pressed);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "sets: { fact: glaze, value: 3 } | bad-value /menus/side/0/sets/value",
                "sets: glaze                     | bad-value /menus/side/0/sets",
                "sets: { fact: gaze, value: x }  | unknown-fact /menus/side/0/sets/fact",
                "sets: { fact: glaze, value: [] }| wrong-type /menus/side/0/sets/value",
                "sets: dense, signal: x          | bad-value /menus/side/0",
                "sets: level                     | bad-value /menus/side/0/sets",
                "repeat: jars, id: x, sets: { fact: glaze, value: '{nope}' } | missing-parameter /menus/side/0/sets/value",
            })
    void whatCantBeToldIsSaid(String target, String told) {
        var findings = file(PLAN.replace("sets: { fact: glaze, value: bisque }", target)
                        .replace("level: 1 }", "level: 1, jars: [ One ] }"))
                .findings();
        assertTrue(
                findings.stream()
                        .anyMatch(one ->
                                told.equals(one.code().id() + " " + one.spot().pointer())),
                findings.toString());
    }

    /** Any number of facts may have their items' values at once: each mark stands in its own item, and is painted in every host. */
    @Test
    void eachChosenItemHasAMarkOfItsOwn() {
        State all = walk.start();
        for (String step : List.of("choose:bisque", "choose:dense", "choose:dark")) {
            all = change(all, step).after();
        }
        var marked = new ArrayList<String>();
        marks(
                new View(walk, Device.DESKTOP, (text, type) -> text.length() * 7.0)
                        .scene(all)
                        .nodes(),
                "",
                marked);
        assertEquals(List.of("item:bisque", "item:dense", "item:dark"), marked);
    }

    /** Where marks stand; no two nodes beside each other have one key, by which a page knows them. */
    private static void marks(List<SceneNode> nodes, String in, List<String> marked) {
        var keys = new HashSet<String>();
        for (SceneNode node : nodes) {
            assertTrue(keys.add(node.key()), "twice in " + in + ": " + node.key());
            if (node instanceof SceneNode.Group group) {
                if (group.part() == Part.Plain.MARK && in.startsWith("item:")) {
                    marked.add(in);
                }
                marks(group.children(), group.key(), marked);
            }
        }
    }

    @Test
    void aStateMachineSetsTheFactToo() {
        String scxml = Scxml.write(plan).replaceAll("\\s+", " ");
        assertTrue(
                scxml.contains(
                        "<transition event=\"choose.bisque\"> <assign location=\"fact_glaze\" expr=\"'bisque'\"/>"),
                scxml);
        assertTrue(scxml.contains("<assign location=\"fact_dense\" expr=\"!fact_dense\"/>"), scxml);
    }

    /** What has its id from a fact is referred to by it, and keeps it when the fact is renamed. */
    @Test
    void aRenamedFactLeavesTheIdsOfItemsAlone() throws Exception {
        String text = PLAN.replace("label: Dense", "icon: list").replace("opens: always", "footer: [ dense ]");
        var editor = new PlanEditor(new SourceText("p.yaml", text));
        editor.apply(new Edit.Rename(Noun.FACT, "dense", "narrow"));
        PlanFile after = file(editor.source().text());
        assertEquals(
                List.of(),
                after.findings().stream()
                        .filter(one -> one.code().severity() == Severity.ERROR)
                        .toList());
        assertTrue(
                editor.source().text().contains("sets: narrow"), editor.source().text());
    }

    @Test
    void aSchemeIsSaidByATextAlone() {
        var findings =
                file(PLAN.replace("scheme-fact: mode", "scheme-fact: dense")).findings();
        assertTrue(
                findings.stream().anyMatch(one -> one.spot().pointer().equals("/theme/scheme-fact")),
                findings.toString());
    }

    /** A sheet across schemes shows both, whatever the fact says at first. */
    @Test
    void aSheetShowsBothSchemes() {
        Plan dark = file(PLAN.replace("mode: device", "mode: dark")).plan().orElseThrow();
        var shot = new Shot(dark, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        List<String> grounds = Axes.parse("scheme", shot).choices().stream()
                .map(choice -> choice.apply().apply(shot))
                .map(one -> one.scene((text, type) -> text.length() * 7.0)
                        .background()
                        .hex())
                .toList();
        assertEquals(2, Set.copyOf(grounds).size(), grounds.toString());
    }
}
