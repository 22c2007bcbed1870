package org.yonderarc.desktop;

import java.awt.Color;
import java.awt.Font;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.swing.plaf.ColorUIResource;
import javax.swing.plaf.FontUIResource;
import org.yonderarc.plan.Role;

/** Colours and a font under the names by which looks and feels of Swing know them. */
final class LookDefaults {
    /** What stands on the ground of the content. */
    private static final List<String> PLAIN = List.of(
            "Panel",
            "Label",
            "CheckBox",
            "RadioButton",
            "OptionPane",
            "Viewport",
            "ScrollPane",
            "SplitPane",
            "TabbedPane",
            "ToolBar",
            "RootPane");
    /** What is filled in, listed or opened: on the ground of cards. */
    private static final List<String> FILLED = List.of(
            "TextField",
            "FormattedTextField",
            "PasswordField",
            "TextArea",
            "TextPane",
            "EditorPane",
            "Spinner",
            "ComboBox",
            "List",
            "Table",
            "TableHeader",
            "Tree",
            "Menu",
            "MenuItem",
            "MenuBar",
            "PopupMenu",
            "ToolTip");

    private static final List<String> PRESSED = List.of("Button", "ToggleButton");
    private static final List<String> SELECTABLE = List.of(
            "TextField",
            "FormattedTextField",
            "PasswordField",
            "TextArea",
            "TextPane",
            "EditorPane",
            "ComboBox",
            "List",
            "Table",
            "Tree",
            "Menu",
            "MenuItem");

    private LookDefaults() {}

    static Map<String, Object> of(Map<Role, Color> palette, Font font) {
        var out = new HashMap<String, Object>();
        PLAIN.forEach(name -> put(out, name, palette, Role.BACKGROUND, font));
        FILLED.forEach(name -> put(out, name, palette, Role.SURFACE, font));
        PRESSED.forEach(name -> put(out, name, palette, Role.QUIET, font));
        for (String name : SELECTABLE) {
            out.put(name + ".selectionBackground", colour(palette, Role.TINT));
            out.put(name + ".selectionForeground", colour(palette, Role.TEXT));
            out.put(name + ".caretForeground", colour(palette, Role.TEXT));
            out.put(name + ".inactiveForeground", colour(palette, Role.MUTED));
        }
        out.put("Table.gridColor", colour(palette, Role.LINE));
        out.put("Separator.foreground", colour(palette, Role.LINE));
        out.put("Component.borderColor", colour(palette, Role.LINE));
        out.put("Component.focusColor", colour(palette, Role.ACCENT));
        out.put("Component.accentColor", colour(palette, Role.ACCENT));
        out.put("ProgressBar.foreground", colour(palette, Role.ACCENT));
        out.put("defaultFont", new FontUIResource(font));
        return out;
    }

    private static void put(Map<String, Object> out, String name, Map<Role, Color> palette, Role ground, Font font) {
        out.put(name + ".background", colour(palette, ground));
        out.put(name + ".foreground", colour(palette, Role.TEXT));
        out.put(name + ".disabledForeground", colour(palette, Role.MUTED));
        out.put(name + ".font", new FontUIResource(font));
    }

    private static ColorUIResource colour(Map<Role, Color> palette, Role role) {
        return new ColorUIResource(palette.get(role));
    }
}
