package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.build.DrawerBuilder;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;

/** An item for each entry of a list that the app tells. */
class RepeatedItemsTest {
    private static final List<ListEntry> TWO = List.of(
            new ListEntry("7", "Blue {scarf}", Map.of("badge", "3", "icon", "star", "note", "Until Friday")),
            ListEntry.of("shawl", "Shawl"));

    private static Plan plan(List<ListEntry> entries, int most) {
        DrawerBuilder drawer = FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS);
        return PlanBuilder.app("Loom")
                .start("home")
                .fact("pieces", entries)
                .screen("home", screen -> screen.icon("home"))
                .screen("piece", screen -> screen.title("Piece {piece}")
                        .path("/pieces/{piece}")
                        .icon("photo"))
                .screen("thread", screen -> screen.path("/pieces/{piece}/thread")
                        .under("piece"))
                .menu("main", menu -> menu.item("home", item -> item.badge("pieces"))
                        .section(
                                "Pieces",
                                section -> section.item("piece?piece={id}", item -> item.repeat("pieces", most))))
                .bar(bar -> bar.menu("main").form(drawer))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build();
    }

    private final Walk walk = Walk.of(plan(TWO, 100));

    @Test
    void asManyAsShowAtFirstAreCountedInABar() {
        for (int entries : new int[] {3, 12}) {
            var all = IntStream.range(0, entries)
                    .mapToObj(i -> ListEntry.of("p" + i, "Piece " + i))
                    .toList();
            Plan plan = PlanBuilder.app("Loom")
                    .start("home")
                    .fact("pieces", all)
                    .screen("home", screen -> screen.icon("home"))
                    .screen("piece", screen -> screen.path("/pieces/{piece}").icon("photo"))
                    .menu("main", menu -> menu.item("home")
                            .item("piece?piece={id}", item -> item.repeat("pieces", 100)))
                    .bar(bar -> bar.menu("main").form(FormBuilder.rail()))
                    .build();
            var found = Check.plan(plan, IconNames.ANY).stream()
                    .filter(finding -> finding.code() == Code.TOO_MANY_ITEMS)
                    .toList();
            assertEquals(entries == 12 ? 1 : 0, found.size());
            found.forEach(finding -> assertTrue(finding.message().contains("has 13 items"), finding.message()));
        }
    }

    private static List<FittedItem> items(Walk walk, State state) {
        FittedBar bar = Fitter.fit(walk, Device.DESKTOP, state).bars().get(0);
        return bar.lines().stream().flatMap(line -> line.item().stream()).toList();
    }

    @Test
    void eachEntryHasAnItemWithItsLabelIconBadgeAndNote() {
        List<FittedItem> items = items(walk, walk.start());
        assertEquals(
                List.of("home", "piece-7", "piece-shawl"),
                items.stream().map(FittedItem::id).toList());
        FittedItem scarf = items.get(1);
        assertEquals("Blue {scarf}", scarf.label());
        assertEquals("Until Friday", scarf.note());
        assertEquals(Optional.of("star"), scarf.icon());
        assertEquals(Optional.of("3"), scarf.badge());
        assertEquals(Optional.of("/pieces/7"), scarf.address());
        assertEquals(Optional.of("photo"), items.get(2).icon(), "that of its screen");
        assertEquals(Optional.of("2"), items.get(0).badge(), "a list is its count");
        assertTrue(PlanMentions.icons(walk.plan()).contains("star"));
    }

    @Test
    void eachIsABranchOfItsOwn() {
        State scarf = walk.step(walk.start(), new Step.Choose("piece-7")).after();
        assertEquals("piece?piece=7", walk.shown(scarf).text());
        assertEquals(Optional.of("piece-7"), walk.selected(scarf));
        assertEquals(
                List.of(false, true, false),
                items(walk, scarf).stream().map(FittedItem::selected).toList());
        State deep = walk.step(scarf, Steps.parse(walk.plan(), "open:thread?piece=7"))
                .after();
        State shawl = walk.step(deep, new Step.Choose("piece-shawl")).after();
        assertEquals(
                "thread?piece=7",
                walk.step(shawl, new Step.Choose("piece-7")).after().place().text());
        State linked =
                walk.step(walk.start(), new Step.Link("/pieces/shawl/thread")).after();
        assertEquals("piece-shawl", linked.branch());
        assertEquals(2, linked.trail().depth(), "the piece lies below its thread");
    }

    @Test
    void whatTheAppTellsChangesThem() {
        State scarf = walk.step(walk.start(), new Step.Choose("piece-7")).after();
        State told = walk.step(scarf, Steps.parse(walk.plan(), "tell:pieces=id=9&label=Throw;A  rug"))
                .after();
        assertEquals(
                List.of("home", "piece-9", "piece-a-rug"),
                items(walk, told).stream().map(FittedItem::id).toList());
        assertEquals("piece?piece=7", walk.shown(told).text(), "the person stays where they are");
        Change gone = walk.step(told, new Step.Choose("piece-7"));
        assertTrue(gone.effects().get(0) instanceof Effect.Refused);
        State read = SavedState.read(walk, SavedState.write(scarf)).state();
        assertEquals(scarf, read);
        var moved = SavedState.move(told, Walk.of(plan(List.of(), 100)));
        assertEquals("home", moved.state().place().text());
        assertTrue(moved.dropped().get(0).contains("piece-7"), moved.dropped().toString());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 1000})
    void noneOneOrAThousand(int count) {
        Walk of = Walk.of(plan(entries(count), 1000));
        assertEquals(1 + count, items(of, of.start()).size());
        boolean hasHeading = Fitter.fit(of, Device.DESKTOP, of.start()).bars().get(0).lines().stream()
                .anyMatch(line -> line.heading().isPresent());
        assertEquals(count > 0, hasHeading, "a heading without items is left out");
        assertTrue(new View(of, Device.DESKTOP, new PlainMeasure())
                        .scene(of.start())
                        .nodes()
                        .size()
                > 1);
        if (count > 0) {
            State last =
                    of.step(of.start(), new Step.Choose("piece-" + (count - 1))).after();
            assertTrue(items(of, last).get(count).selected());
        }
    }

    private static List<ListEntry> entries(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> ListEntry.of(Integer.toString(i), "Piece " + i))
                .toList();
    }

    @Test
    void aLimitHoldsAndMoreThanAThousandAreRefused() {
        Walk few = Walk.of(plan(entries(9), 3));
        assertEquals(4, items(few, few.start()).size());
        assertThrows(IllegalArgumentException.class, () -> FactValue.of(entries(1001)));
        assertThrows(IllegalArgumentException.class, () -> FactValue.of(List.of(TWO.get(0), TWO.get(0))));
        assertThrows(IllegalArgumentException.class, () -> new ListEntry("a", "A", Map.of("code", "9".repeat(501))));
        for (String id : List.of("", "Blue", "a--b", "a".repeat(33))) {
            assertThrows(IllegalArgumentException.class, () -> ListEntry.of(id, "Blue"), id);
        }
    }

    @Test
    void anEntryWithoutWhatItsPlaceIsMadeOfHasNoItemAndOneOfAnotherKindLeadsNowhere() {
        Plan plan = PlanBuilder.app("Loom")
                .start("home")
                .fact("pieces", List.of(new ListEntry("a", "A", Map.of("code", "7"))))
                .screen("home", screen -> {})
                .screen("piece", screen -> screen.path("/pieces/{piece}").parameter("piece", Parameter.Kind.NUMBER))
                .menu("main", menu -> menu.item("home").item("piece?piece={code}", item -> item.repeat("pieces", 9)))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
                .build();
        Walk of = Walk.of(plan);
        FactValue told = FactValue.of(
                List.of(ListEntry.of("none", "None"), new ListEntry("word", "Word", Map.of("code", "seven"))));
        State state = of.step(of.start(), new Step.Tell("pieces", told)).after();
        new View(of, Device.DESKTOP, new PlainMeasure()).scene(state);
        assertEquals(
                List.of("home", "piece-word"),
                items(of, state).stream().map(FittedItem::id).toList());
        Change word = of.step(state, new Step.Choose("piece-word"));
        assertEquals(
                List.of(new Effect.Refused("{piece} of \"piece\" takes a number, not \"seven\".")), word.effects());
    }

    @Test
    void theCheckTellsOfEntriesThatLackWhatTheirPlaceIsMadeOf() {
        var told = assertThrows(InvalidPlanException.class, () -> PlanBuilder.app("Loom")
                .start("home")
                .fact("pieces", TWO)
                .screen("home", screen -> {})
                .screen("piece", screen -> screen.path("/pieces/{piece}").parameter("piece", Parameter.Kind.NUMBER))
                .menu("main", menu -> menu.item("home")
                        .item("piece?piece={badge}", item -> item.repeat("pieces", 9))
                        .item("piece?piece={label}", item -> item.id("other").repeat("pieces", 9)))
                .build());
        assertTrue(told.getMessage().contains("The entry \"shawl\" of \"pieces\" has no \"badge\""), told.getMessage());
        assertTrue(told.getMessage().contains("takes a number, not \"Shawl\""), told.getMessage());
    }

    @Test
    void listsAreWrittenAsTextAndReadAgain() {
        FactValue list = FactValue.of(TWO);
        assertEquals(Optional.of(list), list.parse(list.text()));
        assertEquals(Optional.of(FactValue.of(List.of())), list.parse(""));
        assertEquals(Optional.empty(), list.parse("id=A&label=no"));
        assertEquals(Optional.empty(), list.parse("Same;Same"));
        assertFalse(list.text().contains(" "));
    }

    @Test
    void conditionsCompareTheCountAndOnlyListsHaveEntries() {
        var builder = PlanBuilder.app("Loom")
                .start("home")
                .fact("pieces", TWO)
                .fact("name", "Oda")
                .screen("home", screen -> {})
                .screen("piece", screen -> screen.path("/pieces/{piece}"));
        var told = assertThrows(InvalidPlanException.class, () -> builder.menu(
                        "main", menu -> menu.item("home", item -> item.when("pieces > 1"))
                                .item("piece?piece={id}", item -> item.repeat("name", 5)))
                .build());
        assertTrue(told.getMessage().contains("\"name\" is a text, and has no entries."), told.getMessage());
        assertFalse(told.getMessage().contains("pieces > 1"), told.getMessage());
    }
}
