package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.GridForm;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Style;
import org.yonderarc.scene.Part;
import org.yonderarc.shape.GridShape;

/** Menus in the content of screens, and the place of what didn't fit into a bar. */
final class GridHome extends FormHome<GridForm> {
    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 15, 13, 48, 4, 12, 16, 300), UsualLook.behindItem());

    GridHome() {
        super(GridForm.class, GridForm.DEFAULT, GridShape.SHAPE);
    }

    @Override
    public Form onSheet(Plan plan) {
        return usual().on(plan.start().stream().collect(toList()));
    }

    @Override
    boolean showsLogo(GridForm form) {
        return form.showLogo();
    }

    @Override
    Map<String, String> idleItem(GridForm form) {
        var idle = new HashMap<String, String>();
        idle.put("short-label", "long labels wrap");
        idle.put("slot", "it has room for all items");
        idle.put("selected-icon", "none of its items is ever selected");
        idle.put("collapsible", "its sections are always open");
        if (form.layout() != Form.TileLayout.ROWS) {
            idle.put("value", "only rows have room for one");
        }
        return idle;
    }

    @Override
    Map<String, String> idleStyle(GridForm form) {
        boolean isList = form.layout() == Form.TileLayout.ROWS;
        var idle = new HashMap<String, String>();
        if (isList) {
            Stream.of("item-width", "thickness").forEach(key -> idle.put(key, "rows are as wide as the content"));
            Stream.of("padding-top", "padding-bottom")
                    .forEach(key -> idle.put(key, "the content keeps its own room above and below rows"));
        } else {
            Stream.of(
                            "item-width",
                            "item-height",
                            "thickness",
                            "spacing",
                            "padding",
                            "padding-top",
                            "padding-bottom",
                            "padding-start",
                            "padding-end",
                            "indent",
                            "item-padding",
                            "gap")
                    .forEach(key -> idle.put(key, "tiles share the room evenly"));
        }
        if (!form.sheet()) {
            idle.put("background", "it stands in the content, on the background of the screen");
        }
        return idle;
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    @Override
    void fit(Bar bar, GridForm form, FitContext context, List<FittedBar> out) {
        Menu menu = context.menu(bar);
        out.add(context.bare(bar, form)
                .withLines(new MenuLines(context, menu, form, Style.NONE)
                        .folding(form.layout() == Form.TileLayout.ROWS)
                        .but(Set.of())));
    }

    @Override
    Optional<Layout.Bar> layOut(GridForm form, FittedBar bar, Room room) {
        return Optional.of(GridBoxes.layOut(form, bar, room));
    }

    @Override
    Part.Tempo tempo() {
        return Part.Tempo.SCREENS;
    }
}
