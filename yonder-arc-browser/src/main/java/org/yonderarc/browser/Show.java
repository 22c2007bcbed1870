package org.yonderarc.browser;

import java.util.List;
import java.util.Optional;
import org.teavm.jso.browser.Window;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.RunningTracks;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** One device of the page: its stage, painted as elements, and what pointers and keys do there. */
final class Show {
    /** How fast time goes where somebody wants to look closely. */
    private static final double SLOW = 0.25;
    /** The least height in px of an app that has the window: lower than any phone on its side. */
    private static final double LOWEST = 300;
    /** Whether the browser can play a film by itself. */
    private static final boolean TRACKS = TrackPlayer.isSupported();

    private final HTMLElement device;
    private final Stage stage;
    private final DomPainter painter;
    private List<Device> devices;
    private Preferences preferences;
    private boolean isWaiting;
    /** The film that the browser plays by itself. */
    private Optional<RunningTracks> playing = Optional.empty();
    /** When the timer for its end runs out, in ms of the stage; infinite where none is set. */
    private double wakesAt = Double.POSITIVE_INFINITY;

    private int focusMoves;
    /** The path that is to have the browser's focus as soon as it is there. */
    private Optional<String> wanted = Optional.empty();
    /** The content, and where it was scrolled to last. */
    private String content = "";

    private double scrolledTo;
    /** The moment from which time goes at this speed: in ms of the page, and of the stage. */
    private double realStart = Page.now();

    private double stageStart = realStart;

    Show(
            HTMLDocument document,
            HTMLElement device,
            Walk walk,
            State state,
            Preferences preferences,
            Stage.Host host,
            boolean isFirst) {
        this.device = device;
        this.preferences = preferences;
        this.devices = Device.presets(walk.plan());
        this.stage = new Stage(walk, state, surroundings(Optional.empty()), new CanvasMeasure(), new Scrolling(host));
        this.painter = new DomPainter(document, device, isFirst);
        Page.onPointer(device, this::point, path -> take(new Input.Choose(path)));
        Page.onFocus(device, path -> take(new Input.Focus(path.isEmpty() ? Optional.empty() : Optional.of(path))));
        painter.typed(stage::typed);
        painter.order(stage::inReadingOrder);
        Page.onScroll(device, this::scrolled);
        Page.onFill(device, (path, text) -> take(new Input.Fill(path, text)));
    }

    /** The browser scrolls. */
    private record Scrolling(Stage.Host host) implements Stage.Host {
        @Override
        public boolean take(Step step) {
            return host.take(step);
        }

        @Override
        public boolean scrolls() {
            return true;
        }
    }

    HTMLElement element() {
        return device;
    }

    Preferences preferences() {
        return preferences;
    }

    Stage stage() {
        return stage;
    }

    /** In ms of the stage, for whom time may go more slowly. */
    private double now() {
        return stageTime(Page.now());
    }

    private double stageTime(double real) {
        return stageStart + Math.max(0, real - realStart) * speed();
    }

    void setPreferences(Preferences other, Optional<Device> window) {
        double then = now();
        realStart = Page.now();
        stageStart = then;
        preferences = other;
        // The browser has to start it again at the new speed.
        playing = Optional.empty();
        wakesAt = Double.POSITIVE_INFINITY;
        stage.surround(surroundings(window), now());
        wake();
    }

    void changed(Change change) {
        stage.changed(change, now());
        wake();
    }

    /** Goes on with another plan, as it is wanted. */
    void use(Walk walk, State state) {
        devices = Device.presets(walk.plan());
        stage.use(walk, state);
        wake();
    }

    /** Goes on elsewhere without a film. */
    void jump(Walk walk, State state) {
        stage.use(walk, state);
        wake();
    }

    private Optional<Device> preset(String id) {
        return devices.stream().filter(device -> device.id().equals(id)).findFirst();
    }

    private Surroundings surroundings(Optional<Device> window) {
        Visibility.Pointer pointer = Page.isTouched() ? Visibility.Pointer.COARSE : Visibility.Pointer.FINE;
        Device wanted = window.or(() -> preset(preferences.device())).orElseGet(Show::window);
        Device turned = preferences.turned() && window.isEmpty() ? turned(wanted) : wanted;
        boolean isWindow = preset(turned.id()).isEmpty();
        var here = new Device(
                turned.id(),
                turned.width(),
                turned.height(),
                turned.safe(),
                preferences.text(),
                isWindow ? pointer : turned.pointer());
        boolean less =
                preferences.motion().equals("less") || preferences.motion().isEmpty() && Page.wantsLessMotion();
        Scheme scheme = preferences.scheme(Page.prefersDark());
        boolean more =
                preferences.contrast().equals("more") || preferences.contrast().isEmpty() && Page.wantsMoreContrast();
        return new Surroundings(here, preferences.language(), scheme, less, more);
    }

    /** By a quarter: what was above is at the left, and the edge below stays below. */
    private static Device turned(Device upright) {
        Insets safe = upright.safe();
        boolean isUpright = upright.height() > upright.width();
        var insets = isUpright
                ? new Insets(0, 0, Math.min(safe.bottom(), 16), safe.top())
                : new Insets(Math.max(safe.top(), safe.left()), 0, safe.bottom(), 0);
        return new Device(
                upright.id(), upright.height(), upright.width(), insets, upright.textScale(), upright.pointer());
    }

    double width() {
        return stage.surroundings().device().width();
    }

    double height() {
        return stage.surroundings().device().height();
    }

    private void point(String what, int id, double x, double y, boolean main, boolean touches) {
        Input input =
                switch (what) {
                    case "down" -> new Input.Down(id, x, y, main, touches);
                    case "move" -> new Input.Move(id, x, y);
                    case "up" -> new Input.Up(id, x, y);
                    case "cancel" -> new Input.Cancel(id);
                    default -> new Input.Leave();
                };
        take(input);
    }

    private void scrolled(String path, double across, double down) {
        stage.take(new Input.Scrolled(path, across, down), now());
        painter.leave();
        stage.retreat().ifPresent(bar -> painter.retreat(bar, false));
    }

    private void take(Input input) {
        stage.take(input, now());
        if (stage.moves()) {
            wake();
        } else {
            retreat();
            painter.hands(stage.pointsAtTarget());
        }
    }

    /** Whether a key was of use: Escape closes what is open, and a bar that lies over everything keeps the focus in. */
    boolean key(String key, boolean shift) {
        boolean isOpen = stage.tree().dialog().isPresent();
        boolean isInside = isOpen && (stage.focus().isPresent() || painter.hasFocus());
        if (key.equals("Escape") && stage.isOpen()) {
            take(new Input.Key(Input.Meant.CLOSE));
            return true;
        }
        if (key.equals("Tab") && isInside) {
            stage.take(new Input.Key(shift ? Input.Meant.PREVIOUS : Input.Meant.NEXT), now());
            stage.focus().ifPresent(painter::focus);
            return true;
        }
        return false;
    }

    /** Paints soon, and goes on as long as anything moves. */
    void wake() {
        if (Page.isHidden()) {
            stage.settle();
            frame(Page.now());
        } else if (!isWaiting) {
            isWaiting = true;
            Page.onFrame(this::frame);
        }
    }

    /** Paints at once. */
    void frame(double real) {
        isWaiting = false;
        boolean rests = !stage.moves();
        double now = stageTime(real);
        // At its very start a film shows what was there before it.
        Optional<RunningTracks> tracks =
                TRACKS ? stage.tracks(now).filter(film -> now > film.start()) : Optional.empty();
        if (tracks.isPresent() && playing.filter(film -> film == tracks.get()).isPresent()) {
            retreat();
            painter.hands(stage.pointsAtTarget());
            wakeAt(tracks.get().end(), now);
            return;
        }
        playing = tracks;
        // Before anything is painted: an element that goes takes the browser's focus with it.
        if (stage.focusMoves() != focusMoves) {
            focusMoves = stage.focusMoves();
            wanted = stage.focus();
        }
        painter.leaving(stage.leaving());
        painter.dialog(stage.tree().dialog());
        tracks.ifPresentOrElse(
                film -> painter.play(film.tracks(), now - film.start(), speed()),
                () -> painter.paint(stage.scene(now)));
        retreat();
        painter.hands(stage.pointsAtTarget());
        stage.tree().content().ifPresent(path -> scroll(path, stage.scrolled(path)));
        painter.tell(stage.tree());
        // What is to have the focus may come with a later frame of a film.
        wanted = wanted.filter(path -> !painter.focus(path));
        if (tracks.isPresent()) {
            wakeAt(tracks.get().end(), now);
        } else if (!rests || stage.moves()) {
            wake();
        }
        AppBridge.painted();
    }

    /** Paints again when the film that the browser plays has ended. */
    private void wakeAt(double end, double now) {
        if (end < wakesAt) {
            wakesAt = end;
            Page.later(Math.max(0, end - now) / speed(), () -> {
                wakesAt = Double.POSITIVE_INFINITY;
                wake();
            });
        }
    }

    /** How fast time goes. */
    private double speed() {
        return preferences.motion().equals("slow") ? SLOW : 1;
    }

    /** Moves the bar that leaves to where it belongs, without a finger on it. */
    private void retreat() {
        boolean glides = !stage.surroundings().lessMotion();
        stage.retreat().ifPresent(bar -> painter.retreat(bar, glides));
    }

    /** Scrolls content where that is news: to ask the browser where it is would have it laid out in each frame. */
    private void scroll(String path, double to) {
        if (to != scrolledTo || !path.equals(content)) {
            scrolledTo = to;
            // It may come with a later frame of a film.
            content = painter.scroll(path, to) ? path : "";
        }
    }

    /** Says how large the window is. */
    static Device window() {
        // Where something stands around it, the app has what is left of the window.
        HTMLElement desk = Window.current().getDocument().getElementById("desk");
        double width = within(desk.getClientWidth());
        // Enlarged four times, a window is lower than its bars: it then scrolls, and the content keeps its room (WCAG
        // 2.2, 1.4.10).
        double height = Math.max(LOWEST, within(desk.getClientHeight()));
        double across = Page.inset("left") + Page.inset("right");
        double down = Page.inset("top") + Page.inset("bottom");
        Insets safe = across < width / 2 && down < height / 2
                ? new Insets(Page.inset("top"), Page.inset("right"), Page.inset("bottom"), Page.inset("left"))
                : Insets.NONE;
        return new Device("window", width, height, safe);
    }

    /** Scrolls the content to where it was. */
    void scrollTo(double down) {
        stage.tree().content().ifPresent(path -> stage.take(new Input.Scrolled(path, 0, down), now()));
        wake();
    }

    /** How far the content is scrolled, in px. */
    double scrolled() {
        return stage.tree().content().map(stage::scrolled).orElse(0.0);
    }

    private static double within(double size) {
        return Math.max(Device.SMALLEST, Math.min(Device.LARGEST, size));
    }
}
