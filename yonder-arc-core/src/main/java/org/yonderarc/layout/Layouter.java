package org.yonderarc.layout;

import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;

/** Lays fittings out. */
public final class Layouter {
    private Layouter() {}

    /** The boxes of {@code fitting}. */
    public static Layout layOut(Fitting fitting, TextMeasure measure) {
        Device device = fitting.device();
        var screen = new Box(0, 0, device.width(), device.height());
        Optional<Layout.Top> top = fitting.top().map(bar -> top(bar, device, measure));
        Optional<Layout.Bottom> bottom = fitting.bottom().map(bar -> bottom(bar, device, measure));
        double from = top.map(bar -> bar.bar().bottom()).orElse(device.safe().top());
        double to = bottom.map(bar -> bar.bar().y()).orElse(device.height());
        double left = device.safe().left();
        var content = new Box(left, from, device.width() - left - device.safe().right(), Math.max(0, to - from));
        return new Layout(screen, content, top, bottom);
    }

    private static Layout.Top top(Fitting.TopBar bar, Device device, TextMeasure measure) {
        Insets safe = device.safe();
        var box = new Box(0, 0, device.width(), safe.top() + Metrics.TOP_HEIGHT);
        double middle = safe.top() + Metrics.TOP_HEIGHT / 2;
        Optional<Layout.Button> back = bar.back().map(name -> {
            var target = new Box(safe.left() + 4, middle - Metrics.TARGET / 2, Metrics.TARGET, Metrics.TARGET);
            var icon = Box.around(target.centerX(), target.centerY(), Metrics.ICON, Metrics.ICON);
            return new Layout.Button(target, icon, name);
        });
        // Both sides give way by the wider of the two, or the title would leave the centre.
        double leading = back.map(button -> button.target().right()).orElse(safe.left() + Metrics.TITLE_MARGIN);
        double side = Math.max(leading, safe.right() + Metrics.TITLE_MARGIN);
        double most = Math.max(0, device.width() - 2 * side);
        var title = TextLine.of(
                bar.title(), MIDDLE, box.centerX(), Metrics.TITLE.baselineAround(middle), most, Metrics.TITLE, measure);
        return new Layout.Top(box, title, back);
    }

    private static Layout.Bottom bottom(Fitting.BottomBar bar, Device device, TextMeasure measure) {
        Insets safe = device.safe();
        double y = device.height() - safe.bottom() - Metrics.BOTTOM_HEIGHT;
        var box = new Box(0, y, device.width(), device.height() - y);
        List<FittedItem> items = bar.items();
        if (items.isEmpty()) {
            return new Layout.Bottom(box, List.of());
        }
        double room = device.width() - safe.left() - safe.right();
        double width = onGrid(room / items.size());
        // What the grid leaves over, under 1/64 dp for each slot, is shared by both ends.
        double start = onGrid(safe.left() + (room - width * items.size()) / 2);
        var slots = new ArrayList<Layout.Slot>(items.size());
        for (int i = 0; i < items.size(); i++) {
            slots.add(slot(items.get(i), new Box(start + i * width, y, width, Metrics.BOTTOM_HEIGHT), measure));
        }
        return new Layout.Bottom(box, slots);
    }

    /** The room for a label in a bottom bar with so many items, in dp; what is wider is cut off. */
    public static double labelRoom(Device device, int items) {
        double room = device.width() - device.safe().left() - device.safe().right();
        return onGrid(room / items) - 2 * Metrics.LABEL_MARGIN;
    }

    /** How the widest label of a bottom bar is set: that of the selected item. */
    public static Type widestLabel() {
        return Metrics.LABEL_SELECTED;
    }

    private static double onGrid(double dp) {
        return Math.floor(dp / Metrics.SLOT_GRID) * Metrics.SLOT_GRID;
    }

    private static Layout.Slot slot(FittedItem item, Box target, TextMeasure measure) {
        boolean hasIcon = item.icon().isPresent();
        var icon =
                new Box(target.centerX() - Metrics.ICON / 2, target.y() + Metrics.ICON_TOP, Metrics.ICON, Metrics.ICON);
        Type type = item.selected() ? Metrics.LABEL_SELECTED : Metrics.LABEL;
        double baseline = hasIcon ? target.y() + Metrics.LABEL_BASELINE : type.baselineAround(target.centerY());
        double most = Math.max(0, target.width() - 2 * Metrics.LABEL_MARGIN);
        // Measured as if it were selected, so that the text stays when the item is chosen.
        boolean fits = measure.width(item.label(), widestLabel()) <= most;
        String shown = fits ? item.label() : item.brief();
        var label = TextLine.of(shown, MIDDLE, target.centerX(), baseline, most, type, measure);
        return new Layout.Slot(item, target, icon, label, item.badge().map(text -> badge(text, icon, target, measure)));
    }

    private static Layout.Badge badge(String text, Box icon, Box target, TextMeasure measure) {
        if (text.isEmpty()) {
            double x = icon.right() - Metrics.DOT / 2 - 2;
            return new Layout.Badge(new Box(x, icon.y() - 2, Metrics.DOT, Metrics.DOT), Optional.empty());
        }
        double room = Math.max(0, target.width() - 2 * Metrics.BADGE_PADDING - 2 * Layout.Badge.RING);
        var line = TextLine.of(text, MIDDLE, 0, 0, room, Metrics.BADGE, measure);
        double width = Math.max(Metrics.BADGE_HEIGHT, line.width() + 2 * Metrics.BADGE_PADDING);
        // A narrow slot draws the badge back over the icon, so that it never reaches into the neighbour.
        double x = Math.min(icon.right() - Metrics.BADGE_OVERLAP, target.right() - Layout.Badge.RING - width);
        var box = new Box(x, icon.y() - 5, width, Metrics.BADGE_HEIGHT);
        return new Layout.Badge(
                box,
                Optional.of(new TextLine(
                        line.text(),
                        MIDDLE,
                        box.centerX(),
                        Metrics.BADGE.baselineAround(box.centerY()),
                        line.width(),
                        Metrics.BADGE)));
    }
}
