package org.yonderarc.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Visibility;
import org.yonderarc.view.Explanation;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The reasons that are given are the true ones. */
class WhyTest {
    private static final Walk WALK = Walk.of(PlanBuilder.app("Why")
            .start("a")
            .fact("in", false)
            .screen("a")
            .screen("b")
            .screen("below", screen -> screen.under("b"))
            .screen("c", screen -> screen.needs("in", "door"))
            .screen("door", screen -> screen.under("a"))
            .screen("bare", screen -> screen.bars("top").under("a"))
            .menu("main", menu -> menu.item("a")
                    .item("b")
                    .item("c")
                    .signal("when", item -> item.when("in"))
                    .signal("dim", item -> item.enabled("in"))
                    .signal("on", item -> item.showOn("desktop"))
                    .signal("off", item -> item.hideOn("phone"))
                    .signal("wide", item -> item.minWindowWidth(500))
                    .signal("slim", item -> item.maxWindowWidth(384))
                    .signal("lies", item -> item.orientation(Visibility.Orientation.LANDSCAPE))
                    .signal("fine", item -> item.pointer(Visibility.Pointer.FINE))
                    .signal("sent", item -> item.slot(Item.Slot.OVERFLOW))
                    .signal("pinned", item -> item.slot(Item.Slot.BAR)))
            .menu("side", menu -> menu.signal("one", item -> {}).signal("two", item -> {}))
            .bar(bar -> bar.menu("main")
                    .form("phone", FormBuilder.bottom().maxItems(4))
                    .form("tablet", FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
            .bar(bar -> bar.menu("side").within("b").showOn("tablet").form(FormBuilder.bottom()))
            .topBar()
            .build());

    private static State after(String steps) {
        State state = WALK.start();
        for (String step : steps == null ? new String[0] : steps.split(" ")) {
            state = WALK.step(state, Steps.parse(WALK.plan(), step)).after();
        }
        return state;
    }

    private static List<String> explain(Device device, State state) {
        return Explanation.explain(WALK, Setting.of(device), state);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "phone   |             | phone is 384 by 824 dp, so its kind is phone.",
                "phone   |             | bar main: shown as bottom",
                "phone   |             | '  item a: shown; selected, the person is on its branch'",
                "phone   |             | '  item c: in the overflow, the bar holds 3 items and the overflow item'",
                "phone   |             | '  item when: hidden, \"in\" doesn''t hold'",
                "phone   |             | '  item on: hidden, it shows on desktop only'",
                "phone   |             | '  item off: hidden, it is off on phone'",
                "phone   |             | '  item wide: hidden, the window is narrower than 500 dp'",
                "phone   |             | '  item slim: hidden, the window is as wide as 384 dp or wider'",
                "phone   |             | '  item lies: hidden, the window is held the other way'",
                "phone   |             | '  item fine: hidden, it shows for another pointer'",
                "phone   |             | '  item sent: in the overflow, where it was sent'",
                "phone   |             | '  item pinned: shown, it is pinned to the bar'",
                "phone   | open:bare   | bar main: hidden, the screen bare doesn't show it",
                "phone   | choose:c    | The person wants to be at c, whose condition doesn't hold, so door is shown.",
                "tablet  |             | bar main: shown as drawer",
                "phone   | choose:b    | bar side: hidden, it shows on tablet only",
                "tablet  |             | bar side: hidden, it stands only within b",
                "tablet  | choose:b    | bar side: shown as bottom",
                "tablet  |             | '  item dim: shown; disabled, \"in\" doesn''t hold'",
                "desktop |             | bar main: hidden, it has no form for the kind desktop",
            })
    void eachReasonIsGiven(String device, String steps, String line) {
        List<String> lines = explain(Device.preset(device).orElseThrow(), after(steps));
        assertTrue(lines.contains(line), () -> line + " is not among\n" + String.join("\n", lines));
    }

    /** Whatever is said of an item agrees with what is fitted, on random windows and after random steps. */
    @Test
    void whatIsSaidIsWhatIsShown() {
        var random = new Random(11);
        List<String> steps =
                List.of("choose:a", "choose:b", "choose:c", "open:below", "back", "tell:in=true", "tell:in=false");
        State state = WALK.start();
        for (int round = 0; round < 3000; round++) {
            state = WALK.step(state, Steps.parse(WALK.plan(), steps.get(random.nextInt(steps.size()))))
                    .after();
            var device = new Device(
                    "window",
                    240 + random.nextInt(1200),
                    240 + random.nextInt(900),
                    Insets.NONE,
                    1,
                    random.nextBoolean() ? Visibility.Pointer.FINE : Visibility.Pointer.COARSE);
            Fitting fitting = Fitter.fit(WALK, Setting.of(device), state);
            Map<String, FittedItem> shown = new HashMap<>();
            fitting.one(Form.Kind.BOTTOM).ifPresent(bar -> bar.items().forEach(item -> shown.put(item.id(), item)));
            fitting.one(Form.Kind.DRAWER).stream()
                    .flatMap(bar -> bar.lines().stream())
                    .flatMap(line -> line.item().stream())
                    .forEach(item -> shown.put(item.id(), item));
            shown.keySet().removeIf(id -> Step.Toggle.isOverflow(id));
            var said = new HashMap<String, String>();
            for (String line : explain(device, state)) {
                if (line.startsWith("  item ")) {
                    int colon = line.indexOf(':');
                    said.put(line.substring(7, colon), line.substring(colon + 2));
                }
            }
            for (var entry : said.entrySet()) {
                String context = entry + " on " + device.width() + " at " + state.place();
                assertEquals(shown.containsKey(entry.getKey()), entry.getValue().startsWith("shown"), context);
                if (shown.containsKey(entry.getKey())) {
                    boolean selected = shown.get(entry.getKey()).selected();
                    assertEquals(selected, entry.getValue().contains("; selected"), context);
                }
            }
            assertTrue(said.keySet().containsAll(shown.keySet()), shown.keySet() + " " + said);
        }
    }

    /** What stands apart is shown, and what was typed is the reason why others aren't. */
    @Test
    void actionsAreShownAndWhatWasTypedIsTheReason() {
        Walk walk = Walk.of(PlanBuilder.app("Why")
                .start("a")
                .fact("wanted", "")
                .screen("a")
                .screen("b")
                .screen("new")
                .menu("main", menu -> menu.item("a").item("b").item("new"))
                .bar(bar -> bar.menu("main")
                        .form("phone", FormBuilder.bottom().action("new"))
                        .form("tablet", FormBuilder.rail())
                        .form(
                                "desktop",
                                FormBuilder.drawer()
                                        .opens(DrawerForm.Opening.ALWAYS)
                                        .filter("wanted")))
                .topBar()
                .build());
        assertTrue(why(walk, Device.PHONE, walk.start()).contains("  item new: shown, apart from the others"));
        State typed = walk.step(walk.start(), Steps.parse(walk.plan(), "tell:wanted=ne"))
                .after();
        List<String> told = why(walk, Device.DESKTOP, typed);
        assertTrue(told.contains("  item new: shown"), told.toString());
        assertTrue(told.contains("  item a: hidden, \"ne\" was typed, and its name doesn't hold it"), told.toString());
    }

    private static List<String> why(Walk walk, Device device, State state) {
        return Explanation.explain(walk, org.yonderarc.fit.Setting.of(device), state);
    }
}
