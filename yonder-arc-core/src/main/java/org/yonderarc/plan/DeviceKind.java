package org.yonderarc.plan;

import java.util.List;
import org.yonderarc.tree.Decimals;

/**
 * A kind of device, told by the width of its window.
 *
 * @param id its id: {@code phone}
 * @param from the narrowest window of this kind in dp, inclusive; the kind reaches up to the next wider one
 */
public record DeviceKind(String id, double from) implements Identified {
    /** The kinds of a plan that defines none: phones, tablets from 600 dp and desktops from 1,024 dp. */
    public static final Catalog<DeviceKind> DEFAULTS = Catalog.of(
            List.of(new DeviceKind("phone", 0), new DeviceKind("tablet", 600), new DeviceKind("desktop", 1024)));

    public DeviceKind {
        Ids.require(id, "device kind");
        if (!(from >= 0 && from <= 4000)) {
            throw new IllegalArgumentException("a device kind starts at 0 to 4000 dp, not " + Decimals.text(from));
        }
    }

    /** The id of the kind of a window this wide: the one that starts last at or below it. */
    public static String at(Catalog<DeviceKind> kinds, double width) {
        DeviceKind best = null;
        for (DeviceKind kind : kinds) {
            boolean fits = kind.from <= width && (best == null || kind.from >= best.from);
            best = fits ? kind : best;
        }
        return best == null ? kinds.list().get(0).id() : best.id;
    }

    /** The width in dp at which the next kind starts, exclusive; the largest number for the widest kind. */
    public double end(Catalog<DeviceKind> kinds) {
        double end = Double.MAX_VALUE;
        for (DeviceKind kind : kinds) {
            end = kind.from > from ? Math.min(end, kind.from) : end;
        }
        return end;
    }
}
