package org.quay;

import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicContainer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.TestReporter;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.fit.Device;
import org.yonderarc.junit.Golden;
import org.yonderarc.junit.JourneyTests;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

class QuayTest {
    @TestFactory
    Stream<DynamicContainer> journeys(TestReporter reporter) {
        return JourneyTests.of(Quay.plan(), JourneyFile.require(QuayTest.class, "journeys.yaml"))
                .drawing(reporter)
                .tests();
    }

    @Test
    void theStartLooksAsItDid() {
        var walk = Walk.of(Quay.plan());
        var view = new View(walk, Device.PHONE, new Studio().measure());
        Golden.in(Path.of("src/test/golden")).require("start-on-a-phone", view.scene(walk.start()));
    }
}
