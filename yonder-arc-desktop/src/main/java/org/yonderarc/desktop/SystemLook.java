package org.yonderarc.desktop;

import java.awt.Color;
import java.awt.GraphicsEnvironment;
import java.awt.Toolkit;
import javax.swing.UIManager;
import org.yonderarc.plan.Scheme;

/** What the look and feel and the desktop say of how a person likes it. */
final class SystemLook {
    /** The settings of the desktop for animations, where it has one: 0 for none. */
    private static final String ANIMATIONS = "gnome.Gtk/EnableAnimations";

    private static final String CONTRAST = "win.highContrast.on";

    private SystemLook() {}

    /** Dark where the look and feel paints panels dark. */
    static Scheme scheme() {
        Color panel = UIManager.getColor("Panel.background");
        if (panel == null) {
            return Scheme.LIGHT;
        }
        // The luma of BT.601: good enough to tell dark from light.
        double luma = 0.299 * panel.getRed() + 0.587 * panel.getGreen() + 0.114 * panel.getBlue();
        return luma < 128 ? Scheme.DARK : Scheme.LIGHT;
    }

    static boolean wantsMoreContrast() {
        return !GraphicsEnvironment.isHeadless()
                && Boolean.TRUE.equals(Toolkit.getDefaultToolkit().getDesktopProperty(CONTRAST));
    }

    static boolean wantsLessMotion() {
        if (GraphicsEnvironment.isHeadless()) {
            return false;
        }
        Object value = Toolkit.getDefaultToolkit().getDesktopProperty(ANIMATIONS);
        return Integer.valueOf(0).equals(value) || Boolean.FALSE.equals(value);
    }
}
