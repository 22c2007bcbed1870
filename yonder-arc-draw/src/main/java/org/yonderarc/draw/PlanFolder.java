package org.yonderarc.draw;

import java.io.IOException;
import java.util.Optional;
import org.yonderarc.check.FileLook;

/** What the check sees when it looks into the files of a plan's folder: its pictures and its fonts. */
public final class PlanFolder implements FileLook {
    private final Pictures pictures;
    private final Fonts fonts;

    /** A look into these pictures and fonts. */
    public PlanFolder(Pictures pictures, Fonts fonts) {
        this.pictures = pictures;
        this.fonts = fonts;
    }

    @Override
    public Optional<String> trouble(String path) {
        return pictures.trouble(path).or(() -> fonts.trouble(path));
    }

    @Override
    public String lacking(String font, String text) {
        return fonts.read(font).map(bytes -> lacking(bytes, text)).orElse("");
    }

    private static String lacking(byte[] bytes, String text) {
        try {
            var found = FontFile.of(bytes).font();
            return text.codePoints()
                    .filter(c -> !Character.isWhitespace(c) && Character.getType(c) != Character.FORMAT)
                    .distinct()
                    .filter(c -> !found.canDisplay(c))
                    .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    .toString();
        } catch (IOException unusable) {
            return "";
        }
    }
}
