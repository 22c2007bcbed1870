package org.yonderarc.android;

import android.util.SparseArray;
import android.view.InputDevice;
import android.view.KeyEvent;
import android.view.MotionEvent;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;

/** Hands what fingers, mouse and keys do in to the stage. */
final class Hands {
    /** How far a step of a wheel scrolls, in dp. */
    private static final double NOTCH = 48;

    private static final SparseArray<Input.Meant> KEYS = new SparseArray<>();

    static {
        KEYS.put(KeyEvent.KEYCODE_ENTER, Input.Meant.CHOOSE);
        KEYS.put(KeyEvent.KEYCODE_NUMPAD_ENTER, Input.Meant.CHOOSE);
        KEYS.put(KeyEvent.KEYCODE_DPAD_CENTER, Input.Meant.CHOOSE);
        KEYS.put(KeyEvent.KEYCODE_SPACE, Input.Meant.CHOOSE);
        KEYS.put(KeyEvent.KEYCODE_ESCAPE, Input.Meant.CLOSE);
        KEYS.put(KeyEvent.KEYCODE_DPAD_UP, Input.Meant.UP);
        KEYS.put(KeyEvent.KEYCODE_DPAD_DOWN, Input.Meant.DOWN);
        KEYS.put(KeyEvent.KEYCODE_DPAD_LEFT, Input.Meant.LEFT);
        KEYS.put(KeyEvent.KEYCODE_DPAD_RIGHT, Input.Meant.RIGHT);
        KEYS.put(KeyEvent.KEYCODE_MOVE_HOME, Input.Meant.HOME);
        KEYS.put(KeyEvent.KEYCODE_MOVE_END, Input.Meant.END);
        KEYS.put(KeyEvent.KEYCODE_PAGE_UP, Input.Meant.PAGE_UP);
        KEYS.put(KeyEvent.KEYCODE_PAGE_DOWN, Input.Meant.PAGE_DOWN);
        KEYS.put(KeyEvent.KEYCODE_DEL, Input.Meant.ERASE);
    }

    private final AppView view;
    private final Stage stage;
    /** Whether a finger came down on one of the app's own views: the stage looks on, and takes over when it becomes a swipe. */
    private boolean looksOn;

    Hands(AppView view, Stage stage) {
        this.view = view;
        this.stage = stage;
    }

    /** Whether what a pointer does is the stage's from now on, and not that of a view below. */
    boolean intercepts(MotionEvent event) {
        if (event.getActionMasked() == MotionEvent.ACTION_DOWN) {
            looksOn = stage.reachesContent(x(event, 0), y(event, 0));
            if (looksOn) {
                hand(event);
            }
            return !looksOn;
        }
        if (looksOn) {
            hand(event);
        }
        return stage.isSwiped();
    }

    /** A view below keeps what a pointer does for itself. */
    void letGo() {
        if (looksOn) {
            looksOn = false;
            view.take(new Input.Cancel(0));
        }
    }

    /** What comes to the stage, because it intercepted it or no view below had use for it. */
    void touch(MotionEvent event) {
        boolean isKnown = looksOn && event.getActionMasked() == MotionEvent.ACTION_DOWN;
        if (!isKnown) {
            hand(event);
        }
    }

    private void hand(MotionEvent event) {
        int index = event.getActionIndex();
        int id = event.getPointerId(index);
        switch (event.getActionMasked()) {
            case MotionEvent.ACTION_DOWN, MotionEvent.ACTION_POINTER_DOWN -> {
                boolean isMouse = event.getToolType(index) == MotionEvent.TOOL_TYPE_MOUSE;
                boolean isMain = !isMouse || (event.getButtonState() & MotionEvent.BUTTON_PRIMARY) != 0;
                view.take(new Input.Down(id, x(event, index), y(event, index), isMain, !isMouse));
            }
            case MotionEvent.ACTION_MOVE -> {
                for (int i = 0; i < event.getPointerCount(); i++) {
                    view.take(new Input.Move(event.getPointerId(i), x(event, i), y(event, i)));
                }
            }
            case MotionEvent.ACTION_UP, MotionEvent.ACTION_POINTER_UP -> {
                view.take(new Input.Up(id, x(event, index), y(event, index)));
                looksOn &= event.getActionMasked() != MotionEvent.ACTION_UP;
            }
            case MotionEvent.ACTION_CANCEL -> {
                view.take(new Input.Cancel(id));
                looksOn = false;
            }
            default -> {}
        }
    }

    /** A mouse that hovers. */
    void hover(MotionEvent event) {
        if (event.getActionMasked() == MotionEvent.ACTION_HOVER_EXIT) {
            view.take(new Input.Leave());
        } else {
            view.take(new Input.Move(event.getPointerId(0), x(event, 0), y(event, 0)));
        }
    }

    /** A wheel; gives whether anything scrolled. */
    boolean wheel(MotionEvent event) {
        boolean isWheel = event.getActionMasked() == MotionEvent.ACTION_SCROLL
                && event.isFromSource(InputDevice.SOURCE_CLASS_POINTER);
        if (!isWheel) {
            return false;
        }
        double across = event.getAxisValue(MotionEvent.AXIS_HSCROLL) * NOTCH;
        double down = -event.getAxisValue(MotionEvent.AXIS_VSCROLL) * NOTCH;
        return view.take(new Input.Wheel(x(event, 0), y(event, 0), across, down));
    }

    /** A key; gives whether the stage had use for it. */
    boolean key(int code, KeyEvent event) {
        if (code == KeyEvent.KEYCODE_TAB) {
            return view.take(new Input.Key(event.isShiftPressed() ? Input.Meant.PREVIOUS : Input.Meant.NEXT));
        }
        if (event.isCtrlPressed() || event.isAltPressed() || event.isMetaPressed()) {
            return false;
        }
        int letter = event.getUnicodeChar();
        boolean isText = stage.isTyped() && letter >= ' ' && code != KeyEvent.KEYCODE_DEL;
        if (isText) {
            return view.take(new Input.Type(new String(Character.toChars(letter))));
        }
        Input.Meant meant = KEYS.get(code);
        return meant != null && view.take(new Input.Key(meant));
    }

    private double x(MotionEvent event, int index) {
        return event.getX(index) / view.density();
    }

    private double y(MotionEvent event, int index) {
        return event.getY(index) / view.density();
    }
}
