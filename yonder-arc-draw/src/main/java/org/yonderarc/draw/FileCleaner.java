package org.yonderarc.draw;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.PlanIcons;
import org.yonderarc.icons.SvgIcon;

/**
 * Cleans files that come from outside before they are kept beside a plan. Each is read by the code that draws it, and what is kept is what
 * that code made of it: of an icon its shapes, of a picture its pixels or shapes, of a font the tables that draw it.
 */
public final class FileCleaner {
    /** What a file is for. */
    public enum Kind {
        /** An icon: SVG. */
        ICON("svg"),
        /** A picture: PNG, JPEG or SVG. */
        PICTURE("svg", "png", "jpg", "jpeg"),
        /** A font: OpenType, with outlines of either kind. */
        FONT("ttf", "otf");

        private final List<String> endings;

        Kind(String... endings) {
            this.endings = List.of(endings);
        }

        /** The endings of names of such files, in lower case, without a full stop. */
        public List<String> endings() {
            return endings;
        }
    }

    private static final Map<String, String> TYPES =
            Map.of("png", "image/png", "jpg", "image/jpeg", "jpeg", "image/jpeg", "svg", "image/svg+xml");

    /** The tables of OpenType 1.9 that say how text is set; others hold documents, signatures or what only their makers know. */
    private static final Set<String> TABLES = Set.of(
            "cmap", "head", "hhea", "hmtx", "maxp", "name", "OS/2", "post", "cvt ", "fpgm", "glyf", "loca", "prep",
            "gasp", "CFF ", "CFF2", "VORG", "GDEF", "GPOS", "GSUB", "BASE", "kern", "vhea", "vmtx", "fvar", "avar",
            "cvar", "gvar", "HVAR", "MVAR", "VVAR", "STAT");

    private FileCleaner() {}

    /**
     * The content of a file as it may be kept.
     *
     * @param ending the one of its name, in any case
     * @throws IOException with the reason in the words of a message, if it can't be used
     */
    public static byte[] clean(Kind kind, String ending, byte[] bytes) throws IOException {
        String lower = ending.toLowerCase(Locale.ROOT);
        if (!kind.endings().contains(lower)) {
            throw new IOException("its name ends in none of ." + String.join(", .", new TreeSet<>(kind.endings())));
        }
        return switch (kind) {
            case ICON -> icon(bytes);
            case PICTURE -> picture(Objects.requireNonNull(TYPES.get(lower)), bytes);
            case FONT -> font(bytes);
        };
    }

    private static byte[] icon(byte[] bytes) throws IOException {
        if (bytes.length > PlanIcons.LARGEST) {
            throw new IOException("an icon has at most " + (PlanIcons.LARGEST >> 10) + " KiB");
        }
        SvgIcon icon = IconFolder.read(new ByteArrayInputStream(bytes));
        if (!icon.unsafe().isEmpty()) {
            throw new IOException("it could run or load something: " + String.join(", ", icon.unsafe()));
        }
        if (icon.shapes().isEmpty()) {
            throw new IOException("nothing in it can be drawn as an icon");
        }
        var art = new IconArt("", false, icon.shapes(), icon.stroked(), icon.strokeWidth());
        String text = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\" " + art.paint("currentColor")
                + ">\n  " + String.join("\n  ", art.shapes()) + "\n</svg>\n";
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] picture(String mime, byte[] bytes) throws IOException {
        if (bytes.length > Pictures.LARGEST) {
            throw new IOException("a picture has at most " + (Pictures.LARGEST >> 20) + " MiB");
        }
        if (mime.endsWith("svg+xml") && !CleanSvg.of(bytes).leftOut().isEmpty()) {
            throw new IOException(
                    "of its elements, " + String.join(", ", CleanSvg.of(bytes).leftOut()) + " can't be drawn");
        }
        Pictures.Picture clean = CleanPicture.of(mime, bytes);
        var trouble = Decoded.trouble(clean);
        if (trouble.isPresent()) {
            throw new IOException(trouble.get());
        }
        return clean.bytes();
    }

    private static byte[] font(byte[] bytes) throws IOException {
        if (bytes.length > Fonts.LARGEST) {
            throw new IOException("a font has at most " + (Fonts.LARGEST >> 20) + " MiB");
        }
        FontFile.of(bytes);
        byte[] kept = Sfnt.only(bytes, TABLES);
        // What was left out may have been needed after all.
        FontFile.of(kept);
        return kept;
    }
}
