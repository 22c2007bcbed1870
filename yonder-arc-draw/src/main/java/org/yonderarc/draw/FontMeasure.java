package org.yonderarc.draw;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;

/** Measures texts exactly as a typeface sets them, kerning included. Thread-safe. */
public final class FontMeasure implements TextMeasure {
    /** Texts are measured at this size and scaled: advances are linear, and the cache serves every size. */
    private static final double REFERENCE = 1024;
    /** Enough for every text of a large plan; when full, the cache starts again. */
    private static final int MOST = 20_000;

    private record Key(String text, Type.Weight weight) {}

    private final Typeface face;
    private final Map<Key, Double> ems = new ConcurrentHashMap<>();

    /** A measure for {@code face}. */
    public FontMeasure(Typeface face) {
        this.face = face;
    }

    @Override
    public double width(String text, Type type) {
        if (text.isEmpty()) {
            return 0;
        }
        var key = new Key(text, type.weight());
        Double known = ems.get(key);
        if (known == null) {
            if (ems.size() >= MOST) {
                ems.clear();
            }
            known = face.width(text, new Type(REFERENCE, type.weight())) / REFERENCE;
            ems.put(key, known);
        }
        return known * type.size();
    }
}
