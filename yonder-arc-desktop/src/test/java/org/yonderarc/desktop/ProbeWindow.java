package org.yonderarc.desktop;

import java.awt.AWTEvent;
import java.awt.Component;
import java.awt.Container;
import java.awt.KeyboardFocusManager;
import java.awt.Point;
import java.awt.Rectangle;
import java.awt.Robot;
import java.awt.Toolkit;
import java.awt.event.InputEvent;
import java.awt.event.KeyEvent;
import java.awt.event.MouseEvent;
import java.awt.image.BufferedImage;
import java.io.File;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import javax.accessibility.Accessible;
import javax.accessibility.AccessibleContext;
import javax.accessibility.AccessibleState;
import javax.imageio.ImageIO;
import javax.swing.JFrame;
import javax.swing.SwingUtilities;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;

/** A real window, and what hands do in it: the mouse and the keys go through the display. */
abstract class ProbeWindow {
    static AppPanel panel;

    static JFrame frame;

    static Robot robot;

    static Navigator navigator;

    static void open(Plan plan) throws Exception {
        navigator = new Navigator(plan, SwingUtilities::invokeLater);
        SwingUtilities.invokeAndWait(() -> {
            panel = new DeskApp(navigator).panel();
            frame = new JFrame("Probe");
            frame.setUndecorated(true);
            frame.add(panel);
            frame.setBounds(20, 20, 400, 700);
            frame.setVisible(true);
        });
        settle();
    }

    static void say(String what, Object value) {
        System.out.println(what + ": " + value);
    }

    static void shiftTab() throws Exception {
        robot.keyPress(KeyEvent.VK_SHIFT);
        strike(KeyEvent.VK_TAB);
        release(KeyEvent.VK_SHIFT);
        arrived();
        settle();
    }

    static <T> T on(Callable<T> asked) throws Exception {
        var out = new AtomicReference<T>();
        SwingUtilities.invokeAndWait(() -> {
            try {
                out.set(asked.call());
            } catch (Exception failed) {
                throw new IllegalStateException(failed);
            }
        });
        return out.get();
    }

    static Component named(Container in, String name) {
        for (Component child : in.getComponents()) {
            if (name.equals(child.getName()) && child.isShowing()) {
                return child;
            }
            Component found = child instanceof Container inner ? named(inner, name) : null;
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    static Scene shown() throws Exception {
        return on(() -> panel.shown());
    }

    /** Until eight looks in a row show the same: painting may keep a film waiting. */
    static void settle() throws Exception {
        Scene before = null;
        int same = 0;
        for (int i = 0; i < 200; i++) {
            Thread.sleep(50);
            Scene now = shown();
            same = now != null && now == before ? same + 1 : 0;
            if (same == 8) {
                return;
            }
            before = now;
        }
    }

    static AccessibleContext find(AccessibleContext in, String name) {
        if (name.equals(in.getAccessibleName()) && in.getAccessibleAction() != null) {
            return in;
        }
        for (int i = 0; i < in.getAccessibleChildrenCount(); i++) {
            Accessible child = in.getAccessibleChild(i);
            AccessibleContext found = child == null ? null : find(child.getAccessibleContext(), name);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    static String name(AccessibleContext in, String start) {
        for (int i = 0; i < in.getAccessibleChildrenCount(); i++) {
            AccessibleContext child = in.getAccessibleChild(i).getAccessibleContext();
            if (child.getAccessibleAction() != null
                    && child.getAccessibleName() != null
                    && child.getAccessibleName().startsWith(start)) {
                return child.getAccessibleName();
            }
            String found = name(child, start);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    static String focused(AccessibleContext in) {
        if (in.getAccessibleStateSet().contains(AccessibleState.FOCUSED) && in.getAccessibleAction() != null) {
            return in.getAccessibleName();
        }
        for (int i = 0; i < in.getAccessibleChildrenCount(); i++) {
            String found = focused(in.getAccessibleChild(i).getAccessibleContext());
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** What is said where the mouse rests on something. */
    static String hint(String name) {
        var part = find(panel.getAccessibleContext(), name).getAccessibleComponent();
        Rectangle box = new Rectangle(part.getLocationOnScreen(), part.getSize());
        Point origin = panel.getLocationOnScreen();
        return panel.getToolTipText(new MouseEvent(
                panel,
                MouseEvent.MOUSE_MOVED,
                0,
                0,
                (int) box.getCenterX() - origin.x,
                (int) box.getCenterY() - origin.y,
                0,
                false));
    }

    /** Clicks what assistive technology calls so, where it says that it is. */
    static void click(String name) throws Exception {
        Rectangle box = on(() -> {
            AccessibleContext found = find(panel.getAccessibleContext(), name);
            if (found == null) {
                throw new IllegalStateException("nothing is called " + name);
            }
            Point at = found.getAccessibleComponent().getLocationOnScreen();
            return new Rectangle(at, found.getAccessibleComponent().getSize());
        });
        robot.mouseMove((int) box.getCenterX(), (int) box.getCenterY());
        press();
        settle();
    }

    /** How many keys and buttons were released, and how many of these the window has been told. */
    static int released;

    static volatile int heard;

    static void listen() {
        Toolkit.getDefaultToolkit()
                .addAWTEventListener(
                        event -> {
                            if (event.getID() == MouseEvent.MOUSE_RELEASED || event.getID() == KeyEvent.KEY_RELEASED) {
                                heard++;
                            }
                        },
                        AWTEvent.MOUSE_EVENT_MASK | AWTEvent.KEY_EVENT_MASK);
    }

    /** What a hand does comes through a display of another process, which may be slow; a key that nobody takes never comes. */
    static void arrived() throws Exception {
        robot.waitForIdle();
        for (int i = 0; heard < released && i < 100; i++) {
            Thread.sleep(50);
        }
        released = heard;
        robot.waitForIdle();
    }

    /** Presses the mouse where it is, and lets go. */
    static void press() throws Exception {
        robot.mousePress(InputEvent.BUTTON1_DOWN_MASK);
        robot.mouseRelease(InputEvent.BUTTON1_DOWN_MASK);
        released++;
        arrived();
    }

    static void strike(int key) {
        robot.keyPress(key);
        release(key);
    }

    static void release(int key) {
        robot.keyRelease(key);
        released++;
    }

    /** Down near the left edge, across in steps, a rest, and up. */
    static void drag(int from, int by) throws Exception {
        Point corner = panel.getLocationOnScreen();
        robot.mouseMove(corner.x + from, corner.y + 300);
        robot.mousePress(InputEvent.BUTTON1_DOWN_MASK);
        for (int part = 1; part <= 8; part++) {
            robot.mouseMove(corner.x + from + by * part / 8, corner.y + 300);
        }
        Thread.sleep(200);
        robot.mouseRelease(InputEvent.BUTTON1_DOWN_MASK);
        released++;
        arrived();
        settle();
    }

    static void press(int key) throws Exception {
        strike(key);
        arrived();
        settle();
    }

    /** A picture of the screen, where a file is named for it. */
    static void shoot(String name) throws Exception {
        String folder = System.getProperty("yonder.shots");
        if (folder != null) {
            BufferedImage image = robot.createScreenCapture(new Rectangle(0, 0, 1280, 1024));
            ImageIO.write(image, "png", new File(folder, name + ".png"));
        }
    }

    static String owner() {
        Component owner = KeyboardFocusManager.getCurrentKeyboardFocusManager().getFocusOwner();
        return owner == null ? "nobody" : owner == panel ? "panel" : owner.getName();
    }
}
