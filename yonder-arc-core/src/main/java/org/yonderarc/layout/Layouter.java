package org.yonderarc.layout;

import java.util.ArrayList;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Form;

/** Lays fittings out, for a person who reads from left to right. */
public final class Layouter {
    private Layouter() {}

    /** The boxes of {@code fitting}. */
    public static Layout layOut(Fitting fitting, TextMeasure measure) {
        Device device = fitting.rightToLeft() ? mirrored(fitting.device()) : fitting.device();
        var bars = new ArrayList<Layout.Bar>();
        Optional<Layout.Bar> side = side(fitting, device, measure);
        double from = side.filter(bar -> takesRoom(bar.fitted()))
                .map(bar -> bar.box().right())
                .orElse(0.0);
        Optional<Layout.Bar> top = fitting.top().map(bar -> TopLayout.layOut(bar, device, from, measure));
        Optional<Layout.Bar> bottom = fitting.bottom().map(bar -> BottomLayout.layOut(bar, device, from, measure));
        double upper = top.map(bar -> bar.box().bottom()).orElse(device.safe().top());
        boolean floats = bottom.filter(bar -> bar.radius() > 0 || bar.box().bottom() < device.height())
                .isPresent();
        double lower = bottom.filter(bar -> !floats).map(bar -> bar.box().y()).orElse(device.height());
        double left = from > 0 ? from : device.safe().left();
        var content = new Box(left, upper, device.width() - left - device.safe().right(), Math.max(0, lower - upper));
        fitting.one(FittedBar.More.class).ifPresent(more -> bars.add(SideLayout.more(more, content, device, measure)));
        top.ifPresent(bars::add);
        bottom.ifPresent(bars::add);
        side.ifPresent(bars::add);
        return new Layout(new Box(0, 0, device.width(), device.height()), content, bars, aside(fitting, side));
    }

    /** What stands at the leading edge; a drawer that is closed has no boxes. */
    private static Optional<Layout.Bar> side(Fitting fitting, Device device, TextMeasure measure) {
        Optional<FittedBar.Drawer> drawer = fitting.one(FittedBar.Drawer.class);
        if (drawer.isPresent()) {
            return drawer.filter(FittedBar.Drawer::open).map(bar -> SideLayout.drawer(bar, device, measure));
        }
        return fitting.one(FittedBar.Rail.class).map(bar -> SideLayout.rail(bar, device, measure));
    }

    private static boolean takesRoom(FittedBar bar) {
        return bar instanceof FittedBar.Rail
                || bar instanceof FittedBar.Drawer drawer
                        && (drawer.form().opens() == Form.Opening.KEPT
                                || drawer.form().opens() == Form.Opening.BESIDE);
    }

    private static Optional<Layout.Aside> aside(Fitting fitting, Optional<Layout.Bar> side) {
        return fitting.one(FittedBar.Drawer.class)
                .filter(drawer -> drawer.form().opens() == Form.Opening.BENEATH)
                .map(drawer -> {
                    Form.Beneath how = drawer.form().beneath();
                    double width = side.map(bar -> bar.box().width()).orElse(0.0);
                    return new Layout.Aside(
                            width * how.share(), side.isPresent() ? how.radius() : 0, how.shadow() && side.isPresent());
                });
    }

    private static Device mirrored(Device device) {
        Insets safe = device.safe();
        return new Device(
                device.id(),
                device.width(),
                device.height(),
                new Insets(safe.top(), safe.left(), safe.bottom(), safe.right()),
                device.textScale(),
                device.pointer());
    }
}
