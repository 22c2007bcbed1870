package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** Which films of the example plans can be had as tracks. */
class ExampleTracksTest {
    /** Of the example plans only one has an outline that bends. */
    @Test
    void allFilmsOfTheExamplePlansAreTracksButWhereANotchBends() throws Exception {
        var painted = new TreeSet<String>();
        int films = 0;
        for (String name : ExamplePlans.NAMES) {
            Plan plan = ExamplePlans.plan(name);
            Walk walk = Walk.of(plan);
            for (Device device : new Device[] {Device.PHONE, Device.DESKTOP}) {
                var view = new View(walk, device, new PlainMeasure());
                State state = walk.start();
                for (Menu menu : plan.menus()) {
                    for (Item item : menu.items()) {
                        Change change = walk.step(state, new Step.Choose(item.id()));
                        state = change.after();
                        Score score = Score.of(Passage.of(walk, change), plan.motion());
                        Film film = Film.of(view.scene(change.before()), view.scene(state), score);
                        if (film.duration() > 0) {
                            films++;
                            if (film.tracks().isEmpty()) {
                                painted.add(name);
                            }
                        }
                    }
                }
            }
        }
        assertTrue(films > 50, films + " films");
        assertEquals("[crumbtray]", painted.toString());
    }
}
