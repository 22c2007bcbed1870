package org.quay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Component;
import java.awt.Container;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.swing.JButton;
import javax.swing.JLabel;
import javax.swing.JList;
import javax.swing.JTextField;
import javax.swing.SwingUtilities;
import org.junit.jupiter.api.DynamicContainer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.TestReporter;
import org.junit.jupiter.api.io.TempDir;
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

    @Test
    void whoSignsInGetsToTheMailThatTheyAskedFor() throws Exception {
        var network = new ArrayDeque<Runnable>();
        var quay = new Quay(Runnable::run, network::add);
        var badges = new ArrayList<Optional<String>>();
        quay.navigator().observeBadge(Places.Items.MAIL, Device.PHONE, badges::add);
        quay.navigator().choose(Places.Items.MAIL);
        assertEquals(Places.SIGN_IN, quay.navigator().place().screen());

        Component signIn = page(quay);
        find(signIn, JTextField.class).setText("Ilse");
        find(signIn, JButton.class).doClick();
        assertEquals(Places.SIGN_IN, quay.navigator().place().screen(), "the answer has not come yet");
        network.remove().run();
        SwingUtilities.invokeAndWait(() -> {});
        assertEquals(Places.MAIL, quay.navigator().place().screen());

        ((JList<?>) page(quay)).setSelectedIndex(0);
        assertEquals(List.of(Optional.empty(), Optional.of("2"), Optional.of("1")), badges);
    }

    @Test
    void aPersonComesBackToTheBoatThatTheyLeft(@TempDir Path folder) {
        Path saved = folder.resolve("saved");
        var quay = new Quay(Runnable::run, Runnable::run);
        quay.navigator().follow("/boats/3");
        quay.save(saved);

        var later = new Quay(Runnable::run, Runnable::run);
        later.restore(saved);
        assertEquals(Places.boat(3), later.navigator().place().text());
        later.navigator().back();
        assertEquals(Places.BOATS, later.navigator().place().screen());
    }

    @Test
    void aBoatThatIsNotThereIsSaid() {
        var quay = new Quay(Runnable::run, Runnable::run);
        for (String number : List.of("0", "-1", "5")) {
            quay.navigator().follow("/boats/" + number);
            assertEquals("There is no boat " + number + ".", find(page(quay), JLabel.class).getText());
        }
        assertTrue(quay.navigator().follow("/boats/first").refusal().isPresent());
    }

    /** The app's own screen at the place that shows. */
    private static Component page(Quay quay) {
        return quay.content(quay.navigator().place()).orElseThrow();
    }

    /** The first component of a kind on a screen. */
    private static <T extends Component> T find(Component page, Class<T> kind) {
        return Stream.of(((Container) page).getComponents())
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElseThrow();
    }
}
