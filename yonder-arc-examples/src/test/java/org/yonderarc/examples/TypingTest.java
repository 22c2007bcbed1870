package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.event.KeyEvent;
import java.util.List;
import java.util.Optional;
import javax.accessibility.AccessibleContext;
import javax.accessibility.AccessibleRole;
import javax.swing.SwingUtilities;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.desktop.AppPanel;
import org.yonderarc.draw.Studio;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.FactValue;

/** What is typed on a keyboard goes into the field of a drawer, in a panel of an app. */
class TypingTest {
    private final Navigator navigator = new Navigator(
            PlanBuilder.app("Quarry Notes")
                    .start("board")
                    .fact("wanted", "")
                    .screen("board")
                    .screen("old-tools")
                    .menu("main", menu -> menu.item("board").item("old-tools"))
                    .bar(bar -> bar.menu("main")
                            .form(FormBuilder.drawer()
                                    .opens(DrawerForm.Opening.ALWAYS)
                                    .filter("wanted")))
                    .build(),
            SwingUtilities::invokeLater);

    private static AccessibleContext field(AccessibleContext in) {
        if (in.getAccessibleRole() == AccessibleRole.TEXT) {
            return in;
        }
        for (int i = 0; i < in.getAccessibleChildrenCount(); i++) {
            AccessibleContext found = field(in.getAccessibleChild(i).getAccessibleContext());
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static void press(AppPanel panel, int code, char letter) {
        var down = new KeyEvent(panel, KeyEvent.KEY_PRESSED, 0, 0, code, letter);
        List.of(panel.getKeyListeners()).forEach(keys -> keys.keyPressed(down));
        if (!down.isConsumed()) {
            var typed = new KeyEvent(panel, KeyEvent.KEY_TYPED, 0, 0, KeyEvent.VK_UNDEFINED, letter);
            List.of(panel.getKeyListeners()).forEach(keys -> keys.keyTyped(typed));
        }
    }

    @Test
    void lettersSpacesAndBackspaceGoIntoTheField() throws Exception {
        SwingUtilities.invokeAndWait(() -> {
            var panel = new AppPanel(navigator, new Studio(), place -> Optional.empty());
            panel.addNotify();
            panel.setSize(900, 600);
            press(panel, KeyEvent.VK_O, 'o');
            assertEquals("", wanted(), "nothing has the focus");
            AccessibleContext field = field(panel.getAccessibleContext());
            assertEquals("Find", field.getAccessibleName());
            assertTrue(field.getAccessibleAction().doAccessibleAction(0));
            for (char letter : "old tx".toCharArray()) {
                press(panel, KeyEvent.getExtendedKeyCodeForChar(letter), letter);
            }
            press(panel, KeyEvent.VK_BACK_SPACE, '\b');
            assertEquals("old t", wanted());
            press(panel, KeyEvent.VK_ENTER, '\n');
            assertEquals("old t", wanted());
            assertEquals("board", navigator.state().place().screen());
        });
    }

    private String wanted() {
        return ((FactValue.Text) navigator.state().facts().get("wanted")).text();
    }
}
