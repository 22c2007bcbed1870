package org.yonderarc.form;

import java.util.List;
import org.yonderarc.fit.FittedBar;
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
    /** Of the button that collapses a drawer at the trailing edge. */
    public static final String COLLAPSE_TRAILING = "layout-sidebar-right-collapse";
    /** Of the button that expands a drawer at the trailing edge. */
    public static final String EXPAND_TRAILING = "layout-sidebar-right-expand";
    /** Of the heading of a section that is folded. */
    public static final String UNFOLD = "chevron-down";
    /** Of the heading of a section that isn't folded. */
    public static final String FOLD = "chevron-up";
    /** Of the heading of a section that is a page of its own. */
    public static final String NEXT = "chevron-right";
    /** All of them, and those that forms have by default. */
    public static final List<String> ALL = List.of(
            BACK,
            MENU,
            COLLAPSE,
            EXPAND,
            COLLAPSE_TRAILING,
            EXPAND_TRAILING,
            UNFOLD,
            FOLD,
            NEXT,
            FittedBar.Person.ICON,
            Form.Overflow.DEFAULT.icon(),
            RadialForm.DEFAULT.icon());

    private OwnIcons() {}

    /** Of the button that collapses a drawer at an edge, or expands it. */
    static String folds(Form.Side flank, boolean collapsed) {
        return flank.isTrailing() ? collapsed ? EXPAND_TRAILING : COLLAPSE_TRAILING : collapsed ? EXPAND : COLLAPSE;
    }
}
