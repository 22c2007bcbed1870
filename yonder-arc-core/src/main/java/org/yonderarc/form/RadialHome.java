package org.yonderarc.form;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.scene.Part;
import org.yonderarc.shape.RadialShape;
import org.yonderarc.walk.Step;

/** Round buttons that fan items out. */
final class RadialHome extends FormHome<RadialForm> {
    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 13, 15, 48, 12, 16, 8, 56, 28), UsualLook.behindItem());

    RadialHome() {
        super(RadialForm.class, RadialForm.DEFAULT, RadialShape.SHAPE);
    }

    @Override
    public boolean isOpened() {
        return true;
    }

    @Override
    Map<String, String> idleStyle(RadialForm form) {
        return Map.ofEntries(
                Map.entry("item-padding", "its items stand on an arc, each by itself"),
                Map.entry("title-bold", "its items stand on an arc, each by itself"),
                Map.entry("title-size", "its items stand on an arc, each by itself"),
                Map.entry("item-width", "its items stand on an arc, each by itself"),
                Map.entry("padding", "its items stand on an arc, each by itself"),
                Map.entry("padding-top", "its items stand on an arc, each by itself"),
                Map.entry("padding-bottom", "its items stand on an arc, each by itself"),
                Map.entry("padding-start", "its items stand on an arc, each by itself"),
                Map.entry("padding-end", "its items stand on an arc, each by itself"),
                Map.entry("indent", "its items stand on an arc, each by itself"),
                Map.entry("background", "it has no background of its own"));
    }

    @Override
    Map<String, String> idleItem(RadialForm form) {
        var idle = new HashMap<>(super.idleItem(form));
        if (form.labels() != RadialForm.Beside.NONE && Arc.isBeside(form)) {
            idle.put("short-label", "labels beside icons are shown whole");
        }
        return idle;
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    @Override
    List<Item> held(RadialForm form, List<Item> all, Device device) {
        return FitContext.held(all, Math.min(form.maxItems(), RadialBoxes.most(form, device)), form.overflows());
    }

    @Override
    void fit(Bar bar, RadialForm form, FitContext context, List<FittedBar> out) {
        String overflow = Step.Toggle.overflow(bar.id());
        boolean isOpen = context.isOpen(bar.id()) || context.isOpen(overflow);
        FittedBar bare = context.bare(bar, form)
                .withButtons(List.of(new FittedBar.Button(
                        context.filled(form.label()),
                        form.icon(),
                        isOpen ? new Step.Close() : new Step.Toggle(bar.id()),
                        context.isOpen(bar.id()) ? form.turn() : 0,
                        false)))
                .standing(context.isOpen(bar.id()) ? FittedBar.Standing.OPEN : FittedBar.Standing.CLOSED);
        List<Item> held = held(form, context.visible().items(context.menu(bar)), context.device());
        context.overflowing(bar, form, held, bare, overflow, out);
    }

    @Override
    Optional<Layout.Bar> layOut(RadialForm form, FittedBar bar, Room room) {
        return Optional.of(RadialBoxes.layOut(form, bar, room));
    }

    @Override
    Part.Tempo tempo() {
        return Part.Tempo.DRAWERS;
    }
}
