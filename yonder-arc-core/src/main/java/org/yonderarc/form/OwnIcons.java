package org.yonderarc.form;

import java.util.List;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.RadialForm;

/** The icons that bars use of themselves, whatever the plan says. */
public final class OwnIcons {
    /** Of the button that leads back. */
    public static final String BACK = "arrow-left";
    /** Of the button that opens a drawer. */
    public static final String MENU = "menu-2";
    /** Of the button that collapses a drawer. */
    public static final String COLLAPSE = "layout-sidebar-left-collapse";
    /** Of the button that expands a drawer. */
    public static final String EXPAND = "layout-sidebar-left-expand";
    /** All of them, and those that forms have by default. */
    public static final List<String> ALL =
            List.of(BACK, MENU, COLLAPSE, EXPAND, Form.Overflow.DEFAULT.icon(), RadialForm.DEFAULT.icon());

    private OwnIcons() {}
}
