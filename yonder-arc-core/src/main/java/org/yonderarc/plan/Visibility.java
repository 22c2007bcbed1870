package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Where a bar or an item shows. All that is said must be fulfilled.
 *
 * @param showOn the device kinds it shows on; empty for all
 * @param hideOn the device kinds it doesn't show on
 * @param minWindowWidth the narrowest window in dp, inclusive
 * @param maxWindowWidth the widest window in dp, exclusive
 * @param orientation the orientation it shows in
 * @param pointer the pointer it shows for
 */
public record Visibility(
        List<String> showOn,
        List<String> hideOn,
        Optional<Double> minWindowWidth,
        Optional<Double> maxWindowWidth,
        Optional<Orientation> orientation,
        Optional<Pointer> pointer) {
    /** Shows everywhere. */
    public static final Visibility EVERYWHERE = new Visibility(
            List.of(), List.of(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** How a window is held; a square counts as portrait. */
    public enum Orientation {
        /** Not wider than high. */
        PORTRAIT,
        /** Wider than high. */
        LANDSCAPE
    }

    /** What people point with. */
    public enum Pointer {
        /** A finger. */
        COARSE,
        /** A mouse or a pen. */
        FINE
    }

    public Visibility {
        showOn = List.copyOf(showOn);
        hideOn = List.copyOf(hideOn);
        Objects.requireNonNull(minWindowWidth, "minWindowWidth");
        Objects.requireNonNull(maxWindowWidth, "maxWindowWidth");
        Objects.requireNonNull(orientation, "orientation");
        Objects.requireNonNull(pointer, "pointer");
    }

    /** Whether it shows on a device of this kind, in a window of this size in dp, for this pointer. */
    public boolean shows(String kind, double width, double height, Pointer with) {
        Orientation held = width > height ? Orientation.LANDSCAPE : Orientation.PORTRAIT;
        return names(kind)
                && width >= minWindowWidth.orElse(0.0)
                && width < maxWindowWidth.orElse(Double.MAX_VALUE)
                && orientation.orElse(held) == held
                && pointer.orElse(with) == with;
    }

    /** Whether it shows in some window of a kind of devices, which reaches from its start up to {@code end} dp, exclusive. */
    public boolean mayShow(DeviceKind kind, double end) {
        return meets(EVERYWHERE, kind, end);
    }

    /** Whether this and another visibility show in some window of a kind of devices together. */
    public boolean meets(Visibility other, DeviceKind kind, double end) {
        double least = Math.max(kind.from(), Math.max(minWindowWidth.orElse(0.0), other.minWindowWidth.orElse(0.0)));
        double most = Math.min(
                end, Math.min(maxWindowWidth.orElse(Double.MAX_VALUE), other.maxWindowWidth.orElse(Double.MAX_VALUE)));
        return least < most
                && names(kind.id())
                && other.names(kind.id())
                && agree(orientation, other.orientation)
                && agree(pointer, other.pointer);
    }

    private boolean names(String kind) {
        return (showOn.isEmpty() || showOn.contains(kind)) && !hideOn.contains(kind);
    }

    private static boolean agree(Optional<?> one, Optional<?> other) {
        return one.isEmpty() || other.isEmpty() || one.equals(other);
    }
}
