package org.yonderarc.desktop;

import java.awt.Color;
import java.awt.Cursor;
import java.awt.Dimension;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Point;
import java.awt.Rectangle;
import java.awt.event.FocusListener;
import java.util.Locale;
import javax.accessibility.Accessible;
import javax.accessibility.AccessibleAction;
import javax.accessibility.AccessibleComponent;
import javax.accessibility.AccessibleContext;
import javax.accessibility.AccessibleRole;
import javax.accessibility.AccessibleState;
import javax.accessibility.AccessibleStateSet;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Input;

/** A part of the stage, as Java's accessibility tells it. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class Spoken extends AccessibleContext implements Accessible, AccessibleComponent, AccessibleAction {
    private final AppPanel panel;
    private final Accessible parent;
    private final int index;
    private final Access part;

    Spoken(AppPanel panel, Accessible parent, int index, Access part) {
        this.panel = panel;
        this.parent = parent;
        this.index = index;
        this.part = part;
    }

    String path() {
        return part.path();
    }

    @Override
    public AccessibleContext getAccessibleContext() {
        return this;
    }

    @Override
    public String getAccessibleName() {
        // Java's accessibility has no hint beside what a field holds.
        String typed = part.role() == Access.Role.FIELD ? panel.stage().typed(part.path()) : "";
        return typed.isEmpty() ? part.name() : part.name() + ": " + typed;
    }

    @Override
    public AccessibleRole getAccessibleRole() {
        return switch (part.role()) {
            case BANNER, NAVIGATION -> AccessibleRole.TOOL_BAR;
            case DIALOG -> AccessibleRole.DIALOG;
            case MAIN -> AccessibleRole.PANEL;
            case HEADING -> AccessibleRole.HEADER;
            case LINK -> AccessibleRole.HYPERLINK;
            case BUTTON -> AccessibleRole.PUSH_BUTTON;
            case FIELD -> AccessibleRole.TEXT;
            case IMAGE -> AccessibleRole.ICON;
            case TEXT -> AccessibleRole.LABEL;
        };
    }

    @Override
    public AccessibleStateSet getAccessibleStateSet() {
        var states = new AccessibleStateSet();
        states.add(AccessibleState.VISIBLE);
        if (panel.isShowing()) {
            states.add(AccessibleState.SHOWING);
        }
        if (part.enabled() && !part.inert()) {
            states.add(AccessibleState.ENABLED);
        }
        if (part.step().isPresent() && !part.inert()) {
            states.add(AccessibleState.FOCUSABLE);
        }
        if (panel.hasFocus()
                && panel.stage().focus().filter(part.path()::equals).isPresent()) {
            states.add(AccessibleState.FOCUSED);
        }
        if (part.current() != Access.Current.NO) {
            states.add(AccessibleState.SELECTED);
        }
        part.pressed().filter(on -> on).ifPresent(on -> states.add(AccessibleState.CHECKED));
        part.expanded().ifPresent(open -> {
            states.add(AccessibleState.EXPANDABLE);
            states.add(open ? AccessibleState.EXPANDED : AccessibleState.COLLAPSED);
        });
        if (part.role() == Access.Role.DIALOG) {
            states.add(AccessibleState.MODAL);
        }
        return states;
    }

    @Override
    public Accessible getAccessibleParent() {
        return parent;
    }

    @Override
    public int getAccessibleIndexInParent() {
        return index;
    }

    /** The app's own component comes last in the content. */
    @Override
    public int getAccessibleChildrenCount() {
        return part.children().size() + (own() == null ? 0 : 1);
    }

    @Override
    public Accessible getAccessibleChild(int number) {
        if (number >= 0 && number < part.children().size()) {
            return new Spoken(panel, this, number, part.children().get(number));
        }
        return number == part.children().size() ? own() : null;
    }

    private Accessible own() {
        boolean isContent = part.role() == Access.Role.MAIN;
        return isContent && panel.shownComponent().orElse(null) instanceof Accessible accessible ? accessible : null;
    }

    @Override
    public Locale getLocale() {
        return panel.getLocale();
    }

    @Override
    public AccessibleComponent getAccessibleComponent() {
        return this;
    }

    @Override
    public AccessibleAction getAccessibleAction() {
        return part.step().isPresent() ? this : null;
    }

    @Override
    public int getAccessibleActionCount() {
        return part.step().isPresent() ? 1 : 0;
    }

    @Override
    public String getAccessibleActionDescription(int number) {
        return number == 0 && part.step().isPresent() ? AccessibleAction.CLICK : null;
    }

    @Override
    public boolean doAccessibleAction(int number) {
        return number == 0 && part.step().isPresent() && !part.inert() && panel.take(new Input.Choose(part.path()));
    }

    @Override
    public Rectangle getBounds() {
        var box = part.box();
        return new Rectangle((int) box.x(), (int) box.y(), (int) Math.ceil(box.width()), (int) Math.ceil(box.height()));
    }

    @Override
    public boolean contains(Point point) {
        return new Rectangle(getSize()).contains(point);
    }

    @Override
    public Point getLocation() {
        return getBounds().getLocation();
    }

    @Override
    public Point getLocationOnScreen() {
        Point at = panel.getLocationOnScreen();
        at.translate(getBounds().x, getBounds().y);
        return at;
    }

    @Override
    public Dimension getSize() {
        return getBounds().getSize();
    }

    @Override
    public Accessible getAccessibleAt(Point point) {
        for (int i = getAccessibleChildrenCount() - 1; i >= 0; i--) {
            if (getAccessibleChild(i) instanceof Spoken child
                    && child.getBounds().contains(point)) {
                return child;
            }
        }
        return null;
    }

    @Override
    public boolean isFocusTraversable() {
        return part.step().isPresent() && !part.inert();
    }

    @Override
    public void requestFocus() {
        if (isFocusTraversable()) {
            panel.requestFocusInWindow();
            panel.take(new Input.Focus(java.util.Optional.of(part.path())));
        }
    }

    @Override
    public boolean isVisible() {
        return true;
    }

    @Override
    public boolean isShowing() {
        return panel.isShowing();
    }

    @Override
    public boolean isEnabled() {
        return part.enabled() && !part.inert();
    }

    @Override
    public Color getBackground() {
        return panel.getBackground();
    }

    @Override
    public Color getForeground() {
        return panel.getForeground();
    }

    @Override
    public Cursor getCursor() {
        return panel.getCursor();
    }

    @Override
    public Font getFont() {
        return panel.getFont();
    }

    @Override
    public FontMetrics getFontMetrics(Font font) {
        return panel.getFontMetrics(font);
    }

    // What the stage shows is set by the plan and its state; nothing of it is set from outside.

    @Override
    public void setBackground(Color color) {}

    @Override
    public void setForeground(Color color) {}

    @Override
    public void setCursor(Cursor cursor) {}

    @Override
    public void setFont(Font font) {}

    @Override
    public void setEnabled(boolean enabled) {}

    @Override
    public void setVisible(boolean visible) {}

    @Override
    public void setLocation(Point point) {}

    @Override
    public void setBounds(Rectangle bounds) {}

    @Override
    public void setSize(Dimension size) {}

    @Override
    public void addFocusListener(FocusListener listener) {}

    @Override
    public void removeFocusListener(FocusListener listener) {}
}
