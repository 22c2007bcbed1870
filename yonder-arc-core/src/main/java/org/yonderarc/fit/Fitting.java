package org.yonderarc.fit;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Wireframe;

/**
 * A plan fitted to one device and one state: what is shown, before anything has a size.
 *
 * @param device the device
 * @param appName the app's name
 * @param place where the person is
 * @param address the place's address
 * @param title the place's title, its holes filled
 * @param top the top bar
 * @param bottom the bottom bar
 * @param rows the addresses that the rows of the content lead to, by row; a row that leads nowhere has none
 * @param content the screen's content
 */
public record Fitting(
        Device device,
        String appName,
        Place place,
        String address,
        String title,
        Optional<TopBar> top,
        Optional<BottomBar> bottom,
        List<Optional<String>> rows,
        Wireframe content) {
    public Fitting {
        rows = List.copyOf(rows);
    }

    /**
     * A top bar as it is shown.
     *
     * @param title the title
     * @param back what the back button says to a screen reader; no value where there is no way back
     */
    public record TopBar(String title, Optional<String> back) {}

    /**
     * A bottom bar as it is shown.
     *
     * @param menu the id of its menu, its name for a screen reader
     * @param items its items in order
     */
    public record BottomBar(String menu, List<FittedItem> items) {
        public BottomBar {
            items = List.copyOf(items);
        }
    }
}
