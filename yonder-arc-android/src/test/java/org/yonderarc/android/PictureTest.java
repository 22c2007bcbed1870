package org.yonderarc.android;

import static org.junit.Assert.assertTrue;

import android.widget.FrameLayout;
import java.util.List;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.ParameterizedRobolectricTestRunner;
import org.robolectric.ParameterizedRobolectricTestRunner.Parameters;
import org.robolectric.annotation.Config;
import org.yonderarc.draw.Studio;
import org.yonderarc.plan.Scheme;

/** What the system paints is what the library's own pictures show, but for how edges are softened and how Arabic letters join. */
@RunWith(ParameterizedRobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-mdpi")
public class PictureTest {
    /** The most by which the mean colours of two equal squares of 8 by 8 pixels differ, in shares of a channel. */
    private static final double EDGES = 0.1;
    /** The most squares of a picture that differ by more: the system's shaper joins other Arabic letters than Java's. */
    private static final double JOINED = 0.004;

    private static final int[][] SIZES = {{384, 824}, {824, 384}, {800, 1180}, {1280, 800}};

    private record Look(Scheme scheme, double text) {}

    private static final List<Look> LOOKS =
            List.of(new Look(Scheme.LIGHT, 1), new Look(Scheme.DARK, 0.8), new Look(Scheme.LIGHT, 2));

    private final String plan;

    /** A test of an example. */
    public PictureTest(String plan) {
        this.plan = plan;
    }

    /** The examples: bottom bars, rails, drawers, grids, fans, top bars, and all of their marks. */
    @Parameters(name = "{0}")
    public static List<Object[]> plans() {
        return List.of(
                new Object[] {"brinelight"},
                new Object[] {"crumbtray"},
                new Object[] {"hutline"},
                new Object[] {"loomstead"},
                new Object[] {"marlstep"});
    }

    @Test
    public void isTheSameOnEveryDeviceAndInEveryLook() {
        var app = new AppFixture(plan + ".yaml", made -> made);
        var studio = new Studio();
        List<String> known = app.navigator.plan().app().languages();
        for (int[] size : SIZES) {
            app.view.setLayoutParams(new FrameLayout.LayoutParams(size[0], size[1]));
            app.idle(16);
            for (Look look : LOOKS) {
                for (String language : known.isEmpty() ? List.of("") : known) {
                    app.view.adapt(around -> around.in(look.scheme)
                            .in(language)
                            .on(around.device().withText(look.text)));
                    app.rest();
                    var theirs = studio.image(app.view.shown(), app.view.density());
                    double share = PictureComparison.share(app.picture(), theirs, EDGES);
                    double most = language.equals("ar") ? JOINED : 0;
                    assertTrue(
                            size[0] + " x " + size[1] + ", " + look + ", \"" + language + "\": " + share,
                            share <= most);
                }
            }
        }
    }
}
