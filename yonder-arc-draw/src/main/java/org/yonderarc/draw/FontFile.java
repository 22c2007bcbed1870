package org.yonderarc.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.TextAttribute;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import org.yonderarc.layout.Type;

/**
 * A font file from outside, looked at before it is used (OpenType 1.9).
 *
 * @param bytes the file
 * @param font it, kerned and with its ligatures, as browsers set it
 * @param doubt what its author should know though it can be used
 */
record FontFile(byte[] bytes, Font font, Optional<String> doubt) {
    private static final int TRUE_TYPE = 0x00010000;
    private static final int OPEN_TYPE = 0x4F54544F;
    private static final int COLLECTION = 0x74746366;
    private static final int WOFF = 0x774F4646;
    private static final int WOFF_2 = 0x774F4632;

    /** Where the OS/2 table says who may embed the font, and in which of its bits. */
    private static final int EMBEDDING = 8;

    private static final int EMBEDDING_BITS = 0xF;
    /** "Restricted License embedding" (OpenType 1.9, chapter OS/2, fsType). */
    private static final int RESTRICTED = 2;

    private static final float SIZE = 1000;
    /** Enough to see whether outlines can be read. */
    private static final String SAMPLE = "Handglove 07";

    /**
     * The font in a file.
     *
     * @throws IOException with the reason in the words of a message, if it is none that can be used
     */
    static FontFile of(byte[] bytes) throws IOException {
        int signature = bytes.length < 12 ? 0 : ByteBuffer.wrap(bytes).getInt();
        String other =
                switch (signature) {
                    case TRUE_TYPE, OPEN_TYPE -> "";
                    case COLLECTION -> "it is a collection of several fonts";
                    case WOFF -> "it is packed as WOFF, for browsers alone";
                    case WOFF_2 -> "it is packed as WOFF2, for browsers alone";
                    default -> "it is not a font";
                };
        if (!other.isEmpty()) {
            throw new IOException(other);
        }
        try {
            SortedMap<String, byte[]> tables = Sfnt.tables(bytes);
            Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes))
                    .deriveFont(Map.of(
                            TextAttribute.KERNING, TextAttribute.KERNING_ON,
                            TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
            font.deriveFont(SIZE).createGlyphVector(InterFont.EXACT, SAMPLE).getOutline();
            return new FontFile(bytes, font, doubt(tables));
        } catch (FontFormatException | RuntimeException broken) {
            throw new IOException("it is a broken font", broken);
        }
    }

    private static Optional<String> doubt(SortedMap<String, byte[]> tables) {
        byte[] os2 = tables.getOrDefault("OS/2", new byte[EMBEDDING + 2]);
        if ((ByteBuffer.wrap(os2).getShort(EMBEDDING) & EMBEDDING_BITS) == RESTRICTED) {
            return Optional.of("its makers let nobody embed it, as pages do");
        }
        return tables.containsKey("fvar")
                ? Optional.of("it is a variable font, of which only the usual weight is drawn")
                : Optional.empty();
    }

    /** The height of a capital as a share of the em. */
    double capHeight() {
        return font.canDisplay('H')
                ? font.deriveFont(SIZE)
                                .createGlyphVector(InterFont.EXACT, "H")
                                .getVisualBounds()
                                .getHeight()
                        / SIZE
                : Type.CAP_HEIGHT;
    }
}
