package org.yonderarc.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Which bars and items show, on which device, with which facts. */
class FitterTest {
    private static final Plan PLAN = PlanBuilder.app("Brinelight")
            .start("tides")
            .languages("de", "en")
            .fact("signed-in", false)
            .fact("drafts", 120)
            .fact("news", true)
            .fact("observer", "Maren")
            .screen("tides", screen -> screen.title(Map.of("de", "Gezeiten", "en", "Tides"))
                    .icon("droplet"))
            .screen("map", screen -> screen.icon("map-pin"))
            .screen("pins", screen -> screen.under("map"))
            .screen("full", screen -> screen.noBars().under("tides"))
            .screen("plain", screen -> screen.bars("top").under("tides"))
            .menu("main", menu -> menu.item("tides", item -> item.badge("drafts"))
                    .item("map", item -> item.label("Map of {observer}")
                            .selectedIcon("star")
                            .badge("news"))
                    .section("More", section -> section.signal(
                                    "send", item -> item.enabled("signed-in").badge("drafts", Badge.Kind.AUTO, 200))
                            .signal("out", item -> item.when("signed-in").badge("observer"))
                            .signal("wide", item -> item.minWindowWidth(400))
                            .signal("lying", item -> item.orientation(Visibility.Orientation.LANDSCAPE))
                            .signal("desk", item -> item.showOn("desktop"))
                            .signal("hand", item -> item.pointer(Visibility.Pointer.COARSE)
                                    .spokenLabel("By hand")
                                    .badge("drafts", Badge.Kind.DOT, 9))))
            .bar(bar -> bar.menu("main").form("phone", FormBuilder.bottom()).form("tablet", FormBuilder.rail()))
            .bar(bar ->
                    bar.id("low").menu("main").within("map").showOn("tablet").form(FormBuilder.bottom()))
            .topBar()
            .build();

    private final Walk walk = Walk.of(PLAN);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "384 x 824  |                     | tides map send hand",
                "384 x 824  | tell:signed-in=true | tides map send out hand",
                "432 x 824  |                     | tides map send wide hand",
                "500 x 400  |                     | tides map send wide more:main",
                "700 x 900  |                     | none",
                "700 x 900  | choose:map          | tides map send wide hand",
                "700 x 900  | choose:map open:pins | tides map send wide hand",
                "1200 x 900 | choose:map          | none",
                "384 x 824  | open:full           | none",
                "384 x 824  | open:plain          | none",
            })
    void itemsAndBarsShowWhereThePlanSays(String size, String steps, String items) {
        Optional<FittedBar> bottom = fit(size, steps).one(Form.Kind.BOTTOM);
        String shown = bottom.map(bar -> String.join(
                        " ", bar.items().stream().map(FittedItem::id).toList()))
                .orElse("none");
        assertEquals(items, shown);
    }

    @Test
    void screensSayWhichBarsTheyShow() {
        assertTrue(fit("384 x 824", "open:plain").one(Form.Kind.TOP).isPresent());
        assertFalse(fit("384 x 824", "open:full").one(Form.Kind.TOP).isPresent());
        assertEquals(
                Optional.of("Zur\u00FCck zu Gezeiten"),
                fit("384 x 824", "open:plain").one(Form.Kind.TOP).orElseThrow().back());
        assertEquals(
                Optional.empty(),
                fit("384 x 824", null).one(Form.Kind.TOP).orElseThrow().back());
    }

    @Test
    void itemsAreLabelledBadgedAndSelectedByTheState() {
        List<FittedItem> items = fit("384 x 824", "choose:map open:pins")
                .one(Form.Kind.BOTTOM)
                .orElseThrow()
                .items();
        FittedItem tides = items.get(0);
        assertEquals("Gezeiten", tides.label(), "in the app's first language");
        assertEquals(Optional.of("99+"), tides.badge());
        assertEquals(Optional.of("droplet"), tides.icon());
        FittedItem map = items.get(1);
        assertTrue(map.selected() && !tides.selected(), "selected while a child is shown");
        assertEquals("Map of Maren", map.label());
        assertEquals(Optional.of("star"), map.icon());
        assertEquals(Optional.of(""), map.badge(), "a dot for what is true");
        assertEquals(Optional.of("/pins"), map.address(), "where its branch was left");
        FittedItem send = items.get(2);
        assertFalse(send.enabled());
        assertEquals(Optional.of("120"), send.badge(), "under its own cap");
        assertEquals(Optional.empty(), send.address());
        FittedItem hand = items.get(3);
        assertEquals("By hand", hand.spoken());
        assertEquals(Optional.of(""), hand.badge(), "a dot whatever the value");
    }

    @Test
    void theShortLabelStandsInWhereTheLabelDoesNotFit() {
        Walk five = Walk.of(PlanBuilder.app("A")
                .start("notes")
                .screen("notes", screen -> screen.title("Field notebook"))
                .menu("main", menu -> {
                    menu.item("notes", item -> item.shortLabel("Notes"));
                    for (String id : List.of("b", "c", "d", "e")) {
                        menu.signal(id, item -> {});
                    }
                })
                .build());
        assertEquals("Notes", firstLabel(five, 384));
        assertEquals("Field notebook", firstLabel(five, 590));
    }

    private static String firstLabel(Walk walk, double width) {
        var device = new Device("test", width, 800, Insets.NONE);
        Fitting fitting = Fitter.fit(walk, device, walk.start());
        return Layouter.layOut(fitting, new PlainMeasure())
                .one(Form.Kind.BOTTOM)
                .orElseThrow()
                .slots()
                .get(0)
                .label()
                .get(0)
                .text();
    }

    @ParameterizedTest
    @CsvSource({
        "tell:drafts=0, none",
        "tell:drafts=-1, none",
        "tell:drafts=7, 7",
        "tell:drafts=99, 99",
        "tell:drafts=2.5, '2,5'"
    })
    void badgesHideAtZero(String step, String badge) {
        FittedItem tides = fit("384 x 824", step)
                .one(Form.Kind.BOTTOM)
                .orElseThrow()
                .items()
                .get(0);
        assertEquals(badge, tides.badge().orElse("none"));
    }

    /** Eight items and an overflow: what stands in the bar, by how many it holds, pins and conditions. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "8 | 384 |                | a b pin c hid d e f",
                "6 | 384 |                | a b pin c d more:main",
                "4 | 384 |                | a b pin more:main",
                "2 | 384 |                | pin more:main",
                "8 | 240 |                | a b pin c more:main",
                "6 | 384 | tell:few=true  | a b pin",
            })
    void whatDoesNotFitGoesToTheOverflow(int most, double width, String step, String shown) {
        var walk = Walk.of(many(most));
        State state = step == null
                ? walk.start()
                : walk.step(walk.start(), Steps.parse(walk.plan(), step)).after();
        Fitting fitting = Fitter.fit(walk, new Device("test", width, 800, Insets.NONE), state);
        String bar = String.join(
                " ",
                fitting.one(Form.Kind.BOTTOM).orElseThrow().items().stream()
                        .map(FittedItem::id)
                        .toList());
        // With room for all but the one that always goes to the overflow, there is an overflow all the same.
        assertEquals(most == 8 && width > 300 ? "a b pin c d e f more:main" : shown, bar);
    }

    private static Plan many(int most) {
        return PlanBuilder.app("A")
                .start("a")
                .fact("few", false)
                .screen("a")
                .menu("main", menu -> {
                    menu.item("a");
                    for (String id : List.of("b", "pin", "c", "hid", "d", "e", "f")) {
                        menu.signal(id, item -> {
                            if (id.equals("pin")) {
                                item.slot(Item.Slot.BAR);
                            } else if (id.equals("hid")) {
                                item.slot(Item.Slot.OVERFLOW);
                            }
                            if (!id.equals("b") && !id.equals("pin")) {
                                item.when("not few");
                            }
                        });
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().maxItems(most)))
                .build();
    }

    @Test
    void theOpenOverflowIsAPlaceThatListsTheRest() {
        var walk = Walk.of(many(4));
        State open = walk.step(walk.start(), new Step.Toggle("main")).after();
        Fitting fitting = Fitter.fit(walk, Device.PHONE, open);
        FittedBar more = fitting.overflow().orElseThrow();
        assertEquals(
                List.of("c", "hid", "d", "e", "f"),
                more.lines().stream()
                        .map(line -> line.item().orElseThrow().id())
                        .toList());
        List<String> selected = fitting.one(Form.Kind.BOTTOM).orElseThrow().items().stream()
                .filter(FittedItem::selected)
                .map(FittedItem::id)
                .toList();
        assertEquals(List.of("more:main"), selected, "what is open is what is marked");
        State chosen = walk.step(open, new Step.Choose("c")).after();
        assertTrue(Fitter.fit(walk, Device.PHONE, chosen).overflow().isEmpty(), "choosing closes it");
    }

    private Fitting fit(String size, String steps) {
        String[] sides = size.split(" x ");
        var device = new Device("test", Double.parseDouble(sides[0]), Double.parseDouble(sides[1]), Insets.NONE);
        State state = walk.start();
        for (String step : steps == null ? new String[0] : steps.split(" ")) {
            state = walk.step(state, Steps.parse(PLAN, step)).after();
        }
        return Fitter.fit(walk, device, state);
    }

    @ParameterizedTest
    @CsvSource({
        "open:kind?kind=limpet, Common limpet, Patella vulgata",
        "open:kind?kind=anemone, 'Beadlet anemone, open', A dark red knob",
        "open:kind?kind=wrack, 'Beadlet anemone, open', A dark red knob",
        "open:tune?tune=2, Ebb, Second",
        "open:list?list=1, Sample, of a list",
        "open:about, About us, and why",
    })
    void contentOfOneThingFollowsTheRowThatLeadsThere(String steps, String title, String note) {
        Plan plan = PlanBuilder.app("Guide")
                .start("guide")
                .screen("guide", screen -> screen.wireframe(Wireframe.Kind.GALLERY)
                        .row("Beadlet anemone", "Actinia equina", "", "kind?kind=anemone")
                        .row("Common limpet", "Patella vulgata", "", "kind?kind=limpet")
                        .row("Ebb", "Second", "", "tune?tune=2")
                        .row("A list", "First", "", "list?list=1")
                        .row("Who we are", "Last", "", "about"))
                .screen("kind", screen -> screen.path("/guide/{kind}")
                        .under("guide")
                        .wireframe(Wireframe.Kind.DETAIL)
                        .row("Beadlet anemone, open", "A dark red knob", "", "guide")
                        .row("Where", "", "Middle shore"))
                .screen("tune", screen -> screen.path("/tunes/{tune}")
                        .wireframe(Wireframe.Kind.MEDIA)
                        .row("Flow", "First", ""))
                .screen("list", screen -> screen.path("/lists/{list}")
                        .wireframe(Wireframe.Kind.LIST)
                        .row("Sample", "of a list", ""))
                .screen("about", screen -> screen.wireframe(Wireframe.Kind.DETAIL)
                        .row("About us", "and why", ""))
                .menu("main", menu -> menu.item("guide"))
                .build();
        var walk = Walk.of(plan);
        State state = walk.step(walk.start(), Steps.parse(plan, steps)).after();
        Fitting fitting = Fitter.fit(walk, Device.PHONE, state);
        assertEquals(title, fitting.content().rows().get(0).title());
        assertEquals(note, fitting.content().rows().get(0).note());
        assertEquals(
                plan.screens().get(state.place().screen()).wireframe().rows().size(),
                fitting.content().rows().size());
    }
}
