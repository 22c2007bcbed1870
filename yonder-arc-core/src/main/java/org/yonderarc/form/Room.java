package org.yonderarc.form;

import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextMeasure;

/**
 * What bars and content are laid out in, for a person who reads from left to right.
 *
 * @param device the device
 * @param from the trailing edge of what stands at the leading edge in dp; 0 for nothing
 * @param to the leading edge of what stands at the trailing edge in dp; the device's width for nothing
 * @param upper where the content starts in dp from the top
 * @param lower where the content ends in dp from the top
 * @param clear where what lies above the content ends in dp from the top: before floating bars, too
 * @param widest how wide the screen's sample content is at most in dp; 0 where it has none
 * @param appName the app's name, for logos
 * @param measure how wide texts are
 */
public record Room(
        Device device,
        double from,
        double to,
        double upper,
        double lower,
        double clear,
        double widest,
        String appName,
        TextMeasure measure) {
    /** All of a device, for content that is at most so wide in dp. */
    public static Room of(Device device, double widest, String appName, TextMeasure measure) {
        return new Room(
                device,
                0,
                device.width(),
                device.safe().top(),
                device.height(),
                device.height() - device.safe().bottom(),
                widest,
                appName,
                measure);
    }

    /** The content below what stands at its head, so many dp high. */
    public Room from(double head) {
        return head == 0 ? this : below(upper + head);
    }

    /** What is left before a bar at the trailing edge. */
    Room before(double edge) {
        return new Room(device, from, edge, upper, lower, clear, widest, appName, measure);
    }

    /** What is left behind a bar at the leading edge. */
    Room behind(double edge) {
        return new Room(device, edge, to, upper, lower, clear, widest, appName, measure);
    }

    /** What is left below a bar. */
    Room below(double edge) {
        return new Room(device, from, to, edge, lower, clear, widest, appName, measure);
    }

    /** What is left above a bar. */
    Room above(double edge) {
        return new Room(device, from, to, upper, edge, Math.min(clear, edge), widest, appName, measure);
    }

    /** What is left above a floating bar, below which the content goes on. */
    Room clearOf(double edge) {
        return new Room(device, from, to, upper, lower, Math.min(clear, edge), widest, appName, measure);
    }

    /** What no bar and no hardware claims. */
    Box free() {
        Box content = content();
        return new Box(content.x(), content.y(), content.width(), Math.max(0, clear - content.y()));
    }

    /** Where the content stands. */
    public Box content() {
        return new Box(left(), upper, Math.max(0, right() - left()), Math.max(0, lower - upper));
    }

    /** Where what stands in it may start: behind what stands at the leading edge, or clear of the hardware. */
    double left() {
        return from > 0 ? from : device.safe().left();
    }

    /** Where what stands in it ends: before what stands at the trailing edge, or clear of the hardware. */
    double right() {
        return to < device.width() ? to : device.width() - device.safe().right();
    }
}
