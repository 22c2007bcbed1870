package org.yonderarc.android;

import android.annotation.TargetApi;
import android.content.Context;
import android.graphics.Paint;
import android.graphics.Rect;
import android.graphics.Typeface;
import android.graphics.fonts.Font;
import android.graphics.fonts.FontFamily;
import android.graphics.fonts.FontStyle;
import android.os.Build;
import java.io.File;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.yonderarc.fonts.BundledFonts;
import org.yonderarc.layout.Type;

/** The typefaces that texts are set in; letters that they lack come from the system's own. Thread-safe. */
public final class AppFonts {
    /** The size at which capitals are measured. */
    private static final int REFERENCE = 1000;
    /** Baselines are moved by so much of the em at most. */
    private static final double MOST_LIFT = 0.15;

    private final Typeface regular;
    private final Typeface semibold;
    private final @Nullable String features;
    private final double lift;

    private AppFonts(Typeface regular, Typeface semibold, @Nullable String features) {
        this.regular = Objects.requireNonNull(regular, "regular");
        this.semibold = Objects.requireNonNull(semibold, "semibold");
        this.features = features;
        var paint = new Paint();
        paint.setTypeface(regular);
        paint.setTextSize(REFERENCE);
        var bounds = new Rect();
        paint.getTextBounds("H", 0, 1, bounds);
        double capitals = bounds.height() / (double) REFERENCE;
        lift = Math.max(-MOST_LIFT, Math.min(MOST_LIFT, (capitals - Type.CAP_HEIGHT) / 2));
    }

    /** The system's own typeface. */
    public static AppFonts system() {
        Typeface regular = Typeface.create("sans-serif", Typeface.NORMAL);
        Typeface semibold = Build.VERSION.SDK_INT >= 28
                ? Typeface.create(regular, Type.Weight.SEMIBOLD.css(), false)
                : Typeface.create("sans-serif-medium", Typeface.NORMAL);
        return new AppFonts(regular, semibold, null);
    }

    /** An app's own typefaces. */
    public static AppFonts of(Typeface regular, Typeface semibold) {
        return new AppFonts(regular, semibold, null);
    }

    /**
     * The typeface in which pictures and pages of a plan are set. It comes with {@code yonder-arc-fonts}, which an app adds for it.
     *
     * @throws UncheckedIOException if the app's cache can't be written
     */
    public static AppFonts bundled(Context context) {
        // As pages have it: without the shapes that letters take beside others.
        return new AppFonts(bundled(context, Type.Weight.REGULAR), bundled(context, Type.Weight.SEMIBOLD), "'calt' 0");
    }

    private static Typeface bundled(Context context, Type.Weight weight) {
        File first = kept(context, BundledFonts.name(weight) + ".otf", () -> BundledFonts.open(weight));
        if (Build.VERSION.SDK_INT < 29) {
            return new Typeface.Builder(first).setWeight(weight.css()).build();
        }
        File second = kept(context, "fallback-" + weight.css() + ".ttf", () -> BundledFonts.openFallback(weight));
        return Chain.of(first, second, weight.css());
    }

    /** In a class of its own, since older systems don't know what it is made of. */
    @TargetApi(29)
    private static final class Chain {
        private Chain() {}

        /** A typeface of two files: the second has the letters that the first lacks. */
        static Typeface of(File first, File second, int weight) {
            try {
                return new Typeface.CustomFallbackBuilder(family(first, weight))
                        .addCustomFallback(family(second, weight))
                        .setStyle(new FontStyle(weight, FontStyle.FONT_SLANT_UPRIGHT))
                        .build();
            } catch (IOException failed) {
                throw new UncheckedIOException("the bundled font can't be read from " + first, failed);
            }
        }

        private static FontFamily family(File file, int weight) throws IOException {
            Font font = new Font.Builder(file).setWeight(weight).build();
            return new FontFamily.Builder(font).build();
        }
    }

    /** A font as a file: older systems make a typeface of nothing else. */
    private static File kept(Context context, String name, Supplier<InputStream> font) {
        File file = new File(context.getCacheDir(), name);
        try (InputStream in = font.get()) {
            byte[] bytes = bytes(in);
            if (file.length() != bytes.length) {
                write(file, bytes);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled font can't be kept in " + file, failed);
        }
        return file;
    }

    private static byte[] bytes(InputStream in) throws IOException {
        var out = new java.io.ByteArrayOutputStream();
        var buffer = new byte[1 << 16];
        for (int count = in.read(buffer); count >= 0; count = in.read(buffer)) {
            out.write(buffer, 0, count);
        }
        return out.toByteArray();
    }

    private static void write(File file, byte[] bytes) throws IOException {
        File beside = File.createTempFile("font", null, file.getParentFile());
        try (OutputStream out = new FileOutputStream(beside)) {
            out.write(bytes);
        }
        if (!beside.renameTo(file)) {
            throw new IOException("it can't be renamed");
        }
    }

    /** Sets what a text of a type is painted with, its size in units of the canvas for each dp. */
    void apply(Paint paint, Type type) {
        paint.setTypeface(type.weight() == Type.Weight.SEMIBOLD ? semibold : regular);
        paint.setFontFeatureSettings(features);
        paint.setTextSize((float) type.size());
    }

    /** By how much of the em baselines are lower than in the bundled font, so that capitals stand centred. */
    double lift() {
        return lift;
    }

    /** A paint for texts, without hints for a certain size, so that widths grow evenly. */
    static Paint paint() {
        var paint = new Paint(Paint.ANTI_ALIAS_FLAG | Paint.SUBPIXEL_TEXT_FLAG | Paint.LINEAR_TEXT_FLAG);
        paint.setHinting(Paint.HINTING_OFF);
        return paint;
    }
}
