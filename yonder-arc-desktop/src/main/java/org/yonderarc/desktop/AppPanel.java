package org.yonderarc.desktop;

import java.awt.Color;
import java.awt.Component;
import java.awt.ComponentOrientation;
import java.awt.Cursor;
import java.awt.Dimension;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.event.ActionEvent;
import java.awt.event.ComponentAdapter;
import java.awt.event.ComponentEvent;
import java.awt.event.KeyEvent;
import java.awt.event.MouseEvent;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import javax.accessibility.Accessible;
import javax.accessibility.AccessibleContext;
import javax.accessibility.AccessibleRole;
import javax.swing.AbstractAction;
import javax.swing.JComponent;
import javax.swing.KeyStroke;
import javax.swing.SwingUtilities;
import javax.swing.Timer;
import javax.swing.ToolTipManager;
import org.jspecify.annotations.Nullable;
import org.yonderarc.draw.Studio;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Type;
import org.yonderarc.navigator.Moved;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/**
 * An app in a window: bars around an app's own components, which take part in films, swipes and drawers and keep their focus and
 * what was typed. Taken by mouse, wheel and keyboard: Tab goes over all that can be chosen and out again, Enter and Space choose, Escape
 * closes what is open and goes back. What assistive technology is told is the stage's accessible tree. To be used on the event dispatch
 * thread; the navigator may tell its steps on any. Follows the navigator while it is in a window.
 *
 * <p>Bound properties: {@code scheme}, {@code language}, {@code textScale}, {@code lessMotion}, {@code moreContrast}; {@code moving}, false
 * when a film has come to its end; {@code waiting}, true while a gate has yet to decide on a step, when the mouse shows that it waits.
 */
public final class AppPanel extends JComponent implements Accessible {
    private static final long serialVersionUID = 1L;
    /** The time between frames, in ms. */
    private static final int FRAME = 8;

    /** The type size of components of the app's own in dp. */
    private static final double LABEL = 14;

    private final transient DoubleSupplier clock;
    private final transient Studio studio;
    private final transient Navigator navigator;
    private final transient Stage stage;
    private final transient Surfaces surfaces;
    private final transient Layered layered;
    private final Timer timer = new Timer(FRAME, tick -> frame());
    private transient Optional<Navigator.Subscription> following = Optional.empty();
    private transient Surroundings around;
    private boolean followsSystem = true;
    private int focusMoves;
    private boolean isMoving;
    private boolean isWaiting;
    private Scheme scheme;

    /**
     * A panel of an app.
     *
     * @param navigator the navigator
     * @param studio paints
     * @param content the app's own component for a place; where there is none, the plan's sample content shows. Asked once for a place
     *     as long as the person can come back to it
     */
    public AppPanel(Navigator navigator, Studio studio, Function<Place, Optional<Component>> content) {
        this(navigator, studio, content, () -> System.nanoTime() / 1e6);
    }

    /** Gets its time from a clock, in ms since no fixed moment. */
    AppPanel(Navigator navigator, Studio studio, Function<Place, Optional<Component>> content, DoubleSupplier clock) {
        this.clock = clock;
        this.navigator = Objects.requireNonNull(navigator, "navigator");
        this.surfaces = new Surfaces(this, Objects.requireNonNull(content, "content"));
        this.studio = Objects.requireNonNull(studio, "studio");
        this.layered = new Layered(studio, surfaces);
        prepare();
        this.around = Surroundings.of(device(1))
                .in(SystemLook.scheme())
                .lessMotion(SystemLook.wantsLessMotion())
                .moreContrast(SystemLook.wantsMoreContrast());
        this.scheme = getScheme();
        this.stage = new Stage(Walk.of(navigator.plan()), navigator.state(), around, studio.measure(), new Host());
        setFocusable(true);
        ToolTipManager.sharedInstance().registerComponent(this);
        setFocusTraversalKeysEnabled(false);
        var hands = new Hands(this, stage);
        addMouseListener(hands);
        addMouseMotionListener(hands);
        addMouseWheelListener(hands);
        addKeyListener(hands);
        addFocusListener(hands);
        addComponentListener(new ComponentAdapter() {
            @Override
            public void componentResized(ComponentEvent event) {
                surround(around.on(device(around.device().textScale())));
            }
        });
        // Also while one of the app's own components has the focus, if it has no use for the key itself.
        getInputMap(WHEN_ANCESTOR_OF_FOCUSED_COMPONENT).put(KeyStroke.getKeyStroke(KeyEvent.VK_ESCAPE, 0), "close");
        getActionMap().put("close", new AbstractAction() {
            private static final long serialVersionUID = 1L;

            @Override
            public void actionPerformed(ActionEvent event) {
                // A person who types does not want to leave what they type in.
                if (stage.isOpen() || isFocusOwner()) {
                    take(new Input.Key(Input.Meant.CLOSE));
                }
            }
        });
    }

    /** Sets the scheme, where no fact of the plan says which one is shown; before, it is that of the look and feel. */
    public void setScheme(Scheme other) {
        followsSystem = false;
        surround(around.in(other));
    }

    /**
     * Sets the language of the texts.
     *
     * @param tag one of the plan's languages (BCP 47); empty for its first
     * @throws IllegalArgumentException if the plan has no texts in it
     */
    public void setLanguage(String tag) {
        if (!tag.isEmpty() && !navigator.plan().app().languages().contains(tag)) {
            throw new IllegalArgumentException("the plan has no texts in \"" + tag + "\"; it has them in "
                    + String.join(", ", navigator.plan().app().languages()));
        }
        surround(around.in(tag));
    }

    /**
     * Sets how much larger than usual texts are, 0.8 to 3.
     *
     * @throws IllegalArgumentException if it is less or more
     */
    public void setTextScale(double scale) {
        surround(around.on(device(scale)));
    }

    /** Sets whether films are short and still. */
    public void setLessMotion(boolean less) {
        surround(around.lessMotion(less));
    }

    /** Sets whether texts and lines stand out more than usual. */
    public void setMoreContrast(boolean more) {
        surround(around.moreContrast(more));
    }

    /** The scheme that is shown: the one that a fact of the plan says, else the one that was set. */
    public Scheme getScheme() {
        return Fitter.scheme(navigator.plan(), navigator.state(), around.scheme());
    }

    /** The language of the texts (BCP 47); empty for the plan's first. */
    public String getLanguage() {
        return around.language();
    }

    /** How much larger than usual texts are. */
    public double getTextScale() {
        return around.device().textScale();
    }

    /** Whether films are short and still. */
    public boolean isLessMotion() {
        return around.lessMotion();
    }

    /** Whether texts and lines stand out more than usual. */
    public boolean isMoreContrast() {
        return around.moreContrast();
    }

    /** Whether a film plays, or something is held. */
    public boolean isMoving() {
        return isMoving;
    }

    /** Whether a gate of the navigator has yet to decide on a step. */
    public boolean isWaiting() {
        return isWaiting;
    }

    /** The colours that are shown, by what they are for: for the app's own components, so that they look as the bars do. */
    public Map<Role, Color> palette() {
        return Colours.of(navigator.plan().theme(), around.in(getScheme()));
    }

    /**
     * The colours and the font that are shown, under the names by which looks and feels know them, so that the app's own components look
     * as the bars do:
     *
     * <pre>{@code
     * UIManager.getDefaults().putAll(panel.lookDefaults());
     * SwingUtilities.updateComponentTreeUI(frame);
     * }</pre>
     *
     * <p>To be done again when the panel tells the property {@code scheme}, {@code moreContrast} or {@code textScale}.
     */
    public Map<String, Object> lookDefaults() {
        double size = LABEL * around.device().textScale();
        return LookDefaults.of(palette(), studio.font(Type.regular(size)));
    }

    /** What is shown now. */
    public Scene shown() {
        return stage.scene(now());
    }

    /** The stage that is played here. */
    Stage stage() {
        return stage;
    }

    /** Runs the app's steps, and knows which content is the app's own. */
    private final class Host implements Stage.Host {
        @Override
        public boolean take(Step step) {
            return navigator.take(step).moved();
        }

        @Override
        public boolean shows(Place place) {
            return surfaces.has(place);
        }
    }

    @Override
    public void addNotify() {
        super.addNotify();
        following = Optional.of(navigator.listen(moved -> onDispatchThread(() -> follow(moved))));
        prepare();
        stage.use(Walk.of(navigator.plan()), navigator.state());
        wake();
    }

    @Override
    public void removeNotify() {
        following.ifPresent(Navigator.Subscription::close);
        following = Optional.empty();
        timer.stop();
        super.removeNotify();
    }

    private static void onDispatchThread(Runnable task) {
        if (SwingUtilities.isEventDispatchThread()) {
            task.run();
        } else {
            SwingUtilities.invokeLater(task);
        }
    }

    @Override
    public void updateUI() {
        if (stage != null && followsSystem) {
            surround(around.in(SystemLook.scheme()));
        }
    }

    @Override
    public Dimension getMinimumSize() {
        return isMinimumSizeSet()
                ? super.getMinimumSize()
                : new Dimension((int) Device.SMALLEST, (int) Device.SMALLEST);
    }

    @Override
    public Dimension getPreferredSize() {
        return isPreferredSizeSet()
                ? super.getPreferredSize()
                : new Dimension((int) Device.DESKTOP.width(), (int) Device.DESKTOP.height());
    }

    private Device device(double textScale) {
        double width = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, getWidth()));
        double height = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, getHeight()));
        return new Device("window", width, height, Insets.NONE, textScale, Visibility.Pointer.FINE);
    }

    private void surround(Surroundings other) {
        Surroundings before = around;
        boolean isResized = !other.device().equals(before.device());
        around = other;
        stage.surround(other, now());
        if (isResized && getParent() != null && SwingUtilities.getRoot(this) != null) {
            // A window that is dragged by its corner is laid out with each step, not filmed.
            stage.settle();
        }
        ComponentOrientation runs =
                stage.isRightToLeft() ? ComponentOrientation.RIGHT_TO_LEFT : ComponentOrientation.LEFT_TO_RIGHT;
        // Once for each change: what the app has set for itself meanwhile is its own.
        if (getComponentOrientation() != runs) {
            applyComponentOrientation(runs);
        }
        wake();
        tellScheme();
        firePropertyChange("language", before.language(), other.language());
        firePropertyChange(
                "textScale", before.device().textScale(), other.device().textScale());
        firePropertyChange("lessMotion", before.lessMotion(), other.lessMotion());
        firePropertyChange("moreContrast", before.moreContrast(), other.moreContrast());
    }

    private void tellScheme() {
        Scheme before = scheme;
        scheme = getScheme();
        firePropertyChange("scheme", before, scheme);
    }

    /** Tells whether anything moves, and whether a step waits to be decided on. */
    private void tell() {
        boolean moved = isMoving;
        boolean waited = isWaiting;
        isMoving = stage.moves();
        isWaiting = navigator.pending().isPresent();
        int cursor =
                isWaiting ? Cursor.WAIT_CURSOR : stage.pointsAtTarget() ? Cursor.HAND_CURSOR : Cursor.DEFAULT_CURSOR;
        if (getCursor().getType() != cursor) {
            setCursor(Cursor.getPredefinedCursor(cursor));
        }
        firePropertyChange("moving", moved, isMoving);
        firePropertyChange("waiting", waited, isWaiting);
    }

    /** Asks for the app's components of the place that shows, and of the one below it, which a swipe uncovers. */
    private void prepare() {
        surfaces.prepare(navigator.place());
        navigator.state().trail().below().map(Trail::top).ifPresent(surfaces::prepare);
    }

    private void follow(Moved moved) {
        surfaces.prepare(moved.to());
        prepare();
        if (moved.cause() == Moved.Cause.PLAN) {
            stage.use(Walk.of(navigator.plan()), navigator.state());
        } else {
            stage.changed(moved.change(), now());
        }
        tellScheme();
        wake();
    }

    boolean passedFocus() {
        return surfaces.passedFocus();
    }

    /** Hands something in; gives whether the stage had use for it. */
    boolean take(Input input) {
        boolean used = stage.take(input, now());
        wake();
        return used;
    }

    private double now() {
        return clock.getAsDouble();
    }

    /** Paints a frame soon, and goes on as long as anything moves. */
    void wake() {
        tell();
        if (!timer.isRunning()) {
            timer.setInitialDelay(0);
            timer.start();
        }
    }

    /** The name of what shows none, where the mouse rests on it. */
    @Override
    @SuppressWarnings("NullAway") // none, as Swing says it
    public String getToolTipText(MouseEvent event) {
        return stage.hint(event.getX(), event.getY()).orElse(null);
    }

    void frame() {
        boolean painted = layered.advance(stage.layers(now()), stage.scene(now()));
        surfaces.keep(navigator.state());
        followFocus();
        String said = stage.announcement();
        if (!said.isEmpty()) {
            getAccessibleContext().setAccessibleName(said);
        }
        if (painted) {
            repaint();
        }
        tell();
        if (!isMoving && !isWaiting) {
            timer.stop();
        }
    }

    /** Into a drawer that opens, and back to where the focus was when it closes. */
    private void followFocus() {
        boolean isOpen = stage.tree().dialog().isPresent();
        surfaces.hold(isOpen);
        if (stage.focusMoves() != focusMoves) {
            focusMoves = stage.focusMoves();
            if (stage.focus().isPresent()) {
                requestFocusInWindow();
            }
            ((StageAccess) getAccessibleContext()).focusMoved();
        }
    }

    @Override
    protected void paintChildren(Graphics graphics) {
        layered.paint((Graphics2D) graphics, getWidth(), getHeight(), super::paintChildren);
    }

    /** What a component of the app repaints is repainted from here, so that menus stay above it. */
    @Override
    protected boolean isPaintingOrigin() {
        return true;
    }

    @Override
    public boolean isOptimizedDrawingEnabled() {
        return false;
    }

    @Override
    public AccessibleContext getAccessibleContext() {
        if (accessibleContext == null) {
            accessibleContext = new StageAccess();
        }
        return accessibleContext;
    }

    /** The panel to a person who doesn't see it. */
    final class StageAccess extends AccessibleJComponent {
        private static final long serialVersionUID = 1L;

        @Override
        public AccessibleRole getAccessibleRole() {
            return AccessibleRole.PANEL;
        }

        @Override
        public int getAccessibleChildrenCount() {
            return stage.tree().roots().size();
        }

        @Override
        public @Nullable Accessible getAccessibleChild(int index) {
            var roots = stage.tree().roots();
            return index < 0 || index >= roots.size()
                    ? null
                    : new Spoken(AppPanel.this, AppPanel.this, index, roots.get(index));
        }

        void focusMoved() {
            stage.focus()
                    .flatMap(stage.tree()::find)
                    .ifPresent(part -> firePropertyChange(
                            ACCESSIBLE_ACTIVE_DESCENDANT_PROPERTY,
                            null,
                            new Spoken(AppPanel.this, AppPanel.this, 0, part)));
        }
    }

    /** The app's own components that stand in the content, for assistive technology. */
    Optional<Component> shownComponent() {
        return surfaces.shown(navigator.place());
    }
}
