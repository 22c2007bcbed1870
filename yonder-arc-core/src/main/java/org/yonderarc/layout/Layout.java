package org.yonderarc.layout;

import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedItem;

/**
 * The boxes of a fitting.
 *
 * @param screen the whole device
 * @param content where the screen's content stands
 * @param top the top bar
 * @param bottom the bottom bar
 */
public record Layout(Box screen, Box content, Optional<Top> top, Optional<Bottom> bottom) {
    /**
     * The boxes of a top bar.
     *
     * @param bar the whole bar, from the device's upper edge
     * @param title the title, centred on the bar whatever stands beside it
     * @param back the touch target of the back button
     */
    public record Top(Box bar, TextLine title, Optional<Button> back) {}

    /**
     * A button.
     *
     * @param target where it can be touched, at least 48 dp each way
     * @param icon its icon
     * @param name what it says to a screen reader
     */
    public record Button(Box target, Box icon, String name) {}

    /**
     * The boxes of a bottom bar.
     *
     * @param bar the whole bar, down to the device's lower edge
     * @param slots one for each item; all of one width to the last bit, side by side without a gap
     */
    public record Bottom(Box bar, List<Slot> slots) {
        public Bottom {
            slots = List.copyOf(slots);
        }
    }

    /**
     * The boxes of an item.
     *
     * @param item the item
     * @param target where it can be touched, at least 48 dp high
     * @param icon its icon
     * @param label its label
     * @param badge its badge
     */
    public record Slot(FittedItem item, Box target, Box icon, TextLine label, Optional<Badge> badge) {}

    /**
     * A badge: a dot where there is no text.
     *
     * @param box its outline, round at both ends
     * @param text what it says
     */
    public record Badge(Box box, Optional<TextLine> text) {
        /** The width in dp of the ring in the bar's colour that keeps a badge off what lies below. */
        public static final double RING = 2;
    }
}
