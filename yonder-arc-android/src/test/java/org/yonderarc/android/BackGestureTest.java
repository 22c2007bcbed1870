package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertFalse;
import static org.junit.Assert.assertNull;
import static org.junit.Assert.assertTrue;

import android.window.BackEvent;
import android.window.OnBackAnimationCallback;
import android.window.OnBackInvokedCallback;
import android.window.WindowOnBackInvokedDispatcher;
import org.jspecify.annotations.Nullable;
import org.junit.Before;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.robolectric.annotation.Config;
import org.yonderarc.scene.Part;

/** The system's own gesture to go back. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-xhdpi")
public class BackGestureTest {
    private AppFixture app;

    @Before
    public void begin() {
        RuntimeEnvironment.getApplication().getApplicationInfo().setEnableOnBackInvokedCallback(true);
        app = new AppFixture(AppFixture.plots(), view -> view);
        app.rest();
    }

    private OnBackInvokedCallback registered() {
        var dispatcher = app.activity().getWindow().getDecorView().findOnBackInvokedDispatcher();
        return ((WindowOnBackInvokedDispatcher) dispatcher).getTopCallback();
    }

    private static boolean isOurs(@Nullable OnBackInvokedCallback callback) {
        return callback != null && callback.getClass().getName().contains("yonderarc");
    }

    private OnBackAnimationCallback open() {
        app.navigator.open("plot?plot=7");
        app.rest();
        return (OnBackAnimationCallback) registered();
    }

    /** Where the screen of the plot is, in dp from the left. */
    private double plot() {
        return app.view
                .shown()
                .first(part -> part instanceof Part.Screen screen
                        && screen.place().screen().equals("plot"))
                .map(screen -> screen.area().x())
                .orElse(-1.0);
    }

    private static BackEvent at(float progress) {
        return new BackEvent(0, 0, progress, BackEvent.EDGE_LEFT);
    }

    @Test
    public void isTheViewsOnlyWhileThereIsSomethingToGoBackTo() {
        OnBackInvokedCallback before = registered();
        assertFalse(isOurs(before));
        assertTrue(isOurs(open()));
        app.navigator.back();
        app.rest();
        assertEquals(before, registered());
    }

    @Test
    public void isSeenUnderTheFingerAndGoesOnFromThere() {
        OnBackAnimationCallback gesture = open();
        gesture.onBackStarted(at(0));
        gesture.onBackProgressed(at(0.25f));
        app.idle(16);
        double quarter = plot();
        gesture.onBackProgressed(at(0.5f));
        app.idle(16);
        assertTrue(quarter + " and " + plot(), quarter > 10 && plot() > 1.5 * quarter);
        assertEquals("plot?plot=7", app.navigator.place().text());
        gesture.onBackInvoked();
        app.rest();
        assertEquals("plots", app.navigator.place().text());
        assertEquals(-1, plot(), 0);
    }

    @Test
    public void goesBackToItsStartWhereThePersonThinksBetterOfIt() {
        OnBackAnimationCallback gesture = open();
        gesture.onBackStarted(at(0));
        gesture.onBackProgressed(at(0.7f));
        app.idle(16);
        gesture.onBackCancelled();
        app.rest();
        assertEquals("plot?plot=7", app.navigator.place().text());
        assertEquals(0, plot(), 0);
        assertTrue(app.view.goBack());
    }

    @Test
    public void worksWhereNothingIsSeenOfIt() {
        app.view.adapt(around -> around.lessMotion(true));
        OnBackAnimationCallback gesture = open();
        gesture.onBackInvoked();
        app.rest();
        assertEquals("plots", app.navigator.place().text());
    }

    @Test
    public void isGivenBackWhenTheViewLeaves() {
        open();
        app.activity().setContentView(new android.view.View(app.activity()));
        app.idle(16);
        assertFalse(isOurs(registered()));
        assertNull(app.view.getParent());
    }
}
