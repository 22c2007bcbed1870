package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.TopForm;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** An item that stands as a search field. */
class SearchFieldTest {
    private static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Quay")
                .start("home")
                .screen("home", screen -> screen.title("Home").icon("home"))
                .screen("find", screen -> screen.title("Find a boat").icon("search"))
                .screen("crew", screen -> screen.title("Crew").icon("user"))
                .menu("main", menu -> menu.item("home").item("find").item("crew"))
                .bar(bar -> bar.menu("main").form(form))
                .build();
    }

    private static Layout.Bar bar(FormBuilder<?> form, Device device, String... steps) {
        var walk = Walk.of(plan(form));
        var state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return Layouter.layOut(Fitter.fit(walk, device, state), new PlainMeasure())
                .bars()
                .get(0);
    }

    private static Layout.Slot field(Layout.Bar bar) {
        return bar.apart().stream()
                .filter(slot -> slot.item().id().equals("find"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void ofATopBarStandsOnALineOfItsOwn() {
        Layout.Bar without = bar(FormBuilder.top().ownRow(true).itemWidths(TopForm.ItemWidths.EQUAL), Device.PHONE);
        Layout.Bar with = bar(
                FormBuilder.top()
                        .ownRow(true)
                        .itemWidths(TopForm.ItemWidths.EQUAL)
                        .search("find"),
                Device.PHONE);
        Layout.Slot field = field(with);
        assertEquals(without.box().height() + SearchBox.LINE, with.box().height());
        assertEquals(16, field.target().x());
        assertEquals(Device.PHONE.width() - 32, field.target().width());
        assertEquals("Find a boat", field.label().get(0).text());
        // The tabs below it are the others.
        assertEquals(
                List.of("home", "crew"),
                with.list().slots().stream()
                        .map(Layout.Slot::item)
                        .map(FittedItem::id)
                        .toList());
        assertTrue(with.list().slots().stream()
                .allMatch(slot -> slot.target().y() >= field.target().bottom()));
        assertEquals(new Step.Choose("find"), field.item().step());
    }

    @Test
    void ofADrawerStandsAboveTheOthers() {
        var form = FormBuilder.drawer()
                .opens(DrawerForm.Opening.ALWAYS)
                .collapsedWidth(72)
                .footer("crew")
                .search("find");
        Layout.Bar open = bar(form, Device.DESKTOP);
        assertTrue(
                open.list().slots().get(0).target().y() > field(open).target().bottom());
        assertEquals(1, open.list().slots().size());
        Layout.Bar collapsed = bar(form, Device.DESKTOP, "collapse:main");
        assertEquals(List.of(), field(collapsed).label(), "its icon alone");
        assertTrue(field(collapsed).target().width() <= 72);
    }

    @Test
    void isNeverWiderThanOneReads() {
        assertEquals(
                640,
                field(bar(FormBuilder.top().search("find"), Device.DESKTOP))
                        .target()
                        .width());
    }
}
