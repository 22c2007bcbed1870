package org.yonderarc.desktop;

import java.awt.Component;
import java.awt.Point;
import java.awt.Robot;
import java.awt.event.InputEvent;
import java.awt.event.KeyEvent;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javax.swing.JFrame;
import javax.swing.JLabel;
import javax.swing.SwingUtilities;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Opens a real window, clicks and types in it as a person does, and prints where that leads. */
final class Probe {
    private static AppPanel panel;
    private static JFrame frame;
    private static Robot robot;

    private Probe() {}

    public static void main(String[] arguments) throws Exception {
        var navigator = new Navigator(Brinelight.plan(), SwingUtilities::invokeLater);
        SwingUtilities.invokeAndWait(() -> {
            panel = new AppPanel(
                    navigator,
                    new Studio(),
                    place -> place.screen().equals("species")
                            ? Optional.<Component>of(new JLabel("the app's own panel"))
                            : Optional.empty());
            frame = new JFrame("Probe");
            frame.setUndecorated(true);
            frame.add(panel);
            frame.setBounds(20, 20, 400, 700);
            frame.setVisible(true);
        });
        robot = new Robot();
        robot.setAutoDelay(30);
        settle();
        System.out.println("start " + navigator.place());
        click("item:surveys");
        System.out.println("click " + navigator.place());
        click("item:species");
        System.out.println("panel " + panel.getComponentCount() + " at " + navigator.place());
        press(KeyEvent.VK_ESCAPE);
        System.out.println("escape " + navigator.place());
        for (int i = 0; i < 4; i++) {
            press(KeyEvent.VK_TAB);
        }
        press(KeyEvent.VK_ENTER);
        System.out.println("enter " + navigator.place());
        navigator.open("survey", Map.of("survey", "41"));
        settle();
        drag(5, 40);
        System.out.println("short " + navigator.place());
        drag(5, 300);
        System.out.println("swipe " + navigator.place() + " " + shown().title());
        SwingUtilities.invokeAndWait(() -> frame.setSize(900, 700));
        settle();
        System.out.println("wide " + shown().width());
        SwingUtilities.invokeAndWait(frame::dispose);
        System.exit(0);
    }

    private static Scene shown() throws Exception {
        var shown = new AtomicReference<Scene>();
        SwingUtilities.invokeAndWait(() -> shown.set(panel.shown()));
        return shown.get();
    }

    /** Until eight looks in a row show the same: painting may keep a film waiting. */
    private static void settle() throws Exception {
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

    private static void click(String key) throws Exception {
        SceneNode.Group bar = shown().bar("bottom").orElseThrow();
        SceneNode.Group list =
                (SceneNode.Group) bar.children().get(bar.children().size() - 1);
        SceneNode.Group item = list.children().stream()
                .filter(node -> node.key().equals(key))
                .map(SceneNode.Group.class::cast)
                .findFirst()
                .orElseThrow();
        Point corner = panel.getLocationOnScreen();
        robot.mouseMove((int) (corner.x + item.area().centerX()), (int)
                (corner.y + item.area().centerY()));
        robot.mousePress(InputEvent.BUTTON1_DOWN_MASK);
        robot.mouseRelease(InputEvent.BUTTON1_DOWN_MASK);
        robot.waitForIdle();
        settle();
    }

    /** Down near the left edge, across in steps, a rest, and up. */
    private static void drag(int from, int by) throws Exception {
        Point corner = panel.getLocationOnScreen();
        robot.mouseMove(corner.x + from, corner.y + 300);
        robot.mousePress(InputEvent.BUTTON1_DOWN_MASK);
        for (int part = 1; part <= 8; part++) {
            robot.mouseMove(corner.x + from + by * part / 8, corner.y + 300);
        }
        Thread.sleep(200);
        robot.mouseRelease(InputEvent.BUTTON1_DOWN_MASK);
        robot.waitForIdle();
        settle();
    }

    private static void press(int key) throws Exception {
        robot.keyPress(key);
        robot.keyRelease(key);
        robot.waitForIdle();
        settle();
    }
}
