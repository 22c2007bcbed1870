package org.yonderarc.desktop;

import java.awt.Component;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.event.ComponentAdapter;
import java.awt.event.ComponentEvent;
import java.awt.event.KeyAdapter;
import java.awt.event.KeyEvent;
import java.awt.event.MouseAdapter;
import java.awt.event.MouseEvent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javax.accessibility.AccessibleContext;
import javax.accessibility.AccessibleRole;
import javax.swing.JComponent;
import javax.swing.Timer;
import org.yonderarc.draw.Studio;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.motion.Drag;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.motion.Swipe;
import org.yonderarc.navigator.Moved;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * An app in a window: the bars are painted from the scene, and an app's own component stands where the content is. Takes the
 * mouse, which also swipes, and the keyboard: Tab goes on to the next item, Enter and Space choose it, Escape closes what is open and goes back.
 * To be used on the event dispatch thread.
 */
public final class AppPanel extends JComponent {
    private static final long serialVersionUID = 1L;
    /** The time between frames of a film, in ms. */
    private static final int FRAME = 8;
    /** A mouse that rested so long before it was let go doesn't fling, in ms. */
    private static final long RECENT = 80;

    private final transient Navigator navigator;
    private final transient Studio studio;
    private final transient Function<Place, Optional<Component>> content;
    private final Timer timer = new Timer(FRAME, tick -> tick());
    private Scheme scheme = Scheme.LIGHT;
    private transient Interaction touch = Interaction.NONE;
    private transient Scene shown;
    private transient Optional<Film> film = Optional.empty();
    private long filmStart;
    private transient Optional<Swipe> swipe = Optional.empty();
    private transient Optional<Drag.Release> release = Optional.empty();
    /** Whether what a step leads to is shown already, since the mouse moved it there. */
    private boolean isThere;

    /** Something that can be chosen, and where. */
    private record Target(Box box, Part part, Step step) {}

    /**
     * A panel of an app.
     *
     * @param navigator the navigator; its listeners run on the event dispatch thread
     * @param studio paints
     * @param content the app's own component for a place; where there is none, the plan's sample content shows
     */
    public AppPanel(Navigator navigator, Studio studio, Function<Place, Optional<Component>> content) {
        this.navigator = navigator;
        this.studio = studio;
        this.content = content;
        setFocusable(true);
        setFocusTraversalKeysEnabled(false);
        var mouse = new Mouse();
        addMouseListener(mouse);
        addMouseMotionListener(mouse);
        addKeyListener(new Keys());
        addComponentListener(new ComponentAdapter() {
            @Override
            public void componentResized(ComponentEvent event) {
                settle();
            }
        });
        navigator.listen(this::play);
    }

    /** Sets the scheme. */
    public void setScheme(Scheme other) {
        scheme = other;
        settle();
    }

    /** What is shown now. */
    public Scene shown() {
        return shown;
    }

    @Override
    public AccessibleContext getAccessibleContext() {
        if (accessibleContext == null) {
            accessibleContext = new Accessible();
        }
        return accessibleContext;
    }

    /** The panel to a person who doesn't see it: its name is where they are. */
    private final class Accessible extends AccessibleJComponent {
        private static final long serialVersionUID = 1L;

        @Override
        public AccessibleRole getAccessibleRole() {
            return AccessibleRole.PANEL;
        }
    }

    private Device device() {
        double width = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, getWidth()));
        double height = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, getHeight()));
        return new Device("window", width, height, Insets.NONE, 1, Visibility.Pointer.FINE);
    }

    private Scene scene() {
        return view().scene(navigator.state());
    }

    private View view() {
        var walk = Walk.of(navigator.plan());
        return new View(walk, new Setting(device(), "", touch, 0, scheme), studio.measure());
    }

    /** Shows the state as it is, without a film. */
    private void settle() {
        film = Optional.empty();
        swipe = Optional.empty();
        release = Optional.empty();
        timer.stop();
        shown = scene();
        place();
        repaint();
    }

    /** Puts the app's own component where the content is. */
    private void place() {
        removeAll();
        content.apply(navigator.place()).ifPresent(component -> {
            shown.screen()
                    .map(SceneNode.Group::area)
                    .ifPresent(box ->
                            component.setBounds((int) box.x(), (int) box.y(), (int) box.width(), (int) box.height()));
            add(component);
        });
        revalidate();
    }

    private void play(Moved moved) {
        if (shown == null || getWidth() == 0) {
            return;
        }
        getAccessibleContext().setAccessibleName(moved.announcement());
        if (isThere) {
            isThere = false;
            settle();
            return;
        }
        swipe = Optional.empty();
        release = Optional.empty();
        removeAll();
        Scene to = scene();
        var score = new Score(
                moved.passage(),
                navigator.plan().motion(),
                false,
                view().setting().isRightToLeft(navigator.plan()),
                Score.origin(shown, to, moved.change().step()));
        double now = elapsed();
        Film next = film.map(running -> running.interrupted(now, to, score)).orElseGet(() -> Film.of(shown, to, score));
        film = Optional.of(next);
        filmStart = System.nanoTime();
        timer.start();
    }

    private double elapsed() {
        return (System.nanoTime() - filmStart) / 1e6;
    }

    private void tick() {
        if (release.isPresent()) {
            glide(swipe.orElseThrow(), release.get());
            return;
        }
        if (film.isEmpty() || elapsed() >= film.get().duration()) {
            settle();
            return;
        }
        shown = film.get().at(elapsed());
        repaint();
    }

    /** A swipe that was let go goes on by itself. */
    private void glide(Swipe going, Drag.Release how) {
        if (elapsed() < how.duration()) {
            shown = going.at(how.share().applyAsDouble(elapsed()));
            repaint();
            return;
        }
        settle();
        if (how.goes()) {
            shown = going.at(1);
            repaint();
            isThere = true;
            if (!navigator.take(going.step()).moved()) {
                // A gate holds the step back: what is shown returns to where the person is.
                isThere = false;
                settle();
            }
        }
    }

    @Override
    protected void paintComponent(Graphics graphics) {
        if (shown == null) {
            settle();
        }
        Graphics2D own = (Graphics2D) graphics.create();
        double scale = own.getTransform().getScaleX();
        own.drawImage(studio.image(shown, Math.max(1, scale)), 0, 0, getWidth(), getHeight(), null);
        own.dispose();
    }

    private List<Target> targets() {
        var out = new ArrayList<Target>();
        collect(shown.nodes(), out);
        return out;
    }

    private static void collect(List<SceneNode> nodes, List<Target> out) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                if (group.meaning() instanceof Meaning.Link link) {
                    out.add(new Target(group.area(), group.part(), link.step()));
                } else if (group.meaning() instanceof Meaning.Button button) {
                    out.add(new Target(group.area(), group.part(), button.step()));
                }
                collect(group.children(), out);
            }
        }
    }

    /** What lies uppermost at a point. */
    private Optional<Target> at(double x, double y) {
        List<Target> all = targets();
        for (int i = all.size() - 1; i >= 0; i--) {
            Box box = all.get(i).box();
            if (x >= box.x() && x < box.right() && y >= box.y() && y < box.bottom()) {
                return Optional.of(all.get(i));
            }
        }
        return Optional.empty();
    }

    private static Optional<String> item(Optional<Target> target) {
        return target.map(Target::part).map(part -> part instanceof Part.Item item ? item.id() : null);
    }

    private void touched(Interaction other) {
        if (!other.equals(touch)) {
            touch = other;
            if (film.isEmpty()) {
                shown = scene();
                repaint();
            }
        }
    }

    private final class Mouse extends MouseAdapter {
        private int downX;
        private boolean isDecided;
        private long last;
        private double lastX;
        private double velocity;

        @Override
        public void mouseMoved(MouseEvent event) {
            touched(new Interaction(item(at(event.getX(), event.getY())), Optional.empty(), touch.focused()));
        }

        @Override
        public void mouseExited(MouseEvent event) {
            touched(new Interaction(Optional.empty(), Optional.empty(), touch.focused()));
        }

        @Override
        public void mouseDragged(MouseEvent event) {
            double dx = event.getX() - downX;
            if (swipe.isEmpty() && !isDecided && Math.abs(dx) >= Swipe.SLOP) {
                isDecided = true;
                settle();
                swipe = Swipe.begin(view(), navigator.state(), downX, dx, false);
                swipe.ifPresent(begun -> removeAll());
            }
            if (release.isEmpty() && swipe.isPresent()) {
                long now = event.getWhen();
                velocity = now > last ? (velocity + (dx - lastX) * 1000 / (now - last)) / 2 : velocity;
                last = now;
                lastX = dx;
                shown = swipe.get().move(dx);
                repaint();
            }
        }

        @Override
        public void mousePressed(MouseEvent event) {
            requestFocusInWindow();
            downX = event.getX();
            isDecided = false;
            last = event.getWhen();
            lastX = 0;
            velocity = 0;
            touched(new Interaction(touch.hovered(), item(at(event.getX(), event.getY())), Optional.empty()));
        }

        @Override
        public void mouseReleased(MouseEvent event) {
            if (swipe.isPresent() && release.isEmpty()) {
                boolean rested = event.getWhen() - last > RECENT;
                release = Optional.of(swipe.get().release(rested ? 0 : velocity));
                filmStart = System.nanoTime();
                timer.start();
                return;
            }
            Optional<Target> target = at(event.getX(), event.getY());
            touched(new Interaction(touch.hovered(), Optional.empty(), Optional.empty()));
            target.map(Target::step).ifPresent(navigator::take);
        }
    }

    private final class Keys extends KeyAdapter {
        @Override
        public void keyPressed(KeyEvent event) {
            switch (event.getKeyCode()) {
                case KeyEvent.VK_TAB -> focus(event.isShiftDown() ? -1 : 1);
                case KeyEvent.VK_ENTER, KeyEvent.VK_SPACE ->
                    targets().stream()
                            .filter(target -> item(Optional.of(target)).equals(touch.focused()))
                            .findFirst()
                            .map(Target::step)
                            .ifPresent(navigator::take);
                case KeyEvent.VK_ESCAPE -> navigator.back();
                default -> {}
            }
        }

        private void focus(int by) {
            List<String> items = targets().stream()
                    .flatMap(target -> item(Optional.of(target)).stream())
                    .toList();
            if (!items.isEmpty()) {
                int now = touch.focused().map(items::indexOf).orElse(by > 0 ? -1 : 0);
                String next = items.get(Math.floorMod(now + by, items.size()));
                touched(new Interaction(touch.hovered(), Optional.empty(), Optional.of(next)));
            }
        }
    }
}
