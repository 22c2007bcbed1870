package org.yonderarc.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.sheet.SheetPlans.MEASURE;
import static org.yonderarc.sheet.SheetPlans.plan;
import static org.yonderarc.sheet.SheetPlans.whole;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Pictures of two plans, compared. */
class PictureComparisonTest {
    @Test
    void aComparisonFindsEachChangeAndNothingElse() {
        assertEquals(List.of(), new Comparison(plan(false), plan(false)).differences());
        assertTrue(new Comparison(plan(false), plan(false))
                .pictures(whole(plan(false)), MEASURE)
                .isEmpty());
        var comparison = new Comparison(plan(false), plan(true));
        List<String> changes = comparison.differences().stream()
                .map(change -> change.what() + " " + change.text())
                .filter(text -> !text.contains("tint") && !text.contains("accent-text"))
                .toList();
        assertEquals(
                List.of(
                        "removed screen old",
                        "restyled screen tides: icon droplet is now ripple",
                        "renamed screen map: title \"Map\" is now \"Chart\"",
                        "added screen log",
                        "removed item old",
                        "added item log",
                        "moved item crew: place 3 of main, now place 1 of main",
                        "changed item map: slot auto is now bar",
                        "restyled dark accent: #66cbd0 is now #abcdef"),
                changes);
        Scene pictures = comparison.pictures(whole(plan(true)), MEASURE).orElseThrow();
        List<String> captions = pictures.nodes().stream()
                .filter(SceneNode.Text.class::isInstance)
                .map(node -> ((SceneNode.Text) node).line().text())
                .toList();
        assertTrue(captions.containsAll(List.of("Before", "After", "tides", "map", "crew")), captions.toString());
        assertFalse(captions.contains("log"), "there is no before of it");
    }
}
