package org.yonderarc.fit;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What a plan is shown on.
 *
 * @param id its name on the command line
 * @param width the width in dp, 240 to 4,000
 * @param height the height in dp, 240 to 4,000
 * @param safe the edges that the hardware claims for itself
 */
public record Device(String id, double width, double height, Insets safe) {
    /** The narrowest and lowest window that anything is laid out for, in dp. */
    public static final double SMALLEST = 240;
    /** The widest and highest window that anything is laid out for, in dp. */
    public static final double LARGEST = 4000;

    /** A phone of common size. */
    public static final Device PHONE = new Device("phone", 384, 824, new Insets(36, 0, 20, 0));
    /** A phone of small size, with no inset below. */
    public static final Device PHONE_SMALL = new Device("phone-small", 320, 640, new Insets(24, 0, 0, 0));
    /** A phone of large size. */
    public static final Device PHONE_LARGE = new Device("phone-large", 432, 928, new Insets(44, 0, 24, 0));

    /** All presets. */
    public static final List<Device> PRESETS = List.of(PHONE, PHONE_SMALL, PHONE_LARGE);

    public Device {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(safe, "safe");
        if (!(width >= SMALLEST && width <= LARGEST && height >= SMALLEST && height <= LARGEST)) {
            throw new IllegalArgumentException("a device is " + (int) SMALLEST + " to " + (int) LARGEST
                    + " dp wide and high, not " + width + " x " + height);
        }
        if (safe.left() + safe.right() >= width / 2 || safe.top() + safe.bottom() >= height / 2) {
            throw new IllegalArgumentException("the safe insets leave less than half of the device");
        }
    }

    /** The preset with this name. */
    public static Optional<Device> preset(String id) {
        return PRESETS.stream().filter(device -> device.id.equals(id)).findFirst();
    }

    /** The names of the presets. */
    public static List<String> presetNames() {
        return PRESETS.stream().map(Device::id).toList();
    }

    /** This device in another size, as when a window is resized. */
    public Device resized(double newWidth, double newHeight) {
        return new Device(id, newWidth, newHeight, safe);
    }
}
