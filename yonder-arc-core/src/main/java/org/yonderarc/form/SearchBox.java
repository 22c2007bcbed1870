package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;

import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Role;

/** An item that stands as a search field: whoever touches it is led to where one searches. */
final class SearchBox {
    /** The height of the line that it stands on. */
    static final double LINE = 56;
    /** A wider field looks lost. */
    private static final double WIDEST = 640;

    private static final double ICON = 20;
    private static final double PADDING = 14;
    /** From the target to the field that is seen, above and below. */
    private static final double WITHIN = 2;

    private SearchBox() {}

    /** Whether an item is the one that stands as a search field. */
    static boolean is(FittedItem item, Optional<String> search) {
        return search.equals(Optional.of(item.id()));
    }

    /**
     * Where a field and what stands in it are.
     *
     * @param target where it can be touched
     * @param plate what lies behind it
     * @param icon its icon; of no size where it has none
     * @param text what it says
     */
    private record Frame(Box target, Layout.Plate plate, Box icon, TextLine text) {}

    /** In the middle of a line, {@code inset} dp from both ends. */
    private static Frame frame(Box line, double inset, boolean hasIcon, String text, ItemLayout cells) {
        double width = Math.min(WIDEST, line.width() - 2 * inset);
        Box target = Box.around(line.centerX(), line.centerY(), width, Metrics.TARGET);
        double size = hasIcon ? ICON : 0;
        Box icon = Box.around(target.x() + PADDING + size / 2, target.centerY(), size, size);
        double x = target.x() + PADDING + (hasIcon ? size + 10 : 0);
        Type type = Type.regular(15 * Math.min(cells.textScale(), 1.6));
        double baseline = crisp(type.baselineAround(target.centerY()));
        double room = Math.max(0, target.right() - PADDING - x);
        TextLine said = TextLine.of(text, TextLine.Anchor.START, x, baseline, room, type, cells.measure());
        Box field = new Box(target.x(), target.y() + WITHIN, target.width(), target.height() - 2 * WITHIN);
        var plate = new Layout.Plate(field, field.height() / 2, Role.QUIET, Optional.of(Role.MUTED), false);
        return new Frame(target, plate, icon, said);
    }

    /** A field into which people type. */
    static Layout.Field typed(FittedBar.Filter filter, Box line, double inset, ItemLayout cells) {
        String text = filter.text().isEmpty() ? filter.label() : filter.text();
        Frame frame = frame(line, inset, true, text, cells);
        return new Layout.Field(frame.target, frame.plate, frame.icon, frame.text, filter);
    }

    /** A field that leads to where one searches. */
    static Layout.Slot of(FittedItem item, Box line, double inset, ItemLayout cells) {
        Frame frame = frame(line, inset, item.icon().isPresent(), item.brief(), cells);
        var body = new Layout.Body(frame.icon, List.of(frame.text), List.of(), Optional.empty(), Optional.empty());
        return cells.placed(item.unselected(), frame.target, body, frame.plate.radius())
                .filling(frame.plate.box())
                .on(frame.plate);
    }
}
