package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.code_intelligence.jazzer.junit.FuzzTest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.xml.sax.InputSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.SvgIcon;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** Icons, pictures and whole plans from outside: what is made of them is sound, and nothing of it runs or loads anything. */
class ArtFuzzTest {
    private static final Pattern DANGER = Pattern.compile(
            "(?i)<script|<image|<use|<foreign|<style|<animate|\\s(?:on[a-z]+|[a-z:]*href)\\s*=|javascript:|url\\((?!#)");

    @FuzzTest(maxDuration = "20m")
    void icons(byte[] bytes) throws Exception {
        try {
            SvgIcon icon = IconFolder.read(new ByteArrayInputStream(bytes));
            for (String shape : icon.shapes()) {
                harmless("<svg xmlns=\"http://www.w3.org/2000/svg\">" + shape + "</svg>");
            }
            assertTrue(icon.strokeWidth() >= 0 && Double.isFinite(icon.strokeWidth()));
        } catch (IOException none) {
            assertFalse(none.getMessage().isBlank());
        }
    }

    @FuzzTest(maxDuration = "20m")
    void pictures(byte[] bytes) throws Exception {
        for (String mime : List.of("image/png", "image/jpeg", "image/svg+xml")) {
            try {
                Pictures.Picture clean = CleanPicture.of(mime, bytes);
                if (mime.endsWith("svg+xml")) {
                    String svg = new String(clean.bytes(), StandardCharsets.UTF_8);
                    harmless(svg);
                    assertEquals(svg, CleanSvg.of(clean.bytes()).text(), "clean is clean");
                }
                Decoded.trouble(clean);
            } catch (IOException none) {
                assertFalse(none.getMessage().isBlank());
            }
        }
    }

    private static void sound(String svg) throws Exception {
        var factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        factory.newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    private static void harmless(String svg) throws Exception {
        sound(svg);
        assertFalse(DANGER.matcher(svg).find(), svg);
    }

    /** From the text of a plan to its picture and a film: whatever passes the check can be shown. */
    @FuzzTest(maxDuration = "20m")
    void wholePlans(byte[] bytes) throws Exception {
        String text = new String(bytes, StandardCharsets.UTF_8);
        Optional<Plan> plan =
                PlanFile.read(new SourceText("p.yaml", text), IconNames.ANY).plan();
        if (plan.isEmpty()) {
            return;
        }
        Walk walk = Walk.of(plan.get());
        for (Device device : List.of(Device.PHONE, Device.DESKTOP)) {
            var view = new View(walk, device, new PlainMeasure());
            Scene start = view.scene(walk.start());
            sound(SvgPainter.within(new BundledIcons(), Pictures.NONE, Typeface.bundled(), "part-")
                    .paint(start));
            for (Item item : plan.get().items().limit(3).toList()) {
                Change change = walk.step(walk.start(), new Step.Choose(item.id()));
                Scene end = view.scene(change.after());
                Film film = Film.of(
                        start,
                        end,
                        Score.of(Passage.of(walk, change), plan.get().motion()));
                assertTrue(film.duration() >= 0 && film.duration() < 60_000);
                film.at(film.duration() / 3);
            }
        }
    }
}
