package org.yonderarc.android;

import android.graphics.Paint;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;

/** Measures texts as the system sets them. Thread-safe. */
final class PaintMeasure implements TextMeasure {
    /** Texts are measured at this size and scaled: advances are linear, and the cache serves every size. */
    private static final int REFERENCE = 1024;
    /** Enough for every text of a large plan; when full, the cache starts again. */
    private static final int MOST = 20_000;

    private record Key(String text, Type.Weight weight) {}

    private final AppFonts fonts;
    private final Paint paint = AppFonts.paint();
    private final Map<Key, Double> ems = new HashMap<>();

    PaintMeasure(AppFonts fonts) {
        this.fonts = fonts;
    }

    /** Sets the language, which decides how some letters look. */
    synchronized void in(Locale language) {
        if (!language.equals(paint.getTextLocale())) {
            paint.setTextLocale(language);
            ems.clear();
        }
    }

    @Override
    public synchronized double width(String text, Type type) {
        if (text.isEmpty()) {
            return 0;
        }
        if (ems.size() >= MOST) {
            ems.clear();
        }
        double em = ems.computeIfAbsent(new Key(text, type.weight()), key -> {
            fonts.apply(paint, new Type(REFERENCE, type.weight()));
            return (double) paint.measureText(text) / REFERENCE;
        });
        return em * type.size();
    }
}
