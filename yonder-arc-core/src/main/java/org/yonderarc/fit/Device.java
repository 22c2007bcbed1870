package org.yonderarc.fit;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.DevicePreset;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.tree.Decimals;

/**
 * What a plan is shown on.
 *
 * @param id its name on the command line
 * @param width the width in dp, 240 to 4,000
 * @param height the height in dp, 240 to 4,000
 * @param safe the edges that the hardware claims for itself
 * @param textScale how much larger than usual the person wants texts, 0.8 to 3
 * @param pointer what the person points with
 * @param body what pictures draw around it
 */
public record Device(
        String id, double width, double height, Insets safe, double textScale, Visibility.Pointer pointer, Body body) {
    /** The narrowest and lowest window that anything is laid out for, in dp. */
    public static final double SMALLEST = 240;
    /** The widest and highest window that anything is laid out for, in dp. */
    public static final double LARGEST = 4000;

    /** How much of a width or a height insets take where there is too little room for them. */
    private static final double MOST_INSETS = 0.45;

    /** The smallest text scale. */
    public static final double SMALLEST_TEXT = 0.8;
    /** The largest text scale. */
    public static final double LARGEST_TEXT = 3;

    /** A phone of common size. */
    public static final Device PHONE = new Device("phone", 384, 824, new Insets(36, 0, 20, 0));
    /** A phone of small size, with no inset below. */
    public static final Device PHONE_SMALL = new Device("phone-small", 320, 640, new Insets(24, 0, 0, 0));
    /** A phone of large size. */
    public static final Device PHONE_LARGE = new Device("phone-large", 432, 928, new Insets(44, 0, 24, 0));
    /** A phone on its side, with a camera at its leading edge. */
    public static final Device PHONE_WIDE = new Device("phone-wide", 824, 384, new Insets(0, 0, 16, 44));
    /** A phone with wide corners, whose camera and strip claim much of both ends. */
    public static final Device PHONE_ROUND = phone("phone-round", 396, 858, new Insets(56, 0, 32, 0), Body.ROUND);
    /** A phone with narrow corners and keys below its screen's content. */
    public static final Device PHONE_SQUARE = phone("phone-square", 372, 796, new Insets(28, 0, 48, 0), Body.SQUARE);
    /** A phone that folds, closed. */
    public static final Device FOLDABLE_CLOSED =
            phone("foldable-closed", 352, 780, new Insets(32, 0, 20, 0), Body.PLAIN);
    /** A phone that folds, opened. */
    public static final Device FOLDABLE = phone("foldable", 704, 780, new Insets(32, 0, 20, 0), Body.FOLD);
    /** A tablet, upright. */
    public static final Device TABLET = new Device("tablet", 800, 1180, new Insets(28, 0, 20, 0));
    /** A tablet on its side. */
    public static final Device TABLET_WIDE = new Device("tablet-wide", 1180, 800, new Insets(28, 0, 20, 0));
    /** A window on a desktop. */
    public static final Device DESKTOP = new Device("desktop", 1280, 800, Insets.NONE, 1, Visibility.Pointer.FINE);
    /** A large window on a desktop. */
    public static final Device DESKTOP_LARGE =
            new Device("desktop-large", 1680, 1000, Insets.NONE, 1, Visibility.Pointer.FINE);

    /** All presets. */
    public static final List<Device> PRESETS = List.of(
            PHONE,
            PHONE_SMALL,
            PHONE_LARGE,
            PHONE_WIDE,
            PHONE_ROUND,
            PHONE_SQUARE,
            FOLDABLE_CLOSED,
            FOLDABLE,
            TABLET,
            TABLET_WIDE,
            DESKTOP,
            DESKTOP_LARGE);

    /** A touch device with texts of the usual size. */
    public Device(String id, double width, double height, Insets safe) {
        this(id, width, height, safe, 1, Visibility.Pointer.COARSE);
    }

    /** A device with the usual body: a window where people use a mouse. */
    public Device(String id, double width, double height, Insets safe, double textScale, Visibility.Pointer pointer) {
        this(id, width, height, safe, textScale, pointer, DevicePreset.usual(pointer));
    }

    private static Device phone(String id, double width, double height, Insets safe, Body body) {
        return new Device(id, width, height, safe, 1, Visibility.Pointer.COARSE, body);
    }

    public Device {
        Objects.requireNonNull(body, "body");
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(safe, "safe");
        if (!(width >= SMALLEST && width <= LARGEST && height >= SMALLEST && height <= LARGEST)) {
            throw new IllegalArgumentException("a device is " + (int) SMALLEST + " to " + (int) LARGEST
                    + " dp wide and high, not " + Decimals.text(width) + " x " + Decimals.text(height));
        }
        Objects.requireNonNull(pointer, "pointer");
        if (!(textScale >= SMALLEST_TEXT && textScale <= LARGEST_TEXT)) {
            throw new IllegalArgumentException("a text scale is " + Decimals.text(SMALLEST_TEXT) + " to "
                    + Decimals.text(LARGEST_TEXT) + ", not " + Decimals.text(textScale));
        }
        if (safe.left() + safe.right() >= width / 2 || safe.top() + safe.bottom() >= height / 2) {
            throw new IllegalArgumentException("the safe insets leave less than half of the device");
        }
    }

    /** The preset with this name. */
    public static Optional<Device> preset(String id) {
        return PRESETS.stream().filter(device -> device.id.equals(id)).findFirst();
    }

    /**
     * The preset with this name, or a window of a size in dp: {@code phone}, {@code 500x700}.
     *
     * @throws IllegalArgumentException with the reason, if it is neither
     */
    public static Device named(String text) {
        return preset(text).orElseGet(() -> named(text, presetNames()));
    }

    private static Device named(String text, List<String> names) {
        int by = text.indexOf('x');
        boolean isSize = by > 0 && isNumber(text.substring(0, by)) && isNumber(text.substring(by + 1));
        if (isSize) {
            double width = Double.parseDouble(text.substring(0, by));
            double height = Double.parseDouble(text.substring(by + 1));
            return new Device("window", width, height, Insets.NONE);
        }
        throw new IllegalArgumentException("there is no device \"" + text + "\". "
                + Suggestion.sentence(text, names, "Choose " + Suggestion.choice(names) + ", or a size: 800x1180."));
    }

    /** The usual presets and those of a plan, which take the place of usual ones with their names. */
    public static List<Device> presets(Plan plan) {
        var all = new LinkedHashMap<String, Device>();
        PRESETS.forEach(device -> all.put(device.id, device));
        plan.devices()
                .forEach(own -> all.put(
                        own.id(),
                        new Device(
                                own.id(),
                                own.width(),
                                own.height(),
                                new Insets(own.top(), own.right(), own.bottom(), own.left()),
                                1,
                                own.pointer(),
                                own.body())));
        return List.copyOf(all.values());
    }

    /**
     * As {@link #named(String)}, with the devices of a plan.
     *
     * @throws IllegalArgumentException with the reason, if it is neither a preset nor a size
     */
    public static Device named(String text, Plan plan) {
        List<Device> all = presets(plan);
        return all.stream().filter(device -> device.id.equals(text)).findFirst().orElseGet(() -> {
            List<String> names = all.stream().map(Device::id).collect(toList());
            return named(text, names);
        });
    }

    private static boolean isNumber(String text) {
        return !text.isEmpty() && text.length() <= 5 && text.chars().allMatch(c -> c >= '0' && c <= '9');
    }

    /** The names of the presets. */
    public static List<String> presetNames() {
        return PRESETS.stream().map(Device::id).collect(toList());
    }

    /** This device in another size, as when a window is resized; its safe insets leave more than half of that. */
    public Device resized(double newWidth, double newHeight) {
        double across = share(safe.left() + safe.right(), newWidth);
        double down = share(safe.top() + safe.bottom(), newHeight);
        var insets = new Insets(safe.top() * down, safe.right() * across, safe.bottom() * down, safe.left() * across);
        return new Device(id, newWidth, newHeight, insets, textScale, pointer, body);
    }

    /** By how much insets are made smaller for lack of room. */
    private static double share(double insets, double room) {
        return insets < room / 2 ? 1 : MOST_INSETS * room / insets;
    }

    /** This device with texts of another size. */
    public Device withText(double scale) {
        return new Device(id, width, height, safe, scale, pointer, body);
    }

    /** A text scale that was made smaller for lack of room: not smaller than usual, unless the person wants it smaller. */
    public double atLeastUsual(double scale) {
        return Math.max(Math.min(1, textScale), scale);
    }

    /** This device as a person sees it who reads from right to left. */
    public Device mirrored() {
        var other = new Insets(safe.top(), safe.left(), safe.bottom(), safe.right());
        return new Device(id, width, height, other, textScale, pointer, body);
    }
}
