package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertFalse;
import static org.junit.Assert.assertTrue;
import static org.robolectric.Shadows.shadowOf;

import android.content.Intent;
import android.graphics.Insets;
import android.net.Uri;
import android.os.SystemClock;
import android.view.InputDevice;
import android.view.MotionEvent;
import android.view.View;
import android.view.WindowInsets;
import android.widget.LinearLayout;
import android.widget.ScrollView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.robolectric.annotation.Config;
import org.robolectric.shadows.ShadowLog;
import org.yonderarc.files.PlanFile;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;

/** What the system tells is followed, and what the app wants of the system is done. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-xhdpi")
public class SystemTest {
    private static final WindowInsets EDGES = new WindowInsets.Builder()
            .setInsets(WindowInsets.Type.statusBars(), Insets.of(0, 72, 0, 0))
            .setInsets(WindowInsets.Type.navigationBars(), Insets.of(0, 0, 0, 40))
            .build();

    private final List<Effect> effects = new ArrayList<>();

    private AppFixture app() {
        return new AppFixture(AppFixture.plots(), made -> made);
    }

    /** The activity is told of another configuration, and keeps its views. */
    private static void configure(AppFixture app, String qualifiers) {
        RuntimeEnvironment.setQualifiers(qualifiers);
        app.view.dispatchConfigurationChanged(app.activity().getResources().getConfiguration());
        app.rest();
    }

    @Test
    public void darkModeIsFollowedWhereTheAppDoesNotWantOtherwise() {
        AppFixture app = app();
        int light = app.view.palette().get(Role.BACKGROUND);
        assertEquals(Scheme.LIGHT, app.view.surroundings().scheme());
        configure(app, "+night");
        assertEquals(Scheme.DARK, app.view.surroundings().scheme());
        assertTrue(light != app.view.palette().get(Role.BACKGROUND));
        app.view.adapt(around -> around.in(Scheme.LIGHT));
        assertEquals(light, (int) app.view.palette().get(Role.BACKGROUND));
    }

    @Test
    public void theFirstLanguageThatThePlanHasIsShown() {
        var app = new AppFixture("hutline.yaml", made -> made);
        configure(app, "+de-rAT");
        assertEquals("de", app.view.surroundings().language());
        assertEquals("Buchungen, 3", app.part("Buchungen, 3").name());
        configure(app, "+ar");
        assertEquals(View.LAYOUT_DIRECTION_RTL, app.view.getRawLayoutDirection());
        configure(app, "+fi");
        assertEquals("", app.view.surroundings().language());
        assertEquals(View.LAYOUT_DIRECTION_LTR, app.view.getRawLayoutDirection());
    }

    @Test
    public void textsAreAsLargeAsThePersonWantsThem() {
        RuntimeEnvironment.setFontScale(1.6f);
        assertEquals(1.6, app().view.surroundings().device().textScale(), 1e-6);
        RuntimeEnvironment.setFontScale(5f);
        assertEquals(3, app().view.surroundings().device().textScale(), 0);
    }

    @Test
    public void whoTurnedAnimationsOffSeesNone() {
        android.animation.ValueAnimator.setDurationScale(0);
        try {
            assertTrue(app().view.surroundings().lessMotion());
        } finally {
            android.animation.ValueAnimator.setDurationScale(1);
        }
        assertFalse(app().view.surroundings().lessMotion());
    }

    @Test
    public void barsReachBehindTheSystemsAndTheirItemsDoNot() {
        AppFixture app = app();
        app.view.dispatchApplyWindowInsets(EDGES);
        app.rest();
        Surroundings around = app.view.surroundings();
        // The view of the test begins below the bar of the activity, and there is nothing of the system's upper bar.
        assertEquals(20, around.device().safe().bottom(), 0);
        double bottom = app.part("Plots").box().bottom();
        assertTrue("" + bottom, bottom <= around.device().height() - 20);
        assertEquals(around.device().height(), app.view.shown().height(), 0);
    }

    @Test
    public void aKeyboardCoversOnlyWhatOfTheAppsOwnViewItReaches() {
        var told = new ArrayList<Integer>();
        AppFixture app = new AppFixture(
                AppFixture.plots(),
                made -> made.content(place -> {
                    var own = new View(RuntimeEnvironment.getApplication());
                    own.setOnApplyWindowInsetsListener((view, insets) -> {
                        told.add(insets.getInsets(WindowInsets.Type.ime()).bottom);
                        assertEquals(0, insets.getInsets(WindowInsets.Type.systemBars()).bottom);
                        return insets;
                    });
                    return own;
                }));
        app.rest();
        var keyboard = new WindowInsets.Builder(EDGES)
                .setInsets(WindowInsets.Type.ime(), Insets.of(0, 0, 0, 600))
                .build();
        app.view.dispatchApplyWindowInsets(keyboard);
        app.rest();
        app.view.dispatchApplyWindowInsets(keyboard);
        int bar = (int)
                Math.round((app.view.shown().height() - app.part("Plots").box().y()) * 2);
        int last = told.get(told.size() - 1);
        assertTrue(last + " with a bar of " + bar, last < 600 - 80 && last > 350);
    }

    @Test
    public void aDeviceThatIsTurnedIsLaidOutAnewAndKeepsWhereThePersonIs() {
        AppFixture app = app();
        app.tap("Chores");
        RuntimeEnvironment.setQualifiers("+w824dp-h384dp-land");
        app.view.setLayoutParams(new android.widget.FrameLayout.LayoutParams(1648, 656));
        app.rest();
        assertEquals(824, app.view.surroundings().device().width(), 0);
        assertEquals("chores", app.navigator.place().text());
        assertEquals(824, app.view.shown().width(), 0);
    }

    @Test
    public void aLinkOpensItsPlaceAndAnotherIsRefused() {
        AppFixture app = app();
        var intent = new Intent(Intent.ACTION_VIEW, Uri.parse("plotwise://club/plots/7"));
        assertTrue(SystemEffects.open(app.navigator, intent).orElseThrow().moved());
        assertEquals("plot?plot=7", app.navigator.place().text());
        Change refused = SystemEffects.open(
                        app.navigator, new Intent(Intent.ACTION_VIEW, Uri.parse("plotwise://club/barn")))
                .orElseThrow();
        assertFalse(refused.moved());
        assertEquals(Optional.empty(), SystemEffects.open(app.navigator, new Intent()));
        assertEquals(Optional.empty(), SystemEffects.open(app.navigator, null));
        Intent out = SystemEffects.intent(app.activity(), app.activity().getClass(), "plotwise://club/plots/9");
        SystemEffects.open(app.navigator, out);
        assertEquals("plot?plot=9", app.navigator.place().text());
    }

    @Test
    public void aWebAddressIsOpenedAndASignalIsTheApps() {
        var app = new AppFixture("hutline.yaml", made -> made);
        var hutline = app.navigator.plan();
        app.navigator.take(org.yonderarc.walk.Steps.parse(hutline, "choose:" + web(hutline)));
        app.rest();
        Intent started = shadowOf(app.activity()).getNextStartedActivity();
        assertEquals("https://rescue.example/mountain", started.getDataString());
        var own = new AppFixture(AppFixture.plots(), made -> made.effects(effects::add));
        own.navigator.openBar("more");
        own.rest();
        own.tap("Leave the club");
        assertEquals(List.of(new Effect.Signal("leave-club")), effects);
    }

    private static String web(Plan plan) {
        return plan.menus().stream()
                .flatMap(menu -> menu.items().stream())
                .filter(item -> item.target() instanceof org.yonderarc.plan.Target.ToWeb)
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    public void whatOfThePlanIsNotThereIsToldOnce() {
        Plan plan = PlanFile.require(
                "plots.yaml",
                AppFixture.PLOTS
                        .replace("icon: map-pin", "icon: our-own")
                        .replace("link-schemes", "logo: { light: logos/club.svg }, link-schemes")
                        .replace("screens:", "theme: { font: { regular: fonts/a.ttf } }\nscreens:"));
        var view = AppView.of(RuntimeEnvironment.getApplication(), new Navigator(plan, Runnable::run))
                .build();
        view.layout(0, 0, 768, 1536);
        for (int i = 0; i < 2; i++) {
            view.draw(new android.graphics.Canvas());
        }
        List<String> told = ShadowLog.getLogsForTag("YonderArc").stream()
                .map(log -> log.msg)
                .filter(text -> text.contains("AppView.Builder"))
                .toList();
        assertEquals(
                List.of(
                        "texts are in the system's font: give that of the plan with AppView.Builder.fonts",
                        "nothing is painted for the icon our-own: supply it with AppView.Builder.icons (PlanAssets.icons reads the plan's own), and run yonder check on the plan"),
                told);
    }

    @Test
    public void aWheelScrolls() {
        AppFixture app = new AppFixture("hutline.yaml", made -> made);
        app.rest();
        String content = app.view.stage().tree().content().orElseThrow();
        var at = new MotionEvent.PointerCoords();
        at.x = 400;
        at.y = 700;
        at.setAxisValue(MotionEvent.AXIS_VSCROLL, -0.5f);
        var mouse = new MotionEvent.PointerProperties();
        mouse.toolType = MotionEvent.TOOL_TYPE_MOUSE;
        long now = SystemClock.uptimeMillis();
        app.view.dispatchGenericMotionEvent(MotionEvent.obtain(
                now,
                now,
                MotionEvent.ACTION_SCROLL,
                1,
                new MotionEvent.PointerProperties[] {mouse},
                new MotionEvent.PointerCoords[] {at},
                0,
                0,
                1,
                1,
                0,
                0,
                InputDevice.SOURCE_MOUSE,
                0));
        app.rest();
        assertEquals(24, app.view.stage().scrolled(content), 1e-6);
    }

    @Test
    public void stepsThatAnotherThreadTakesAreShown() throws Exception {
        AppFixture app = app();
        var others = Executors.newFixedThreadPool(2);
        for (String place : List.of("chores", "rota", "plot?plot=3")) {
            others.submit(() -> app.navigator.open(place)).get(10, TimeUnit.SECONDS);
        }
        others.shutdown();
        app.rest();
        assertEquals(
                "Plot 3",
                app.view.stage().tree().all().stream()
                        .filter(part -> part.role() == org.yonderarc.stage.Access.Role.HEADING)
                        .findFirst()
                        .orElseThrow()
                        .name());
    }

    @Test
    public void tenThousandFactsInAFrameAreOneFrame() {
        AppFixture app = app();
        app.rest();
        for (int i = 0; i < 10_000; i++) {
            app.navigator.take(org.yonderarc.walk.Steps.parse(app.navigator.plan(), "tell:wanted=" + i));
        }
        app.rest();
        assertEquals("9999", app.navigator.state().facts().get("wanted").text());
        assertFalse(app.view.stage().moves());
    }

    /** A list of the app's own that is longer than the screen. */
    private static ScrollView list() {
        var list = new ScrollView(RuntimeEnvironment.getApplication());
        list.setNestedScrollingEnabled(true);
        var rows = new LinearLayout(RuntimeEnvironment.getApplication());
        rows.setOrientation(LinearLayout.VERTICAL);
        for (int i = 0; i < 40; i++) {
            rows.addView(new View(RuntimeEnvironment.getApplication()), new LinearLayout.LayoutParams(-1, 200));
        }
        list.addView(rows);
        return list;
    }

    @Test
    public void aBarLeavesAsAListOfTheAppsOwnIsScrolled() {
        Plan plan = PlanFile.require(
                "plots.yaml", AppFixture.PLOTS.replace("form: bottom", "form: bottom, on-scroll: hide"));
        ScrollView list = list();
        AppFixture app = new AppFixture(
                plan, made -> made.content(place -> place.screen().equals("plots") ? list : null));
        app.rest();
        double before = app.part("Plots").box().y();
        app.drag(200, 600, 200, 200, 10);
        app.touch(MotionEvent.ACTION_UP, 200, 200);
        app.rest();
        assertTrue("" + list.getScrollY(), list.getScrollY() > 300);
        assertTrue(
                app.part("Plots").box().y() + " "
                        + app.view
                                .stage()
                                .scrolled(app.view.stage().tree().content().orElseThrow()) + " "
                        + app.view.stage().tree().content(),
                app.part("Plots").box().y() > before + 40);
        list.setScrollY(400);
        app.drag(200, 300, 200, 600, 10);
        app.touch(MotionEvent.ACTION_UP, 200, 600);
        app.rest();
        assertEquals(before, app.part("Plots").box().y(), 0.5);
        assertEquals("plots", app.navigator.place().text());
    }

    @Test
    public void aNavigatorThatIsLeftAloneIsNotHeldByItsView() {
        var navigator = new Navigator(AppFixture.plots(), Runnable::run);
        AppFixture app = new AppFixture(navigator, made -> made);
        app.activity().setContentView(new View(app.activity()));
        app.rest();
        navigator.open("rota");
        app.rest();
        assertEquals(
                "what is in no window follows nobody",
                "Plots",
                app.view.shown().title().split(" – ")[0]);
        app.activity().setContentView(app.view);
        app.rest();
        assertEquals("Rota", app.view.shown().title().split(" – ")[0]);
    }
}
