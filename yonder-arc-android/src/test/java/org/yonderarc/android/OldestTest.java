package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertFalse;
import static org.junit.Assert.assertTrue;

import android.view.MotionEvent;
import android.view.View;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.robolectric.annotation.Config;
import org.yonderarc.draw.Studio;

/** The oldest system that the view runs on: Android 8, API level 26. */
@RunWith(RobolectricTestRunner.class)
@Config(sdk = 26, qualifiers = "w384dp-h824dp-mdpi")
public class OldestTest {
    @Test
    public void isPaintedTouchedAndGoneBackFrom() {
        var own = new View(RuntimeEnvironment.getApplication());
        AppFixture app = new AppFixture(
                AppFixture.plots(), made -> made.content(place -> place.screen().equals("rota") ? own : null));
        app.rest();
        var theirs = new Studio().image(app.view.shown(), 1);
        assertEquals(0, PictureComparison.share(app.picture(), theirs, 0.12), 0);
        app.tap("Chores");
        assertEquals("chores", app.navigator.place().text());
        app.navigator.open("rota");
        app.rest();
        assertEquals(View.VISIBLE, ((View) own.getParent()).getVisibility());
        app.drag(5, 400, 250, 400, 8);
        app.touch(MotionEvent.ACTION_UP, 250, 400);
        app.rest();
        assertEquals("chores", app.navigator.place().text());
        assertTrue(app.view
                        .getAccessibilityNodeProvider()
                        .createAccessibilityNodeInfo(View.NO_ID)
                        .getChildCount()
                > 1);
        app.navigator.openBar("more");
        app.rest();
        assertTrue(app.view.goBack());
        assertFalse(app.view.stage().isOpen());
    }
}
