package org.yonderarc.android;

import static org.robolectric.Shadows.shadowOf;

import android.app.Activity;
import android.graphics.Bitmap;
import android.graphics.Canvas;
import android.os.Looper;
import android.os.SystemClock;
import android.view.MotionEvent;
import java.time.Duration;
import java.util.function.UnaryOperator;
import org.robolectric.Robolectric;
import org.robolectric.android.controller.ActivityController;
import org.robolectric.shadows.ShadowChoreographer;
import org.robolectric.shadows.ShadowInstrumentation;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.files.PlanFile;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.stage.Access;

/** An activity with a plan in a view, as the system runs it. */
final class AppFixture {
    {
        // Frames come as time passes, and don't make it pass.
        ShadowChoreographer.setPaused(true);
        ShadowChoreographer.setFrameDelay(Duration.ofMillis(16));
        // As on a phone: nothing has the focus of a keyboard before there is one.
        ShadowInstrumentation.getInstrumentation().setInTouchMode(true);
    }

    final ActivityController<Activity> controller =
            Robolectric.buildActivity(Activity.class).setup();
    final Navigator navigator;
    final AppView view;

    AppFixture(String plan, UnaryOperator<AppView.Builder> made) {
        this(new Navigator(PlanFile.require(Brinelight.class, plan), Runnable::run), made);
    }

    /** The plan of the tests: an allotment club, with tabs, a drawer and a screen below one of the tabs. */
    static final String PLOTS =
            """
            yonder: 1
            app: { name: Plotwise, start: plots, link-schemes: [ plotwise ] }
            facts: { wanted: "" }
            screens:
              plots: { title: Plots, icon: map-pin, path: /plots, wireframe: list }
              plot: { title: "Plot {plot}", under: plots, path: "/plots/{plot}", wireframe: detail }
              chores: { title: Chores, icon: clipboard-list, path: /chores, wireframe: form }
              rota: { title: Rota, icon: calendar-event, path: /rota, wireframe: list }
              rules: { title: Rules, icon: book, path: /rules, wireframe: detail }
            menus:
              main: [ plots, chores, rota ]
              more: [ rules, { signal: leave-club, label: Leave the club, icon: logout } ]
            bars:
              - { menu: main, form: bottom }
              - { menu: more, form: drawer, filter: wanted }
              - top
            """;

    static Plan plots() {
        return PlanFile.require("plotwise.yaml", PLOTS);
    }

    AppFixture(Plan plan, UnaryOperator<AppView.Builder> made) {
        this(new Navigator(plan, Runnable::run), made);
    }

    AppFixture(Navigator navigator, UnaryOperator<AppView.Builder> made) {
        this.navigator = navigator;
        Activity activity = controller.get();
        view = made.apply(AppView.of(activity, navigator).fonts(AppFonts.bundled(activity)))
                .build();
        activity.setContentView(view);
        idle(48);
    }

    Activity activity() {
        return controller.get();
    }

    /** Lets so much time pass, with all of its frames. */
    void idle(int ms) {
        shadowOf(Looper.getMainLooper()).idleFor(Duration.ofMillis(ms));
    }

    /** Until nothing moves, and all that was posted is done. */
    void rest() {
        for (int i = 0; i < 500 && view.stage().moves(); i++) {
            idle(16);
        }
        idle(64);
    }

    Bitmap picture() {
        Bitmap bitmap = Bitmap.createBitmap(view.getWidth(), view.getHeight(), Bitmap.Config.ARGB_8888);
        view.draw(new Canvas(bitmap));
        return bitmap;
    }

    /** The part of the stage with this name. */
    Access part(String name) {
        return view.stage().tree().all().stream()
                .filter(part -> part.name().equals(name) && part.step().isPresent())
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing is called " + name + ": "
                        + view.stage().tree().all().stream().map(Access::name).toList()));
    }

    /** Touches the middle of what has this name. */
    void tap(String name) {
        var box = part(name).box();
        touch(MotionEvent.ACTION_DOWN, box.centerX(), box.centerY());
        touch(MotionEvent.ACTION_UP, box.centerX(), box.centerY());
        rest();
    }

    /** One event of a finger, at a place in dp. */
    boolean touch(int action, double x, double y) {
        long now = SystemClock.uptimeMillis();
        float density = (float) view.density();
        MotionEvent event = MotionEvent.obtain(now, now, action, (float) x * density, (float) y * density, 0);
        boolean isUsed = view.dispatchTouchEvent(event);
        event.recycle();
        return isUsed;
    }

    /** A finger that goes from one place to another in so many steps of 16 ms. */
    void drag(double fromX, double fromY, double toX, double toY, int steps) {
        touch(MotionEvent.ACTION_DOWN, fromX, fromY);
        for (int i = 1; i <= steps; i++) {
            idle(16);
            touch(MotionEvent.ACTION_MOVE, fromX + (toX - fromX) * i / steps, fromY + (toY - fromY) * i / steps);
        }
    }
}
