package org.yonderarc.desktop;

import java.awt.Component;
import java.awt.Cursor;
import java.awt.Point;
import java.awt.Robot;
import java.awt.event.KeyEvent;
import java.util.List;
import java.util.Map;
import javax.swing.JTextField;
import javax.swing.SwingUtilities;
import javax.swing.UIManager;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.navigator.Gate;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Opens a real window, clicks and types in it as a person does, and prints where that leads. */
final class Probe extends ProbeWindow {
    private static List<String> told;

    private Probe() {}

    public static void main(String[] arguments) throws Exception {
        listen();
        try {
            robot = new Robot();
            robot.setAutoDelay(30);
            open(DeskApp.demo());
            bars();
            typing();
            flood();
            drawer();
        } catch (Exception failed) {
            // The window would keep the process, and whoever waits for it.
            failed.printStackTrace(System.out);
            System.exit(1);
        }
        System.exit(0);
    }

    private static void bars() throws Exception {
        say("start", navigator.place());
        click("Species");
        say("click", navigator.place());
        press(KeyEvent.VK_ESCAPE);
        say("escape", navigator.place());
        SwingUtilities.invokeAndWait(panel::requestFocusInWindow);
        for (int i = 0; i < 20 && !"Map".equals(focused(panel.getAccessibleContext())); i++) {
            press(KeyEvent.VK_TAB);
        }
        say("focused", focused(panel.getAccessibleContext()));
        press(KeyEvent.VK_ENTER);
        say("enter", navigator.place());
        click("Species");
        navigator.open("kind", Map.of("kind", "shore-crab"));
        settle();
        drag(5, 40);
        say("short", navigator.place());
        drag(5, 300);
        say("swipe", navigator.place() + " " + shown().title());
        SwingUtilities.invokeAndWait(() -> frame.setSize(900, 700));
        settle();
        say("wide", shown().width());
        SwingUtilities.invokeAndWait(() -> frame.setSize(400, 700));
        settle();
    }

    /** A person types into the app's own field while the app tells facts, is refused a step, and the window is resized. */
    private static void typing() throws Exception {
        click("Surveys, 2");
        Component table = on(() -> named(panel, "surveys"));
        say("own", table.isShowing());
        shoot("table");
        Point row = table.getLocationOnScreen();
        robot.mouseMove(row.x + 40, row.y + 40);
        press();
        settle();
        say("table", navigator.place());
        shoot("form");
        var note = (JTextField) on(() -> named(panel, "note"));
        Point at = note.getLocationOnScreen();
        robot.mouseMove(at.x + 150, at.y + note.getHeight() / 2);
        press();
        String text = "limpets and two crabs";
        for (int i = 0; i < text.length(); i++) {
            navigator.tell("drafts", 10 + i);
            if (i == 7) {
                navigator.choose("nothing-of-that-name");
            }
            if (i == 12) {
                SwingUtilities.invokeAndWait(() -> frame.setSize(420, 700));
            }
            strike(KeyEvent.getExtendedKeyCodeForChar(text.charAt(i)));
        }
        arrived();
        settle();
        say("typed", on(note::getText));
        say("same", on(() -> named(panel, "note") == note && note.isFocusOwner()));
        press(KeyEvent.VK_ESCAPE);
        say("stays", navigator.place() + " " + on(note::getText));
        tabs(note);
        click("Tides");
        say("away", on(note::isShowing));
        click("Surveys, 30");
        say("kept", on(() -> named(panel, "note") == note && note.isShowing()) + " " + on(note::getText));
    }

    /** By the tabulator key out of the app's field, over the bars, and back. */
    private static void tabs(Component note) throws Exception {
        var seen = new StringBuilder();
        shiftTab();
        for (int i = 0; i < 9 && on(panel::isFocusOwner); i++) {
            seen.append(focused(panel.getAccessibleContext())).append("; ");
            press(KeyEvent.VK_TAB);
        }
        say("tabs", seen + owner());
        SwingUtilities.invokeAndWait(note::requestFocusInWindow);
        settle();
    }

    /** Ten thousand facts, as fast as they come, while the content stays and frames are painted. */
    private static void flood() throws Exception {
        Component note = on(() -> named(panel, "note"));
        for (int i = 0; i < 10_000; i++) {
            navigator.tell("drafts", i % 90);
        }
        settle();
        say(
                "flood",
                on(() -> named(panel, "note") == note && note.isShowing()) + " "
                        + name(panel.getAccessibleContext(), "Surveys"));
        SwingUtilities.invokeAndWait(frame::dispose);
        navigator.tell("drafts", 3);
        settle();
        say("closed", name(panel.getAccessibleContext(), "Surveys"));
    }

    /** A drawer over the app's own component takes mouse and focus, and gives both back. */
    private static void drawer() throws Exception {
        open(PlanBuilder.app("Drawers")
                .languages("en", "ar")
                .start("survey")
                .fact("look", "device")
                .schemeFact("look")
                .screen("survey")
                .screen("map", screen -> screen.icon("map"))
                .screen("list", screen -> {
                    screen.under("map").wireframe(Wireframe.Kind.LIST);
                    for (int i = 0; i < 30; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .menu("main", menu -> menu.item("survey").item("map"))
                .topBar()
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.OVER)
                                .width(DrawerForm.Width.dp(280))))
                .build());
        Component note = on(() -> named(panel, "note"));
        SwingUtilities.invokeAndWait(note::requestFocusInWindow);
        settle();
        say("hint", on(() -> hint("Menu")));
        say("before", owner());
        click("Menu");
        say("over", owner() + " " + focused(panel.getAccessibleContext()) + " " + on(note::isShowing));
        shoot("drawer");
        Point field = note.getLocationOnScreen();
        Point corner = panel.getLocationOnScreen();
        robot.mouseMove(field.x + 60, field.y + 10);
        press();
        settle();
        say("through", owner());
        robot.mouseMove(corner.x + 380, corner.y + 500);
        press();
        settle();
        say("beside", navigator.state().open().isPresent() + " " + owner());
        click("Menu");
        click("Map");
        say("map", navigator.place() + " " + on(() -> named(panel, "map") != null));
        SwingUtilities.invokeAndWait(() -> {
            panel.setLanguage("ar");
            panel.setTextScale(1.5);
            panel.setScheme(Scheme.DARK);
            panel.setLessMotion(true);
        });
        settle();
        say(
                "mirrored",
                on(() -> find(panel.getAccessibleContext(), BuiltInText.MENU.in("ar"))
                                        .getAccessibleComponent()
                                        .getLocation()
                                        .x
                                > 200)
                        + " "
                        + on(() -> named(panel, "map").getComponentOrientation().isLeftToRight()));
        shoot("arabic");
        say("dark", shown().background().hex());
        say("look", on(() -> {
            UIManager.getDefaults().putAll(panel.lookDefaults());
            var looked = new JTextField();
            UIManager.getDefaults().keySet().removeAll(panel.lookDefaults().keySet());
            return Integer.toHexString(looked.getBackground().getRGB()) + " "
                    + looked.getFont().getFamily();
        }));
        var events = new java.util.ArrayList<String>();
        SwingUtilities.invokeAndWait(() -> {
            for (String name : List.of("scheme", "textScale", "moving", "waiting")) {
                panel.addPropertyChangeListener(name, event -> events.add(name + "=" + event.getNewValue()));
            }
            events.add(Integer.toHexString(panel.palette().get(Role.BACKGROUND).getRGB()));
            panel.setScheme(Scheme.LIGHT);
            events.add(Integer.toHexString(panel.palette().get(Role.SURFACE).getRGB()) + panel.getScheme());
        });
        settle();
        say("told", String.join(" ", on(() -> events.stream()
                .filter(event -> !event.startsWith("moving"))
                .toList())));
        told = events;
        for (String look : List.of("dark", "device")) {
            navigator.tell("look", look);
            settle();
            say(
                    "fact",
                    on(() -> panel.getScheme() + " " + events.contains("scheme=DARK")) + " "
                            + shown().background().hex());
        }
        boolean before = hasStrongLine(shown().nodes());
        SwingUtilities.invokeAndWait(() -> panel.setMoreContrast(true));
        settle();
        boolean more = hasStrongLine(shown().nodes());
        SwingUtilities.invokeAndWait(() -> panel.setMoreContrast(false));
        settle();
        say("contrast", before + " " + more + " " + hasStrongLine(shown().nodes()));
        SwingUtilities.invokeAndWait(() -> panel.setScheme(Scheme.DARK));
        settle();
        SwingUtilities.invokeAndWait(() -> {
            try {
                panel.setLanguage("xx");
            } catch (IllegalArgumentException refused) {
                say("language", refused.getMessage());
            }
        });
        wheel();
    }

    /** Whether a hairline has the colour that it has for those who want more contrast. */
    private static boolean hasStrongLine(List<SceneNode> nodes) {
        Colour line = Theme.DEFAULT.moreContrast().colour(Scheme.LIGHT, Role.LINE);
        return nodes.stream()
                .anyMatch(node -> node instanceof SceneNode.Group group
                        ? hasStrongLine(group.children())
                        : node instanceof SceneNode.Rect rect && rect.fill().equals(line));
    }

    /** A wheel scrolls the plan's sample content; held back at a gate, a swipe returns. */
    private static void wheel() throws Exception {
        SwingUtilities.invokeAndWait(() -> panel.setLanguage("en"));
        navigator.open("list");
        settle();
        Point corner = panel.getLocationOnScreen();
        double before = row(1);
        robot.mouseMove(corner.x + 200, corner.y + 400);
        robot.mouseWheel(3);
        robot.waitForIdle();
        settle();
        say("wheel", Math.round(before - row(1)));
        navigator.gate(asked -> Gate.Answer.WAIT);
        Scene rest = shown();
        drag(5, 300);
        say(
                "held",
                navigator.place() + " " + (shown() == rest) + " "
                        + navigator.pending().isPresent() + " " + panel.isWaiting() + " "
                        + (panel.getCursor().getType() == Cursor.WAIT_CURSOR));
        navigator.answer(navigator.pending().orElseThrow(), true);
        settle();
        say(
                "answered",
                navigator.place() + " " + panel.isWaiting() + " " + panel.isMoving() + " "
                        + told.containsAll(List.of("waiting=true", "waiting=false", "moving=true", "moving=false")));
    }

    private static double row(int index) throws Exception {
        return shown().first(part -> part instanceof Part.Row row && row.index() == index)
                .orElseThrow()
                .area()
                .y();
    }
}
