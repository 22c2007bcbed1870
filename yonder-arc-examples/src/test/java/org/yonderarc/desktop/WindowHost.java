package org.yonderarc.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Component;
import java.awt.event.InputEvent;
import java.awt.event.MouseEvent;
import java.awt.image.BufferedImage;
import java.lang.reflect.InvocationTargetException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javax.accessibility.Accessible;
import javax.accessibility.AccessibleRole;
import javax.swing.SwingUtilities;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Images;
import org.yonderarc.fit.Device;
import org.yonderarc.kit.Host;
import org.yonderarc.kit.Raster;
import org.yonderarc.kit.Reference;
import org.yonderarc.kit.Script;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;

/** The panel of a window as a host of a script, with a clock that is set by hand; it stands in no window, so that it needs no screen. */
public final class WindowHost implements Host, AutoCloseable {
    private final Navigator navigator;
    private final AppPanel panel;
    private final Device device;
    private final List<String> opened = new CopyOnWriteArrayList<>();
    private volatile double now;
    private boolean isPressed;

    public WindowHost(Script script, Studio studio) {
        Surroundings around = script.around();
        device = around.device();
        navigator = new Navigator(script.plan(), Runnable::run);
        navigator.listen(moved -> moved.change().effects().forEach(effect -> {
            if (effect instanceof Effect.OpenWeb web) {
                opened.add(web.address());
            }
        }));
        panel = onDispatchThread(() -> {
            var made = new AppPanel(navigator, studio, place -> Optional.<Component>empty(), () -> now);
            made.setDoubleBuffered(false);
            made.addNotify();
            made.setSize((int) device.width(), (int) device.height());
            return made;
        });
        onDispatchThread(() -> {
            panel.setTextScale(device.textScale());
            panel.setScheme(around.scheme());
            panel.setLanguage(around.language());
            panel.setMoreContrast(around.moreContrast());
            panel.setLessMotion(around.lessMotion());
            panel.stage().settle();
            return null;
        });
    }

    private static <T> T onDispatchThread(Callable<T> does) {
        try {
            var task = new FutureTask<>(does);
            SwingUtilities.invokeAndWait(task);
            return task.get();
        } catch (InterruptedException | InvocationTargetException | ExecutionException e) {
            throw new AssertionError(e);
        }
    }

    @Override
    public void take(Input input, double at) {
        now = at;
        onDispatchThread(() -> {
            if (input instanceof Input.Choose choose) {
                Spoken part = all().stream()
                        .filter(any -> any.path().equals(choose.path()))
                        .findFirst()
                        .orElseThrow();
                part.getAccessibleAction().doAccessibleAction(0);
            } else if (input instanceof Input.Down down) {
                mouse(MouseEvent.MOUSE_PRESSED, down.x(), down.y());
                isPressed = true;
            } else if (input instanceof Input.Move move) {
                mouse(isPressed ? MouseEvent.MOUSE_DRAGGED : MouseEvent.MOUSE_MOVED, move.x(), move.y());
            } else if (input instanceof Input.Up up) {
                mouse(MouseEvent.MOUSE_RELEASED, up.x(), up.y());
                isPressed = false;
            } else {
                throw new IllegalArgumentException("the window is not told " + input);
            }
            return null;
        });
    }

    private void mouse(int what, double x, double y) {
        boolean isMove = what == MouseEvent.MOUSE_MOVED || what == MouseEvent.MOUSE_DRAGGED;
        panel.dispatchEvent(new MouseEvent(
                panel,
                what,
                0,
                what == MouseEvent.MOUSE_MOVED ? 0 : InputEvent.BUTTON1_DOWN_MASK,
                (int) x,
                (int) y,
                (int) x,
                (int) y,
                1,
                false,
                isMove ? MouseEvent.NOBUTTON : MouseEvent.BUTTON1));
    }

    @Override
    public void reaches(State state) {
        assertEquals(state, navigator.state());
    }

    @Override
    public List<String> opened() {
        return List.copyOf(opened);
    }

    @Override
    public void frame(Reference reference, double at) {
        now = at;
        onDispatchThread(() -> {
            panel.frame();
            return null;
        });
    }

    @Override
    public Raster shown() {
        return onDispatchThread(() -> {
            var image = new BufferedImage((int) device.width(), (int) device.height(), BufferedImage.TYPE_INT_RGB);
            panel.paint(image.createGraphics());
            return Images.raster(image);
        });
    }

    @Override
    public Map<String, String> names() {
        return onDispatchThread(() -> {
            var names = new TreeMap<String, String>();
            all().stream()
                    .filter(part -> part.getAccessibleRole() != AccessibleRole.LABEL)
                    .filter(part -> part.getAccessibleRole() != AccessibleRole.TEXT)
                    .filter(part -> !part.getAccessibleName().isEmpty())
                    .forEach(part -> names.put(part.path(), part.getAccessibleName()));
            return names;
        });
    }

    /** All parts that are heard, as assistive technology walks over them. */
    private List<Spoken> all() {
        var all = new ArrayList<Spoken>();
        collect(panel, all);
        return all;
    }

    private static void collect(Accessible from, List<Spoken> all) {
        var context = from.getAccessibleContext();
        for (int i = 0; i < context.getAccessibleChildrenCount(); i++) {
            if (context.getAccessibleChild(i) instanceof Spoken part) {
                all.add(part);
                collect(part, all);
            }
        }
    }

    @Override
    public void close() {
        onDispatchThread(() -> {
            panel.removeNotify();
            return null;
        });
    }
}
