package org.yonderarc.draw;

import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** A studio, and a scene of one node. */
abstract class PaintersFixture {
    final Studio studio = new Studio();

    Scene scene(Plan plan, Scheme scheme) {
        var walk = Walk.of(plan);
        return new View(walk, Setting.of(Device.PHONE).with(scheme), studio.measure()).scene(walk.start());
    }
}
