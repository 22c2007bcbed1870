package org.yonderarc.stage;

import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.walk.Step;

/** What keys do, by what they mean. */
final class Keys {
    /** How far an arrow scrolls, in dp. */
    private static final double LINE = 48;
    /** How much of a page a page key scrolls. */
    private static final double PAGE = 0.9;

    private final Stage stage;
    private final RestingScene still;
    private final Scrolls scrolls;
    /** Whether the stage scrolls, and not its host. */
    private final boolean scrollsHere;

    Keys(Stage stage, RestingScene still, Scrolls scrolls, boolean scrollsHere) {
        this.stage = stage;
        this.still = still;
        this.scrolls = scrolls;
        this.scrollsHere = scrollsHere;
    }

    boolean take(Input.Meant meant, double now) {
        Focus focus = still.focus();
        return switch (meant) {
            case NEXT, PREVIOUS -> step(focus, meant == Input.Meant.NEXT, now);
            case CHOOSE -> focus.path().filter(path -> stage.choose(path, now)).isPresent();
            case ERASE -> stage.erase();
            case CLOSE -> close();
            default -> scroll(meant, focus.path(), now);
        };
    }

    private boolean step(Focus focus, boolean forward, double now) {
        boolean stays = focus.step(still.tree(), forward);
        Optional<HitTarget> target = focus.path().flatMap(still::target);
        stage.touched(still.touch().focus(target, true), now);
        target.ifPresent(any -> reveal(any, now));
        return stays;
    }

    private boolean close() {
        Step step = still.state().open().isPresent() ? new Step.Close() : new Step.Back();
        boolean leads = still.walk().step(still.state(), step).moved();
        return leads && stage.takes(step);
    }

    /** Scrolls what has the focus into view. */
    private void reveal(HitTarget target, double now) {
        scrolls.around(target.path()).filter(any -> scrollsHere).ifPresent(region -> {
            Box box = target.box();
            Box seen = region.box();
            double across = by(box.x(), box.right(), seen.x(), seen.right());
            double down = by(box.y(), box.bottom(), seen.y(), seen.bottom());
            Offset at = scrolls.of(region.id());
            trip(region, new Offset(at.across() + across, at.down() + down), now);
        });
    }

    /** How far what reaches from {@code start} to {@code end} has to be scrolled to lie within an edge and another. */
    private static double by(double start, double end, double first, double last) {
        return end > last ? end - last : start < first ? start - first : 0;
    }

    /** Scrolls what the focus is in, else the content. */
    private boolean scroll(Input.Meant meant, Optional<String> focus, double now) {
        return focus.flatMap(scrolls::around)
                .or(() -> still.tree().content().flatMap(scrolls::region))
                .filter(region -> !region.isHosted())
                .filter(any -> scrollsHere)
                .filter(region ->
                        trip(region, new Offset(scrolls.of(region.id()).across(), to(meant, region)), now))
                .isPresent();
    }

    private double to(Input.Meant meant, Scrolls.Region region) {
        double at = scrolls.of(region.id()).down();
        double page = region.box().height() * PAGE;
        return switch (meant) {
            case UP -> at - LINE;
            case DOWN -> at + LINE;
            case PAGE_UP -> at - page;
            case PAGE_DOWN -> at + page;
            case HOME -> 0;
            case END -> region.down();
            default -> at;
        };
    }

    private boolean trip(Scrolls.Region region, Offset to, double now) {
        boolean moves = scrolls.trip(region, to, still.around().lessMotion(), now);
        if (moves) {
            still.isScrolled();
        }
        return moves;
    }
}
