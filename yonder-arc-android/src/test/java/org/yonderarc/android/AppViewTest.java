package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertFalse;
import static org.junit.Assert.assertNotNull;
import static org.junit.Assert.assertNotSame;
import static org.junit.Assert.assertSame;
import static org.junit.Assert.assertTrue;
import static org.robolectric.Shadows.shadowOf;

import android.content.Context;
import android.os.Bundle;
import android.os.Parcel;
import android.view.HapticFeedbackConstants;
import android.view.KeyEvent;
import android.view.MotionEvent;
import android.view.View;
import android.widget.Button;
import android.widget.EditText;
import android.widget.LinearLayout;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.annotation.Config;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;

/** An app's navigation in an activity: touched, gone back from, turned, killed and restored. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-xhdpi")
public class AppViewTest {
    private static final int NOTE = 77;

    private final Map<String, View> made = new HashMap<>();
    private int presses;
    private final List<Integer> touches = new ArrayList<>();

    /** A screen of the app's own: a field that keeps its text, and a button. */
    private View screen(Context context, Place place) {
        var column = new LinearLayout(context);
        column.setOrientation(LinearLayout.VERTICAL);
        var note = new EditText(context);
        note.setId(NOTE);
        var button = new Button(context);
        button.setOnClickListener(view -> presses++);
        button.setOnTouchListener((view, event) -> {
            touches.add(event.getActionMasked());
            return false;
        });
        column.addView(note, new LinearLayout.LayoutParams(-1, 200));
        column.addView(button, new LinearLayout.LayoutParams(-1, 400));
        made.put(place.text(), column);
        return column;
    }

    private AppFixture app() {
        return app(new Navigator(AppFixture.plots(), Runnable::run));
    }

    private AppFixture app(Navigator navigator) {
        return new AppFixture(
                navigator,
                view -> view.content(place -> place.screen().equals("rules") ? null : screen(context(), place)));
    }

    private static Context context() {
        return org.robolectric.RuntimeEnvironment.getApplication();
    }

    private EditText note(String place) {
        return made.get(place).findViewById(NOTE);
    }

    @Test
    public void anItemLeadsToItsPlaceAndTheAppsOwnViewStandsBetweenTheBars() {
        AppFixture app = app();
        app.tap("Chores");
        assertEquals("chores", app.navigator.place().text());
        assertEquals(HapticFeedbackConstants.CONTEXT_CLICK, shadowOf(app.view).lastHapticFeedbackPerformed());
        View own = (View) made.get("chores").getParent();
        assertEquals(View.VISIBLE, own.getVisibility());
        assertEquals(View.INVISIBLE, ((View) made.get("plots").getParent()).getVisibility());
        double top = own.getTranslationY() / app.view.density();
        double bottom = top + own.getHeight() / app.view.density();
        assertTrue(top + " to " + bottom, top > 40 && bottom < 824 - 48 && bottom - top > 500);
    }

    @Test
    public void aTouchReachesTheAppsOwnViewAndNoBar() {
        AppFixture app = app();
        app.touch(MotionEvent.ACTION_DOWN, 200, 250);
        app.touch(MotionEvent.ACTION_UP, 200, 250);
        app.rest();
        assertEquals(1, presses);
        assertEquals("plots", app.navigator.place().text());
        app.navigator.openBar("more");
        app.rest();
        app.touch(MotionEvent.ACTION_DOWN, 350, 250);
        app.touch(MotionEvent.ACTION_UP, 350, 250);
        app.rest();
        assertEquals("the drawer lies over it", 1, presses);
        assertFalse("beside it, a touch closes it", app.view.stage().isOpen());
    }

    @Test
    public void aSwipeFromTheEdgeGoesBackOverAnAppsOwnView() {
        AppFixture app = app();
        app.navigator.open("plot?plot=7");
        app.rest();
        View below = (View) made.get("plots").getParent();
        View above = (View) made.get("plot?plot=7").getParent();
        app.drag(5, 280, 200, 280, 10);
        app.idle(16);
        int last = touches.get(touches.size() - 1);
        assertEquals(
                "the view below is told that it is none of its business any more", MotionEvent.ACTION_CANCEL, last);
        assertTrue(app.view.stage().isSwiped());
        assertTrue("" + above.getTranslationX(), above.getTranslationX() > 100);
        assertEquals(View.VISIBLE, below.getVisibility());
        app.touch(MotionEvent.ACTION_UP, 200, 280);
        app.rest();
        assertEquals("plots", app.navigator.place().text());
        assertEquals(0, below.getTranslationX(), 0);
        assertEquals(1, below.getAlpha(), 0);
    }

    @Test
    public void aViewThatKeepsTheFingerIsNotSwiped() {
        AppFixture app = app();
        app.navigator.open("plot?plot=7");
        app.rest();
        app.touch(MotionEvent.ACTION_DOWN, 5, 400);
        made.get("plot?plot=7").getParent().requestDisallowInterceptTouchEvent(true);
        app.touch(MotionEvent.ACTION_MOVE, 200, 400);
        assertFalse(app.view.stage().isSwiped());
        app.touch(MotionEvent.ACTION_UP, 300, 400);
        app.rest();
        assertEquals("plot?plot=7", app.navigator.place().text());
    }

    @Test
    public void viewsAreKeptAsLongAsThePersonCanComeBack() {
        AppFixture app = app();
        View plots = made.get("plots");
        note("plots").setText("beans");
        app.navigator.open("plot?plot=7");
        app.rest();
        View seven = made.get("plot?plot=7");
        app.tap("Chores");
        app.navigator.back();
        app.rest();
        assertSame(plots, made.get("plots"));
        app.navigator.open("plot?plot=7");
        app.navigator.back();
        app.rest();
        app.navigator.open("plot?plot=7");
        app.rest();
        assertNotSame("who left a place for good comes to a new one", seven, made.get("plot?plot=7"));
        assertEquals("beans", note("plots").getText().toString());
    }

    @Test
    public void goingBackIsAskedOfTheViewOnlyWhereThereIsSomethingToGoBackTo() {
        AppFixture app = app();
        assertFalse(app.view.canGoBack());
        assertFalse(app.view.goBack());
        app.navigator.open("plot?plot=7");
        app.rest();
        assertTrue(app.view.canGoBack());
        assertTrue(app.view.goBack());
        app.rest();
        assertEquals("plots", app.navigator.place().text());
        app.navigator.openBar("more");
        app.rest();
        assertTrue("a drawer that is open closes", app.view.canGoBack());
        app.view.goBack();
        app.rest();
        assertFalse(app.view.stage().isOpen());
    }

    @Test
    public void whatIsSavedIsThereAgainAfterTheProcessDied() {
        AppFixture app = app();
        app.view.setId(5);
        note("plots").setText("beans");
        app.navigator.open("plot?plot=7");
        app.rest();
        note("plot?plot=7").setText("peas");
        app.tap("Chores");
        note("chores").setText("water the beds");
        app.rest();
        var state = new Bundle();
        app.controller.saveInstanceState(state);
        app.controller.pause().stop().destroy();
        Bundle read = parcelled(state);
        made.clear();

        var navigator = new Navigator(AppFixture.plots(), Runnable::run);
        AppFixture again = app(navigator);
        again.view.setId(5);
        again.controller.restoreInstanceState(read);
        again.rest();
        // As another process: the navigator knows nothing yet, and what was saved says where the person was.
        assertEquals("chores", navigator.place().text());
        assertEquals("water the beds", note("chores").getText().toString());
        again.tap("Plots");
        assertEquals("plot?plot=7", navigator.place().text());
        assertEquals("peas", note("plot?plot=7").getText().toString());
        navigator.back();
        again.rest();
        assertEquals("beans", note("plots").getText().toString());
    }

    @Test
    public void whatCanNotBeReadStartsAnew() {
        AppFixture app = app();
        app.view.setId(5);
        app.navigator.open("rota");
        var state = new Bundle();
        app.controller.saveInstanceState(state);
        app.controller.pause().stop().destroy();
        var container = state.getBundle("android:viewHierarchyState")
                .getSparseParcelableArray("android:views", android.os.Parcelable.class);
        ((Bundle) container.get(5)).putString("state", "%%% no state");
        AppFixture again = app();
        again.view.setId(5);
        again.controller.restoreInstanceState(state);
        again.rest();
        assertEquals("plots", again.navigator.place().text());
    }

    @Test
    public void aNavigatorThatLivedOnKnowsBetterThanWhatWasSaved() {
        var navigator = new Navigator(AppFixture.plots(), Runnable::run);
        AppFixture app = app(navigator);
        app.view.setId(5);
        var state = new Bundle();
        app.controller.saveInstanceState(state);
        app.controller.pause().stop().destroy();
        navigator.open("rota");
        AppFixture again = app(navigator);
        again.view.setId(5);
        again.controller.restoreInstanceState(state);
        again.rest();
        assertEquals("rota", navigator.place().text());
        assertNotNull(made.get("rota"));
    }

    /** As the system keeps it while the app's process is gone. */
    private static Bundle parcelled(Bundle state) {
        Parcel parcel = Parcel.obtain();
        state.writeToParcel(parcel, 0);
        parcel.setDataPosition(0);
        Bundle read = parcel.readBundle(AppViewTest.class.getClassLoader());
        parcel.recycle();
        return read;
    }

    @Test
    public void keysGoOverTheBarsAndOnIntoTheAppsOwnView() {
        AppFixture app = app();
        app.view.requestFocus();
        var reached = new ArrayList<String>();
        for (int i = 0; i < 6 && key(app, KeyEvent.KEYCODE_TAB); i++) {
            app.view.stage().focus().flatMap(app.view.stage().tree()::find).ifPresent(part -> reached.add(part.name()));
        }
        assertTrue(reached.toString(), reached.containsAll(List.of("Plots", "Chores", "Rota")));
        while (!app.view
                .stage()
                .focus()
                .equals(java.util.Optional.of(app.part("Rota").path()))) {
            key(app, KeyEvent.KEYCODE_TAB, KeyEvent.META_SHIFT_ON | KeyEvent.META_SHIFT_LEFT_ON);
        }
        key(app, KeyEvent.KEYCODE_ENTER);
        app.rest();
        assertEquals("rota", app.navigator.place().text());
        for (int i = 0; i < 20 && key(app, KeyEvent.KEYCODE_TAB); i++) {
            assertTrue(app.view.stage().focus().isPresent());
        }
        // What the view has no use for, the system takes to where the focus goes next.
        assertSame(note("rota"), app.view.focusSearch(View.FOCUS_FORWARD));
    }

    private static boolean key(AppFixture app, int code) {
        return key(app, code, 0);
    }

    private static boolean key(AppFixture app, int code, int meta) {
        boolean isUsed = app.view.onKeyDown(code, new KeyEvent(0, 0, KeyEvent.ACTION_DOWN, code, 0, meta));
        app.idle(16);
        return isUsed;
    }

    @Test
    public void aKeyboardTypesIntoTheFieldOfABar() {
        AppFixture app = app();
        app.navigator.openBar("more");
        app.rest();
        app.tap("Find");
        assertTrue(app.view.onCheckIsTextEditor());
        var told = new android.view.inputmethod.EditorInfo();
        var connection = app.view.onCreateInputConnection(told);
        connection.setComposingText("ru", 1);
        connection.commitText("rul", 1);
        app.rest();
        assertEquals("rul", app.navigator.state().facts().get("wanted").text());
        connection.deleteSurroundingText(1, 0);
        app.rest();
        assertEquals("ru", app.navigator.state().facts().get("wanted").text());
        assertEquals("one item is left", 1, count(app, "Rules") + count(app, "Leave the club"));
        assertTrue(app.view.goBack());
        app.rest();
        assertFalse(app.view.onCheckIsTextEditor());
    }

    private static long count(AppFixture app, String name) {
        return app.view.stage().tree().all().stream()
                .filter(part -> part.name().equals(name))
                .count();
    }

    @Test
    public void nothingIsPaintedWhereNothingMoves() {
        AppFixture app = app();
        app.rest();
        var before = app.view.shown();
        app.idle(2000);
        assertFalse(app.view.stage().moves());
        assertSame(before, app.view.shown());
    }
}
