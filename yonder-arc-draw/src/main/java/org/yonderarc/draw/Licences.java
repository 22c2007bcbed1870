package org.yonderarc.draw;

import org.yonderarc.fonts.BundledFonts;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.IconSet;

/** The licences of the bundled font and icons, as their makers ask to have them beside copies. */
public final class Licences {
    private Licences() {}

    /** That of the font: SIL Open Font License 1.1. */
    public static String ofFont() {
        return BundledFonts.licence();
    }

    /** That of the font for letters that the other lacks: free, as that of Bitstream Vera. */
    public static String ofFallbackFont() {
        return BundledFonts.fallbackLicence();
    }

    /** That of a set of icons: MIT. */
    public static String of(IconSet set) {
        return BundledIcons.licence(set);
    }
}
