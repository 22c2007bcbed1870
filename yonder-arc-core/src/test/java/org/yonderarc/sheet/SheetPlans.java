package org.yonderarc.sheet;

import java.util.List;
import java.util.Optional;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;

/** Plans and shots that the tests of sheets share. */
final class SheetPlans {
    static final PlainMeasure MEASURE = new PlainMeasure();

    private SheetPlans() {}

    static Shot shot(Plan plan) {
        return new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.of("bottom"));
    }

    static Plan plan(boolean changed) {
        var builder = PlanBuilder.app("Shore")
                .start("tides")
                .screen("tides", screen -> screen.icon(changed ? "ripple" : "droplet"))
                .screen("map", screen -> screen.title(changed ? "Chart" : "Map"))
                .screen("crew")
                .menu("main", menu -> {
                    if (changed) {
                        menu.item("crew")
                                .item("tides")
                                .item("map", item -> item.slot(Item.Slot.BAR))
                                .item("log");
                    } else {
                        menu.item("tides").item("map").item("crew").item("old");
                    }
                });
        builder.screen(changed ? "log" : "old");
        return changed ? builder.colour(Scheme.DARK, Role.ACCENT, "#abcdef").build() : builder.build();
    }

    static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Quay")
                .screen("a", screen -> screen.icon("droplet"))
                .screen("b", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("a").item("b"))
                .style(
                        "deep",
                        style -> style.indicator(mark -> mark.kind(Indicator.Kind.NOTCH)
                                .width(50)
                                .depth(10)
                                .distance(4)))
                .bar(bar -> bar.menu("main").form(form))
                .topBar()
                .build();
    }

    static Shot whole(Plan plan) {
        return new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
    }
}
