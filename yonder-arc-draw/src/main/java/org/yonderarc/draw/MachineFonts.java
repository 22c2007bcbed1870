package org.yonderarc.draw;

import java.awt.Font;
import java.awt.GraphicsEnvironment;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.layout.Type;

/** The fonts that are installed on the machine, looked at only when a letter is nowhere else. Thread-safe. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class MachineFonts {
    static final MachineFonts INSTANCE = new MachineFonts();

    /** Names of faces that labels aren't set in. */
    private static final List<String> ODD =
            List.of("italic", "oblique", "mono", "condensed", "narrow", "thin", "black", "extra", "serif", "light");

    /** What Java calls its own mixtures of the machine's fonts: they would not say which one sets a letter. */
    private static final Set<String> MIXTURES =
            Set.of(Font.DIALOG, Font.DIALOG_INPUT, Font.SANS_SERIF, Font.SERIF, Font.MONOSPACED);

    private List<Font> fonts;

    private MachineFonts() {}

    /** The plainest font that has a letter, in the weight that is nearest. */
    Optional<Font> font(int codePoint, Type.Weight weight) {
        return all().stream()
                .filter(font -> font.canDisplay(codePoint) && isDrawn(font, codePoint))
                .min(Comparator.comparingInt((Font font) -> oddness(font, weight))
                        .thenComparing(font -> font.getFontName(Locale.ROOT)));
    }

    private static int oddness(Font font, Type.Weight weight) {
        String name = font.getFontName(Locale.ROOT).toLowerCase(Locale.ROOT);
        int odd = (int) ODD.stream().filter(name::contains).count() * 2;
        boolean isBold = name.contains("bold");
        return odd + (isBold == (weight == Type.Weight.SEMIBOLD) ? 0 : 1);
    }

    /** A font of coloured pictures has the letter, but no outline of it. */
    private static boolean isDrawn(Font font, int codePoint) {
        Rectangle2D bounds = font.deriveFont(100f)
                .createGlyphVector(InterFont.EXACT, Character.toString(codePoint))
                .getVisualBounds();
        return !bounds.isEmpty() || Character.isWhitespace(codePoint);
    }

    private synchronized List<Font> all() {
        if (fonts == null) {
            fonts = found();
        }
        return fonts;
    }

    private static List<Font> found() {
        try {
            return Arrays.stream(
                            GraphicsEnvironment.getLocalGraphicsEnvironment().getAllFonts())
                    .filter(font -> !MIXTURES.contains(font.getFamily(Locale.ROOT)))
                    .toList();
        } catch (RuntimeException | InternalError | LinkageError nothingInstalled) {
            // Where no font at all is installed, the platform fails instead of giving an empty list.
            return List.of();
        }
    }
}
