package org.yonderarc.desktop;

import java.awt.Component;
import java.awt.KeyboardFocusManager;
import java.awt.event.FocusEvent;
import java.awt.event.FocusListener;
import java.awt.event.KeyEvent;
import java.awt.event.KeyListener;
import java.awt.event.MouseAdapter;
import java.awt.event.MouseEvent;
import java.awt.event.MouseWheelEvent;
import java.util.Map;
import java.util.Optional;
import javax.swing.SwingUtilities;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;

/** Hands what mouse and keyboard do in to the stage. */
final class Hands extends MouseAdapter implements KeyListener, FocusListener {
    /** How far a step of a wheel scrolls, in dp. */
    private static final double NOTCH = 48;

    private static final Map<Integer, Input.Meant> KEYS = Map.ofEntries(
            Map.entry(KeyEvent.VK_ENTER, Input.Meant.CHOOSE),
            Map.entry(KeyEvent.VK_SPACE, Input.Meant.CHOOSE),
            Map.entry(KeyEvent.VK_UP, Input.Meant.UP),
            Map.entry(KeyEvent.VK_DOWN, Input.Meant.DOWN),
            Map.entry(KeyEvent.VK_LEFT, Input.Meant.LEFT),
            Map.entry(KeyEvent.VK_RIGHT, Input.Meant.RIGHT),
            Map.entry(KeyEvent.VK_HOME, Input.Meant.HOME),
            Map.entry(KeyEvent.VK_END, Input.Meant.END),
            Map.entry(KeyEvent.VK_PAGE_UP, Input.Meant.PAGE_UP),
            Map.entry(KeyEvent.VK_PAGE_DOWN, Input.Meant.PAGE_DOWN),
            Map.entry(KeyEvent.VK_BACK_SPACE, Input.Meant.ERASE));

    private final AppPanel panel;
    private final Stage stage;

    Hands(AppPanel panel, Stage stage) {
        this.panel = panel;
        this.stage = stage;
    }

    @Override
    public void mousePressed(MouseEvent event) {
        // Who types in one of the app's own fields goes on typing there, whatever is clicked in a bar.
        Component owner = KeyboardFocusManager.getCurrentKeyboardFocusManager().getFocusOwner();
        if (owner == null || !SwingUtilities.isDescendingFrom(owner, panel)) {
            panel.requestFocusInWindow();
        }
        panel.take(new Input.Down(
                event.getButton(), event.getX(), event.getY(), SwingUtilities.isLeftMouseButton(event), false));
    }

    @Override
    public void mouseReleased(MouseEvent event) {
        panel.take(new Input.Up(event.getButton(), event.getX(), event.getY()));
    }

    @Override
    public void mouseMoved(MouseEvent event) {
        panel.take(new Input.Move(MouseEvent.BUTTON1, event.getX(), event.getY()));
    }

    @Override
    public void mouseDragged(MouseEvent event) {
        mouseMoved(event);
    }

    @Override
    public void mouseExited(MouseEvent event) {
        panel.take(new Input.Leave());
    }

    @Override
    public void mouseWheelMoved(MouseWheelEvent event) {
        double by = event.getPreciseWheelRotation() * NOTCH;
        boolean isAcross = event.isShiftDown();
        var input = new Input.Wheel(event.getX(), event.getY(), isAcross ? by : 0, isAcross ? 0 : by);
        if (!panel.take(input) && panel.getParent() != null) {
            panel.getParent().dispatchEvent(SwingUtilities.convertMouseEvent(panel, event, panel.getParent()));
        }
    }

    @Override
    public void keyPressed(KeyEvent event) {
        if (event.getKeyCode() == KeyEvent.VK_TAB) {
            tab(event.isShiftDown());
            event.consume();
            return;
        }
        Input.Meant meant = KEYS.get(event.getKeyCode());
        boolean isLetter = event.getKeyCode() == KeyEvent.VK_SPACE && stage.isTyped();
        if (!isLetter
                && meant != null
                && !event.isControlDown()
                && !event.isAltDown()
                && panel.take(new Input.Key(meant))) {
            event.consume();
        }
    }

    /** Behind the last that can be chosen the focus goes on to the app's own components, and out of the panel. */
    private void tab(boolean back) {
        if (panel.take(new Input.Key(back ? Input.Meant.PREVIOUS : Input.Meant.NEXT))) {
            ((AppPanel.StageAccess) panel.getAccessibleContext()).focusMoved();
        } else if (back) {
            panel.transferFocusBackward();
        } else {
            panel.transferFocus();
        }
    }

    @Override
    public void focusGained(FocusEvent event) {
        boolean hasOne = stage.focus().isPresent() || panel.passedFocus();
        if (!hasOne && event.getCause() == FocusEvent.Cause.TRAVERSAL_FORWARD) {
            panel.take(new Input.Key(Input.Meant.NEXT));
        } else if (!hasOne && event.getCause() == FocusEvent.Cause.TRAVERSAL_BACKWARD) {
            panel.take(new Input.Key(Input.Meant.PREVIOUS));
        }
    }

    @Override
    public void focusLost(FocusEvent event) {
        if (!event.isTemporary()) {
            panel.take(new Input.Focus(Optional.empty()));
        }
    }

    @Override
    public void keyTyped(KeyEvent event) {
        char letter = event.getKeyChar();
        boolean isText = letter != KeyEvent.CHAR_UNDEFINED && !Character.isISOControl(letter);
        if (isText && !event.isControlDown() && panel.take(new Input.Type(String.valueOf(letter)))) {
            event.consume();
        }
    }

    @Override
    public void keyReleased(KeyEvent event) {
        // What a key does, it does when it is pressed.
    }
}
