package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.fit.Device;
import org.yonderarc.kit.RandomPlans;
import org.yonderarc.kit.Reference;
import org.yonderarc.kit.Script;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.motion.TrackScenes;
import org.yonderarc.plan.Plan;

/** Whatever is done in whatever plan: where a stage gives tracks, they show what it shows. */
class RandomTracksTest {
    /** So many plans from {@code yonder.seed} on. */
    private static final int PLANS = Integer.getInteger("yonder.tracks", 40);

    @Test
    void tracksShowWhatTheStageShows() {
        int first = Integer.getInteger("yonder.seed", 1);
        int compared = 0;
        for (int seed = first; seed < first + PLANS; seed++) {
            var random = new Random(seed);
            Plan plan = RandomPlans.plan(random);
            List<Device> devices = Device.presets(plan);
            var around = Surroundings.of(devices.get(random.nextInt(devices.size())));
            var measure = new PlainMeasure();
            Script script = Script.random("random-" + seed, plan, around, measure, 8, true, random);
            var reference = new Reference(plan, around, measure, true);
            for (Script.Moment moment : script.moments()) {
                moment.does().ifPresent(input -> reference.take(input, moment.at()));
                Stage stage = reference.stage();
                String context = script.name() + " at " + moment.at();
                for (RunningTracks running : stage.tracks(moment.at()).stream().toList()) {
                    double ms = moment.at() - running.start();
                    if (ms > 0) {
                        compared++;
                        TrackScenes.agree(stage.scene(moment.at()), TrackScenes.at(running.tracks(), ms), context);
                    }
                }
            }
        }
        assertTrue(compared > PLANS / 2, compared + " frames were compared");
    }
}
