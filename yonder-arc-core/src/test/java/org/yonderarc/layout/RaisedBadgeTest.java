package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Indicator;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.Walk;

/** Where the badge stands of an item whose icon is raised into a notch. */
class RaisedBadgeTest {
    @ParameterizedTest
    @CsvSource({"3, AUTO", "120, AUTO", "3, DOT"})
    void isOnTheRimOfTheCircleAndLeavesTheIconFree(int drafts, Badge.Kind style) {
        var plan = PlanBuilder.app("Shore")
                .start("surveys")
                .fact("drafts", drafts)
                .screen("surveys", screen -> screen.icon("clipboard-list"))
                .screen("map", screen -> screen.icon("map-pin"))
                .style("raised", look -> look.indicator(Indicator.Kind.NOTCH))
                .menu("main", menu -> menu.item("surveys", item -> item.badge("drafts", style, 99))
                        .item("map", item -> item.badge("drafts", style, 99)))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().style("raised")))
                .build();
        var walk = Walk.of(plan);
        Layout layout = Layouter.layOut(Fitter.fit(walk, Device.PHONE, walk.start()), new PlainMeasure());
        var slots = layout.bars().get(0).slots();
        Box circle = slots.get(0).mark().orElseThrow().box();
        Box icon = slots.get(0).body().icon();
        Box badge = slots.get(0).body().badge().orElseThrow().box();
        assertTrue(
                badge.x() > icon.right() - 2 && badge.bottom() < icon.y() + 2,
                "it lies over the icon: " + badge + ", " + icon);
        // The middle of its round start.
        double x = badge.x() + badge.height() / 2 - circle.centerX();
        double y = badge.centerY() - circle.centerY();
        assertEquals(circle.width() / 2, Math.hypot(x, y), 1e-9, "its middle is on the rim");
        assertTrue(x > 0 && y < 0, "above, at the trailing side");
        Box usual = slots.get(1).body().badge().orElseThrow().box();
        assertTrue(usual.x() < slots.get(1).body().icon().right(), "the others are at their icons");
    }
}
