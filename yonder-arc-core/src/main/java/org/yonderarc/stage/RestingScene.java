package org.yonderarc.stage;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.form.Forms;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Motion;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** What a stage shows when nothing moves: composed anew when it is asked for after something has changed, and only then. */
final class RestingScene {
    private final TextMeasure measure;
    private final Stage.Host host;
    private final Scrolls scrolls;
    private final Focus focus;
    private Walk walk;
    private State state;
    private Surroundings around;
    private Touch touch = Touch.NONE;
    private @Nullable Scene scene;
    /** Read from the scene when it is asked for: pointers do without. */
    private Optional<AccessTree> tree = Optional.empty();

    /** The tree that was read last. */
    private @Nullable AccessTree heard;

    /** The path of the bar at the upper edge, where the host scrolls the content below it. */
    private Optional<String> topBar = Optional.empty();

    private double leaving;
    /** The path of the bar at the lower edge that leaves when the content is scrolled. */
    private Optional<String> lowerBar = Optional.empty();

    private boolean isStale = true;
    /** Asked for each group that is painted. */
    private @Nullable Boolean isRightToLeft;

    RestingScene(Walk walk, State state, Surroundings around, TextMeasure measure, Stage.Host host, Scrolls scrolls) {
        this.walk = walk;
        this.state = state;
        this.around = around;
        this.measure = measure;
        this.host = host;
        this.scrolls = scrolls;
        this.focus = new Focus();
    }

    Walk walk() {
        return walk;
    }

    State state() {
        return state;
    }

    Surroundings around() {
        return around;
    }

    Touch touch() {
        return touch;
    }

    /** The focus where it belongs in what is shown now. */
    Focus focus() {
        refresh();
        return focus;
    }

    /** The focus as it was when somebody last looked: for what changes before anybody looks again. */
    Focus lastFocus() {
        return focus;
    }

    /** How a film is played here. */
    Score score(Optional<Passage> passage, Motion motion, Optional<Box> origin) {
        return new Score(passage, motion, around.lessMotion(), isRightToLeft(), origin);
    }

    void with(Walk other, State now) {
        walk = other;
        state = now;
        isRightToLeft = null;
        isStale = true;
    }

    void with(Surroundings other) {
        around = other;
        isRightToLeft = null;
        touch = touch.hover(Optional.empty()).press(Optional.empty());
        isStale = true;
    }

    /** Whether it looks different then. */
    boolean with(Touch other) {
        boolean same = touch.looksLike(other);
        touch = other;
        isStale |= !same;
        return !same;
    }

    void isScrolled() {
        isStale = true;
    }

    boolean isStale() {
        return isStale;
    }

    Scene scene() {
        refresh();
        return Objects.requireNonNull(scene);
    }

    AccessTree tree() {
        Scene now = scene();
        if (tree.isEmpty()) {
            AccessTree read = ReadingOrder.of(now, state, isRightToLeft());
            // What only looks different is heard as before: a host that knows the tree has nothing to do.
            heard = read.equals(heard) ? heard : read;
            tree = Optional.ofNullable(heard);
        }
        return tree.get();
    }

    boolean isRightToLeft() {
        if (isRightToLeft == null) {
            isRightToLeft = setting(0).isRightToLeft(walk.plan());
        }
        return isRightToLeft;
    }

    View view() {
        return view(state);
    }

    private View view(State of) {
        double scrolled = host.scrolls() ? 0 : scrolls.of(content(of)).down();
        Setting setting = setting(Math.min(scrolled, Setting.FARTHEST)).retreat(retreat(of));
        return new View(walk, setting.ownContent(host.shows(walk.shown(of))), measure);
    }

    /** How far the top bar leaves when the content is scrolled; 0 where it stays. */
    double leaving() {
        refresh();
        return leaving;
    }

    /** How far the bar at the lower edge has left; whoever is in it has it all. */
    private double retreat(State of) {
        boolean isHeld = lowerBar.filter(bar ->
                        focus.path().filter(held -> held.startsWith(bar + "/")).isPresent())
                .isPresent();
        return isHeld ? 0 : scrolls.retreat(content(of));
    }

    /** The bar that has left the lower edge, where the host scrolls. */
    Optional<Retreat> retreat() {
        refresh();
        return host.scrolls() ? lowerBar.map(path -> new Retreat(path, retreat(state))) : Optional.empty();
    }

    Hit hit(double x, double y) {
        return Hit.at(scene().nodes(), x, y, host.scrolls() ? this::unseen : path -> Hit.Unseen.NONE);
    }

    Optional<HitTarget> target(String path) {
        return HitTarget.all(scene().nodes()).stream()
                .filter(any -> any.path().equals(path))
                .findFirst();
    }

    /** What the offset of the content is remembered by. */
    String content() {
        return content(state);
    }

    String content(State of) {
        return of.branch() + "|" + of.trail().depth() + "|" + walk.shown(of).text();
    }

    /** What a host that scrolls itself has scrolled, and the top bar that has left with it. */
    private Hit.Unseen unseen(String path) {
        if (leaving > 0 && topBar.filter(path::equals).isPresent()) {
            return new Hit.Unseen(
                    Offset.NONE, Math.min(leaving, scrolls.of(content()).down()), 0);
        }
        if (lowerBar.filter(path::equals).isPresent()) {
            return new Hit.Unseen(Offset.NONE, -retreat(state), 0);
        }
        return scrolls.region(path)
                .map(region ->
                        new Hit.Unseen(scrolls.of(region.id()), 0, region.id().equals(content()) ? leaving : 0))
                .orElse(Hit.Unseen.NONE);
    }

    private Setting setting(double scrolled) {
        return around.setting(touch.onItems(), scrolled);
    }

    private void refresh() {
        if (!isStale) {
            return;
        }
        isStale = false;
        compose();
        if (focus.concerns(ReadingOrder.dialog(Objects.requireNonNull(scene))) && focus.follow(tree(), content())) {
            Optional<HitTarget> held = focus.path().flatMap(this::target);
            if (with(touch.focus(held, touch.ringed()))) {
                isStale = false;
                compose();
            }
        }
    }

    private void compose() {
        Scene composed = view(state).scene(state);
        scrolls.learn(composed, content(), isRightToLeft(), host.shows(walk.shown(state)));
        if (touch.hovered().isPresent() && gone(composed, touch.hovered().get())) {
            touch = touch.hover(Optional.empty());
        }
        scene = dressing(state).dress(composed);
        tree = Optional.empty();
        topBar = host.scrolls() ? bar(scene.nodes(), "", Form.Edge.UPPER) : Optional.empty();
        Optional<Fitting> leaves = anyLeaves() ? Optional.of(Fitter.fit(walk, setting(0), state)) : Optional.empty();
        double distance =
                leaves.map(fitting -> Layouter.leaves(fitting, measure)).orElse(0.0);
        scrolls.leaves(distance);
        lowerBar = distance > 0 ? bar(scene.nodes(), "", Form.Edge.LOWER) : Optional.empty();
        leaving = topBar.isPresent() && leaves.filter(Fitting::scrollsAway).isPresent()
                ? scene.first(RestingScene::isTopBar).orElseThrow().area().bottom()
                        - around.device().safe().top()
                : 0;
    }

    private static boolean gone(Scene scene, HitTarget target) {
        return HitTarget.all(scene.nodes()).stream().noneMatch(any -> any.path().equals(target.path()));
    }

    private boolean anyLeaves() {
        return walk.plan().bars().stream()
                .flatMap(bar -> bar.forms().values().stream())
                .anyMatch(Forms::scrollsAway);
    }

    private static boolean isTopBar(Part part) {
        return isAt(part, Form.Edge.UPPER);
    }

    private static boolean isAt(Part part, Form.Edge edge) {
        return part instanceof Part.Bar bar && bar.edge() == edge;
    }

    private static Optional<String> bar(List<SceneNode> nodes, String above, Form.Edge edge) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                String path = above + "/" + group.key();
                Optional<String> found =
                        isAt(group.part(), edge) ? Optional.of(path) : bar(group.children(), path, edge);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** What is shown in a state when nothing moves. */
    Scene scene(State of) {
        return dressing(of).dress(view(of).scene(of));
    }

    private Dressing dressing(State of) {
        return new Dressing(
                path -> host.scrolls() ? Offset.NONE : scrolls.of(path),
                host::shows,
                touch,
                Palette.of(
                        around.setting(Interaction.NONE, 0).themeOf(walk.plan()),
                        Fitter.scheme(walk.plan(), of, around.scheme())),
                measure);
    }
}
