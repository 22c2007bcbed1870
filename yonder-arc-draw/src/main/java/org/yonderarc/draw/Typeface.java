package org.yonderarc.draw;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.text.AttributedString;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.FontFiles;
import org.yonderarc.plan.Plan;

/**
 * What texts are set in: a plan's own font if it has one, then the bundled fonts, and for letters that all of those lack the
 * fonts of the machine, which {@link #notes()} tells of. Thread-safe.
 */
public final class Typeface {
    /** Baselines are moved by so much of the em at most: farther away, it isn't capitals that the font has at "H". */
    private static final double MOST_LIFT = 0.15;

    private final InterFont bundled;
    private final Map<Type.Weight, FontFile> own;
    private final Map<Type.Weight, List<Font>> chains = new EnumMap<>(Type.Weight.class);
    private final double lift;
    private final Substitutes substitutes = new Substitutes();

    private Typeface(InterFont bundled, Map<Type.Weight, FontFile> own) {
        this.bundled = bundled;
        this.own = own;
        FontFile regular = own.get(Type.Weight.REGULAR);
        double most = regular == null ? 0 : (regular.capHeight() - Type.CAP_HEIGHT) / 2;
        lift = Math.max(-MOST_LIFT, Math.min(MOST_LIFT, most));
        for (Type.Weight weight : Type.Weight.values()) {
            var chain = new ArrayList<Font>();
            Optional.ofNullable(own.get(weight)).map(FontFile::font).ifPresent(chain::add);
            chain.addAll(bundled.fonts(weight));
            chains.put(weight, List.copyOf(chain));
        }
    }

    /** The bundled fonts. */
    public static Typeface bundled() {
        return new Typeface(new InterFont(), Map.of());
    }

    /** The font of a plan, over the bundled ones; a file that can't be used counts as none. */
    public static Typeface of(Plan plan, Fonts fonts) {
        return new Typeface(
                new InterFont(),
                plan.theme().font().map(font -> read(font, fonts)).orElse(Map.of()));
    }

    private static Map<Type.Weight, FontFile> read(FontFiles files, Fonts fonts) {
        Optional<FontFile> regular = read(files.regular(), fonts);
        Optional<FontFile> semibold = files.semibold().flatMap(file -> read(file, fonts));
        var own = new EnumMap<Type.Weight, FontFile>(Type.Weight.class);
        regular.ifPresent(font -> own.put(Type.Weight.REGULAR, font));
        semibold.or(() -> regular).ifPresent(font -> own.put(Type.Weight.SEMIBOLD, font));
        return own;
    }

    private static Optional<FontFile> read(String file, Fonts fonts) {
        return fonts.read(file).flatMap(bytes -> {
            try {
                return Optional.of(FontFile.of(bytes));
            } catch (IOException unusable) {
                return Optional.empty();
            }
        });
    }

    /** The exact measure of texts that are set in it. */
    public FontMeasure measure() {
        return new FontMeasure(this);
    }

    /** The bundled font, which stands behind a plan's own. */
    public InterFont behind() {
        return bundled;
    }

    /** The font files of the plan's own, by weight. */
    Map<Type.Weight, FontFile> own() {
        return own;
    }

    /** By how much of the em baselines are lower than in the bundled font, so that capitals stand centred. */
    double lift() {
        return lift;
    }

    /** The font in which texts of a type are set, in dp. */
    Font font(Type type) {
        return Objects.requireNonNull(chains.get(type.weight())).get(0).deriveFont((float) type.size());
    }

    /** What people should know of the letters that neither the plan's font nor the bundled ones have, in sentences. */
    public List<String> notes() {
        return substitutes.notes();
    }

    /** The outline of a text on one line, kerned, its left end at {@code x}. */
    Shape outline(String text, Type type, double x, double baseline) {
        double y = baseline + lift * type.size();
        return isPlain(text, type)
                ? glyphs(text, type).getOutline((float) x, (float) y)
                : mixed(text, type).getOutline(AffineTransform.getTranslateInstance(x, y));
    }

    /** The advance width of a text on one line. */
    double width(String text, Type type) {
        if (!isPlain(text, type)) {
            return mixed(text, type).getAdvance();
        }
        GlyphVector glyphs = glyphs(text, type);
        return glyphs.getGlyphPosition(glyphs.getNumGlyphs()).getX();
    }

    /** Whether one font has it all, and it runs from the left. */
    private boolean isPlain(String text, Type type) {
        return Objects.requireNonNull(chains.get(type.weight())).get(0).canDisplayUpTo(text) < 0
                && !Bidi.requiresBidi(text.toCharArray(), 0, text.length());
    }

    private GlyphVector glyphs(String text, Type type) {
        char[] chars = text.toCharArray();
        Font font = font(type);
        GlyphVector laid = font.layoutGlyphVector(InterFont.EXACT, chars, 0, chars.length, Font.LAYOUT_LEFT_TO_RIGHT);
        // Marks are joined to their letters in a page too.
        boolean isWhole = own.containsKey(type.weight()) || text.codePoints().anyMatch(Typeface::joins);
        return isWhole ? laid : plain(laid, font.createGlyphVector(InterFont.EXACT, text));
    }

    /**
     * The bundled font without the shapes that glyphs take beside others (its feature "calt"): what a page has of it is without them, and
     * pictures show what the page shows.
     */
    private static GlyphVector plain(GlyphVector laid, GlyphVector plain) {
        int count = plain.getNumGlyphs();
        boolean fits = laid.getNumGlyphs() == count;
        int[] glyphs = plain.getGlyphCodes(0, count, null);
        int[] beside = laid.getGlyphCodes(0, laid.getNumGlyphs(), null);
        if (Arrays.equals(glyphs, beside)) {
            return laid;
        }
        double x = 0;
        for (int i = 0; i < count; i++) {
            boolean stays = fits && glyphs[i] == beside[i];
            double advance = stays
                    ? laid.getGlyphPosition(i + 1).getX()
                            - laid.getGlyphPosition(i).getX()
                    : plain.getGlyphMetrics(i).getAdvanceX();
            plain.setGlyphPosition(i, new Point2D.Double(x, 0));
            x += advance;
        }
        plain.setGlyphPosition(count, new Point2D.Double(x, 0));
        return plain;
    }

    /** A text of several fonts, joined and ordered as Unicode says. */
    private TextLayout mixed(String text, Type type) {
        var attributed = new AttributedString(text);
        int start = 0;
        while (start < text.length()) {
            Font font = font(text, start, type.weight());
            int end = end(text, start);
            while (end < text.length() && font(text, end, type.weight()) == font) {
                end = end(text, end);
            }
            attributed.addAttribute(TextAttribute.FONT, font.deriveFont((float) type.size()), start, end);
            start = end;
        }
        return new TextLayout(attributed.getIterator(), InterFont.EXACT);
    }

    /** Where a letter with all that joins it ends. */
    private static int end(String text, int start) {
        int end = start + Character.charCount(text.codePointAt(start));
        while (end < text.length() && joins(text.codePointAt(end))) {
            end += Character.charCount(text.codePointAt(end));
        }
        return end;
    }

    private static boolean joins(int c) {
        return switch (Character.getType(c)) {
            case Character.NON_SPACING_MARK, Character.COMBINING_SPACING_MARK, Character.ENCLOSING_MARK -> true;
            default -> isUnseen(c);
        };
    }

    /** Signs that steer a text and have no shape, so that no font has to have them. */
    private static boolean isUnseen(int c) {
        return Character.getType(c) == Character.FORMAT || Character.isISOControl(c);
    }

    /** The first font that has a letter with all its marks: one of another font would stand beside it. */
    private Font font(String text, int start, Type.Weight weight) {
        List<Font> chain = Objects.requireNonNull(chains.get(weight));
        String whole = text.substring(start, end(text, start));
        int letter = whole.codePointAt(0);
        return has(chain, whole)
                .or(() -> has(chain, Character.toString(letter)))
                .or(() -> substitutes.font(letter, weight))
                .orElse(chain.get(0));
    }

    private static Optional<Font> has(List<Font> chain, String letter) {
        return chain.stream()
                .filter(font -> letter.codePoints().allMatch(c -> isUnseen(c) || font.canDisplay(c)))
                .findFirst();
    }
}
