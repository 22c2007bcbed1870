package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.ParameterizedRobolectricTestRunner;
import org.robolectric.ParameterizedRobolectricTestRunner.Parameters;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.files.JsonTree;
import org.yonderarc.fit.Device;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The conformance vectors of 0.3.0, walked by a navigator that a view shows: each outcome is that of the vectors, and the view follows. */
@RunWith(ParameterizedRobolectricTestRunner.class)
public class ConformanceTest {
    private static final Path VECTORS = Path.of("../yonder-arc-examples/src/test/stored/0.3.0");

    private final String plan;

    /** A test of an example's vectors. */
    public ConformanceTest(String plan) {
        this.plan = plan;
    }

    /** The examples. */
    @Parameters(name = "{0}")
    public static List<Object[]> plans() {
        return PictureTest.plans();
    }

    @Test
    public void eachStepHasTheOutcomeOfTheVectorsAndIsShown() throws Exception {
        var all = (MapValue) JsonTree.parse(Files.readString(VECTORS.resolve(plan + ".vectors.json")));
        var read = PlanReader.read(value(all, "plan")).plan().orElseThrow();
        Walk walk = Walk.of(read);
        int steps = 0;
        for (MapValue.Entry each : ((MapValue) value(all, "walks")).entries()) {
            var navigator = new Navigator(read, Runnable::run);
            var app = new AppFixture(navigator, made -> made.effects(effect -> {}));
            for (Value one : ((ListValue) each.value()).items()) {
                var entry = (MapValue) one;
                String step = text(value(entry, "step"));
                Change change = step.equals("start") ? null : navigator.take(Steps.parse(read, step));
                String where = each.key() + ", step " + steps++ + ": " + step;
                Place shown = navigator.place();
                assertEquals(where, text(value(entry, "shown")), shown.text());
                assertEquals(where, text(value(entry, "address")), walk.addressOf(shown));
                assertEquals(where, texts(value(entry, "trail")), trail(navigator));
                assertEquals(
                        where,
                        value(entry, "selected") instanceof TextValue id ? text(id) : "none",
                        walk.selected(navigator.state()).orElse("none"));
                assertEquals(where, texts(value(entry, "effects")), change == null ? List.of() : effects(change));
                // A frame now and then; most steps come while a film plays.
                if (steps % 16 == 0) {
                    app.idle(16);
                }
                String title = app.view.stage().still().title();
                String asked = navigator.on(Device.PHONE).title();
                assertTrue(where + ": \"" + title + "\", and not \"" + asked + "\"", title.startsWith(asked));
            }
        }
        assertTrue("steps: " + steps, steps > 300);
    }

    private static List<String> trail(Navigator navigator) {
        return navigator.state().trail().places().stream().map(Place::text).collect(Collectors.toList());
    }

    private static List<String> effects(Change change) {
        return change.effects().stream()
                .map(effect -> effect instanceof Effect.Refused ? "refused" : effect.text())
                .collect(Collectors.toList());
    }

    private static Value value(MapValue map, String key) {
        return map.entry(key).orElseThrow().value();
    }

    private static String text(Value value) {
        return ((TextValue) value).text();
    }

    private static List<String> texts(Value list) {
        return ((ListValue) list).items().stream().map(ConformanceTest::text).collect(Collectors.toList());
    }
}
