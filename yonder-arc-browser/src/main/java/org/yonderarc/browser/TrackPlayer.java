package org.yonderarc.browser;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.dom.xml.Element;
import org.yonderarc.layout.Box;
import org.yonderarc.motion.Pace;
import org.yonderarc.motion.Track;
import org.yonderarc.motion.Tracks;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/**
 * Plays the tracks of a film on the elements that show it, as Web Animations: the browser's compositor moves and fades them, and no script runs
 * from frame to frame.
 */
final class TrackPlayer {
    /** What a compositor plays. */
    private static final Set<String> COMPOSED = Set.of("translate", "scale", "opacity");

    /** The least duration of an animation, in ms: one of 0 has no place for an easing. */
    private static final double SHORTEST = 0.001;

    private final List<JSObject> running = new ArrayList<>();
    /** The paces of the film, and what a style sheet calls them, in the same order: there are a few of them for many tracks. */
    private final List<Pace> paces = new ArrayList<>();

    private final List<String> easings = new ArrayList<>();
    /** The element whose keyframes are being collected, their pace and themselves; null where none are. */
    private @Nullable Element moving;

    private Pace pace = new Pace(List.of(new Pace.Point(0, 1)));
    private boolean isComposed;
    private JSObject frames = frames();
    private final double elapsed;
    private final double rate;

    /**
     * A player for a film.
     *
     * @param elapsed how much of it has passed, in ms
     * @param rate how fast time goes
     */
    TrackPlayer(double elapsed, double rate) {
        this.elapsed = elapsed;
        this.rate = rate;
    }

    /** Whether the browser can: it needs easings of straight lines (CSS Easing Functions Level 2). */
    @JSBody(
            script = "return !!Element.prototype.animate && CSS.supports('transition-timing-function', 'linear(0, 1)')"
                    + " && CSS.supports('translate', '1px 1px');")
    static native boolean isSupported();

    /** Who knows the element of a path. */
    interface Elements {
        /** The element; null where there is none. */
        RenderedElement of(String path);
    }

    void play(Tracks tracks, Elements elements) {
        for (Track track : tracks.tracks()) {
            RenderedElement shown = elements.of(track.path());
            // A picture that isn't there has no element.
            if (shown != null) {
                play(shown, track);
            }
        }
        start();
    }

    /** Starts one animation for all keyframes that were collected. */
    private void start() {
        if (moving != null) {
            running.add(animate(moving, frames, easing(pace), Math.max(SHORTEST, pace.end()), elapsed, rate));
            moving = null;
        }
    }

    void stop() {
        running.forEach(TrackPlayer::cancel);
        running.clear();
    }

    private void play(RenderedElement shown, Track track) {
        Element element = shown.element();
        Track.Move move = track.move();
        if (move instanceof Track.Shift shift) {
            String start = RenderedElement.px(shift.dx()) + " " + RenderedElement.px(shift.dy());
            animate(element, "translate", start + "|0px 0px", track.pace());
        } else if (move instanceof Track.Fade fade) {
            double whole = shown.had() instanceof SceneNode.Group group ? group.opacity() : 1;
            String values = Decimals.brief(fade.from() * whole) + "|" + Decimals.brief(fade.to() * whole);
            animate(element, "opacity", values, track.pace());
        } else if (move instanceof Track.Tint tint) {
            tint(shown, tint, track.pace());
        } else if (move instanceof Track.Resize size && shown.had() instanceof SceneNode.Rect rect) {
            resize(element, size.width(), size.height(), rect.area(), track.pace());
            String values = RenderedElement.px(size.radius()) + "|" + RenderedElement.px(rect.radius());
            animate(element, "borderRadius", values, track.pace());
        } else if (move instanceof Track.Scale scale && shown.had() instanceof SceneNode.Icon icon) {
            Box area = icon.area();
            resize(element, area.width() * scale.from(), area.height() * scale.from(), area, track.pace());
        } else if (move instanceof Track.Scale scale && shown.had() instanceof SceneNode.Text text) {
            Page.style(element, "transform-origin", "0 " + RenderedElement.px(ElementGroup.ascent(text.line())));
            animate(element, "scale", Decimals.brief(scale.from()) + "|1", track.pace());
        }
    }

    private void resize(Element element, double width, double height, Box to, Pace pace) {
        animate(element, "width", RenderedElement.px(width) + "|" + RenderedElement.px(to.width()), pace);
        animate(element, "height", RenderedElement.px(height) + "|" + RenderedElement.px(to.height()), pace);
    }

    private void tint(RenderedElement shown, Track.Tint tint, Pace pace) {
        var values = new StringBuilder();
        for (Colour colour : tint.colours()) {
            values.append(values.length() == 0 ? "" : "|").append(RenderedElement.css(colour));
        }
        if (shown.had() instanceof SceneNode.Path path) {
            var line = (Element) shown.element().getFirstChild();
            animate(line, path.stroke().isPresent() ? "stroke" : "fill", values.toString(), pace);
        } else {
            boolean isRect = shown.had() instanceof SceneNode.Rect;
            animate(shown.element(), isRect ? "backgroundColor" : "color", values.toString(), pace);
        }
    }

    private void animate(Element element, String property, String values, Pace own) {
        // One that holds anything else is played by the main thread, with all that it holds.
        boolean composes = COMPOSED.contains(property);
        if (element != moving || own != pace || composes != isComposed) {
            start();
            moving = element;
            pace = own;
            isComposed = composes;
            frames = frames();
        }
        add(frames, property, values);
    }

    @JSBody(script = "return {};")
    private static native JSObject frames();

    @JSBody(
            params = {"frames", "property", "values"},
            script = "frames[property] = values.split('|');")
    private static native void add(JSObject frames, String property, String values);

    private String easing(Pace pace) {
        int at = 0;
        while (at < paces.size() && paces.get(at) != pace) {
            at++;
        }
        if (at == paces.size()) {
            paces.add(pace);
            double[] numbers = new double[2 * pace.points().size()];
            int next = 0;
            for (Pace.Point point : pace.points()) {
                numbers[next++] = point.share();
                numbers[next++] = point.ms() / Math.max(SHORTEST, pace.end());
            }
            easings.add(linear(numbers));
        }
        return easings.get(at);
    }

    @JSBody(
            params = "numbers",
            script = "var out = []; for (var i = 0; i < numbers.length; i += 2) {"
                    + " out.push(numbers[i].toFixed(5) + ' ' + (100 * numbers[i + 1]).toFixed(4) + '%'); }"
                    + "return 'linear(' + out.join() + ')';")
    private static native String linear(double[] numbers);

    @JSBody(
            params = {"element", "frames", "easing", "duration", "elapsed", "rate"},
            script = "var playing = element.animate(frames, {duration: duration, easing: easing, fill: 'both'});"
                    + "playing.playbackRate = rate; playing.currentTime = elapsed; return playing;")
    private static native JSObject animate(
            Element element, JSObject frames, String easing, double duration, double elapsed, double rate);

    @JSBody(params = "playing", script = "playing.cancel();")
    private static native void cancel(JSObject playing);
}
