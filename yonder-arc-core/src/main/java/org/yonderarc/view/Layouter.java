package org.yonderarc.view;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.form.Forms;
import org.yonderarc.form.Room;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Contents;

/**
 * Lays fittings out, for a person who reads from left to right.
 *
 * <ol>
 *   <li>What stands at the side edges takes its width first, then the upper and the lower edge their heights; what
 *       stands free of the edges stands between them.
 *   <li>The content has what is left; bars in the content are laid out in it.
 *   <li>Bars above the content keep clear of all others.
 * </ol>
 */
public final class Layouter {
    /** The order in which bars claim their room. */
    private static final Map<Form.Edge, Integer> ORDER = new EnumMap<>(Map.of(
            Form.Edge.LEADING, 0,
            Form.Edge.TRAILING, 0,
            Form.Edge.UPPER, 1,
            Form.Edge.LOWER, 2,
            Form.Edge.CONTENT, 4,
            Form.Edge.ABOVE, 5));
    /** What stands free does so between the bars at the edges. */
    private static final int FREE = 3;

    private Layouter() {}

    /** The boxes of {@code fitting}. */
    public static Layout layOut(Fitting fitting, TextMeasure measure) {
        Device device = fitting.rightToLeft() ? fitting.device().mirrored() : fitting.device();
        Wireframe.Kind content = fitting.content().kind();
        double widest = content == Wireframe.Kind.EMPTY ? 0 : Contents.widest(content);
        Room room = Room.of(device, widest, fitting.app().name(), measure);
        Optional<Layout.Aside> aside = Optional.empty();
        var bars = new ArrayList<Layout.Bar>();
        double head = 0;
        for (FittedBar bar : inOrder(fitting.bars())) {
            boolean isHead = bar.form().edge() == Form.Edge.CONTENT && bar.standing() == FittedBar.Standing.OPEN;
            Optional<Layout.Bar> placed = Forms.layOut(bar, isHead ? room.from(head) : room);
            if (placed.isPresent()) {
                bars.add(placed.get());
                room = Forms.remaining(placed.get(), room);
                head += isHead ? placed.get().box().height() : 0;
            }
            aside = aside.or(() -> Forms.aside(bar, placed));
        }
        bars.sort(Comparator.comparing(bar -> bar.fitted().form().edge()));
        return new Layout(new Box(0, 0, device.width(), device.height()), room.content(), bars, aside);
    }

    /** How far the bar at the lower edge leaves when the content is scrolled, in dp; 0 where it stays, or none is. */
    public static double leaves(Fitting fitting, TextMeasure measure) {
        boolean any = fitting.bars().stream().anyMatch(Layouter::leaves);
        return any
                ? layOut(fitting, measure).bars().stream()
                        .filter(bar -> leaves(bar.fitted()))
                        .mapToDouble(
                                bar -> fitting.device().height() - bar.box().y())
                        .max()
                        .orElse(0)
                : 0;
    }

    private static boolean leaves(FittedBar bar) {
        return bar.form().edge() == Form.Edge.LOWER && Forms.scrollsAway(bar.form());
    }

    private static List<FittedBar> inOrder(List<FittedBar> bars) {
        return bars.stream()
                .sorted(Comparator.comparing(bar ->
                        Forms.standsFree(bar) ? FREE : ORDER.get(bar.form().edge())))
                .collect(toList());
    }
}
