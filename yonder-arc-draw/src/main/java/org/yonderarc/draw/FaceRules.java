package org.yonderarc.draw;

import java.util.Base64;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.yonderarc.layout.Type;
import org.yonderarc.tree.Decimals;

/** A typeface in the words of CSS Fonts Level 4: which families, and the rules that bring a plan's own font along. */
public final class FaceRules {
    /** The ascent and descent of the bundled font as shares of the em, by which pages place baselines. */
    private static final double ASCENT = 0.96875;

    private static final double DESCENT = 0.24148;
    private static final String BEHIND = InterFont.FAMILY + ", system-ui, sans-serif";

    private FaceRules() {}

    /** The families of a typeface, the first one first, as the value of {@code font-family}; without double quotes. */
    public static String families(Typeface face) {
        return face.own().isEmpty() ? BEHIND : "'" + family(face) + "', " + BEHIND;
    }

    /** The rules for a page: its baselines stand where those of the bundled font would, moved so that capitals are centred. */
    public static String ofPage(Typeface face) {
        String metrics = " ascent-override: " + percent(ASCENT + face.lift()) + "; descent-override: "
                + percent(DESCENT - face.lift()) + "; line-gap-override: 0%;";
        return rules(face, metrics);
    }

    /** The rules for a picture, whose texts say where their baselines are: the plan's own font, and of the bundled one the letters used. */
    static String ofDocument(Typeface face, Map<Type.Weight, ? extends Set<Integer>> letters) {
        var out = new StringBuilder(rules(face, ""));
        letters.forEach((weight, used) -> {
            FontFile own = face.own().get(weight);
            int[] behind = used.stream()
                    .mapToInt(Integer::intValue)
                    .filter(letter -> own == null || !own.font().canDisplay(letter))
                    .toArray();
            if (behind.length > 0) {
                rule(out, InterFont.FAMILY, weight, "", WebFont.woff(face.behind(), weight, behind));
            }
        });
        return out.toString();
    }

    private static String rules(Typeface face, String more) {
        var out = new StringBuilder();
        face.own().forEach((weight, file) -> rule(out, family(face), weight, more, Sfnt.packed(file.bytes())));
        return out.toString();
    }

    private static void rule(StringBuilder out, String family, Type.Weight weight, String more, byte[] woff) {
        out.append("@font-face { font-family: '")
                .append(family)
                .append("'; font-weight: ")
                .append(weight.css())
                .append(";")
                .append(more)
                .append(" src: url(data:font/woff;base64,")
                .append(Base64.getEncoder().encodeToString(woff))
                .append(") format('woff'); }\n");
    }

    /** The font's own name for itself, of plain letters alone: it is written into style sheets. */
    private static String family(Typeface face) {
        String plain = Objects.requireNonNull(
                        face.own().getOrDefault(Type.Weight.REGULAR, face.own().get(Type.Weight.SEMIBOLD)))
                .font()
                .getFamily()
                .replaceAll("[^\\p{L}\\p{N} -]", "")
                .strip();
        // A font that calls itself like the bundled one would be taken for it.
        return plain.isEmpty() || plain.equals(InterFont.FAMILY) ? "Plan" : plain;
    }

    private static String percent(double share) {
        return Decimals.brief(share * 100) + "%";
    }
}
