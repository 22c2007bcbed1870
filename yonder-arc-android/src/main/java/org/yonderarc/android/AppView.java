package org.yonderarc.android;

import android.annotation.SuppressLint;
import android.content.Context;
import android.content.res.Configuration;
import android.graphics.Canvas;
import android.graphics.Rect;
import android.os.Build;
import android.os.Bundle;
import android.os.Looper;
import android.os.Parcelable;
import android.os.SystemClock;
import android.util.Log;
import android.util.SparseArray;
import android.view.HapticFeedbackConstants;
import android.view.KeyEvent;
import android.view.MotionEvent;
import android.view.View;
import android.view.ViewGroup;
import android.view.ViewParent;
import android.view.WindowInsets;
import android.view.accessibility.AccessibilityManager;
import android.view.accessibility.AccessibilityNodeProvider;
import android.view.inputmethod.EditorInfo;
import android.view.inputmethod.InputConnection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;
import org.yonderarc.navigator.Moved;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Role;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/**
 * An app's navigation as one view: the bars of a plan around an app's own views, which take part in films, swipes and drawers and keep what was
 * typed in them. Taken by touch, mouse, keyboard, a remote control and assistive technology. Follows the size that its parent gives it, the system's
 * bars and cut-outs, dark mode, the person's language, text size, contrast and wish for less motion.
 *
 * <pre>{@code
 * var view = AppView.of(this, navigator).content(place -> screen(place)).build();
 * setContentView(view);
 * }</pre>
 *
 * <p>To be used on the main thread; the navigator may tell its steps on any. Follows the navigator while it is in a window. What it saves of
 * itself, its parent saves where it has an id: the state of the navigator, and that of the app's own views.
 */
@SuppressLint("ViewConstructor")
public final class AppView extends ViewGroup {
    private final Navigator navigator;
    private final ScenePainter painter;
    private final PaintMeasure measure;
    private final ContentViews views;
    private final Consumer<Effect> effects;
    private final Stage stage;
    private final Frames frames;
    private final Typing typing;
    private final Hands hands;
    private final AccessNodes nodes;
    private final @Nullable BackGesture back;
    private final Runnable tick = this::frame;
    private double density;
    private UnaryOperator<Surroundings> adapted = UnaryOperator.identity();
    private Optional<Navigator.Subscription> following = Optional.empty();
    private @Nullable WindowInsets covered;
    private boolean isScheduled;
    /** Whether anything was handed in since the last frame. */
    private boolean isStirred;

    private boolean isTouched;
    /** How often the view came into a window. */
    private int windows;

    private int focusMoves;

    /** Collects what an {@link AppView} is made of. */
    public static final class Builder {
        private final Context context;
        private final Navigator navigator;
        private ContentFactory content = place -> null;
        private Icons icons = new BundledIcons();
        private PictureSource pictures = file -> null;
        private @Nullable AppFonts fonts;
        private Consumer<Effect> effects;

        private Builder(Context context, Navigator navigator) {
            this.context = Objects.requireNonNull(context, "context");
            this.navigator = Objects.requireNonNull(navigator, "navigator");
            this.effects = SystemEffects.of(context, trouble -> Log.w("YonderArc", trouble));
        }

        /** The app's own views. Asked for from when the view is in a window. Without any, the plan's sample content shows. */
        public Builder content(ContentFactory factory) {
            content = Objects.requireNonNull(factory, "factory");
            return this;
        }

        /** The icons; usually those that come with the library. */
        public Builder icons(Icons other) {
            icons = Objects.requireNonNull(other, "other");
            return this;
        }

        /** The pictures; usually none. */
        public Builder pictures(PictureSource other) {
            pictures = Objects.requireNonNull(other, "other");
            return this;
        }

        /** The typefaces; usually the system's. */
        public Builder fonts(AppFonts other) {
            fonts = Objects.requireNonNull(other, "other");
            return this;
        }

        /** What is done about effects of a step: web addresses, signals, results. Usually what {@link SystemEffects#of} does. */
        public Builder effects(Consumer<Effect> other) {
            effects = Objects.requireNonNull(other, "other");
            return this;
        }

        private AppFonts fonts() {
            if (fonts == null && navigator.plan().theme().font().isPresent()) {
                Log.w("YonderArc", "texts are in the system's font: give that of the plan with AppView.Builder.fonts");
            }
            return fonts == null ? AppFonts.system() : fonts;
        }

        /** The view. */
        public AppView build() {
            return new AppView(this);
        }
    }

    /** Begins a view of an app. */
    public static Builder of(Context context, Navigator navigator) {
        return new Builder(context, navigator);
    }

    private AppView(Builder made) {
        super(made.context);
        navigator = made.navigator;
        effects = made.effects;
        density = getResources().getDisplayMetrics().density;
        AppFonts fonts = made.fonts();
        painter = new ScenePainter(fonts, made.icons, made.pictures);
        measure = new PaintMeasure(fonts);
        views = new ContentViews(this, made.content);
        var around = SystemLook.of(made.context, navigator.plan());
        stage = new Stage(Walk.of(navigator.plan()), navigator.state(), around, measure, new Host());
        frames = new Frames(stage, painter, views);
        typing = new Typing(this, stage);
        hands = new Hands(this, stage);
        nodes = new AccessNodes(this, stage);
        back = Build.VERSION.SDK_INT >= 33 ? new BackGesture(this) : null;
        surround(around);
        setWillNotDraw(false);
        setFocusable(true);
        setFocusableInTouchMode(true);
        setDescendantFocusability(FOCUS_BEFORE_DESCENDANTS);
        setDefaultFocusHighlightEnabled(false);
        setImportantForAccessibility(IMPORTANT_FOR_ACCESSIBILITY_YES);
    }

    /** Runs the app's steps, and knows which content is the app's own. */
    private final class Host implements Stage.Host {
        @Override
        public boolean take(Step step) {
            if (isTouched) {
                performHapticFeedback(HapticFeedbackConstants.CONTEXT_CLICK);
            }
            return navigator.take(step).moved();
        }

        @Override
        public boolean shows(Place place) {
            return views.has(place);
        }
    }

    // For apps.

    /**
     * Changes what the system tells of the person's preferences, now and whenever it tells them anew: {@code around -> around.in(Scheme.DARK)}. The
     * size and the insets stay those of the view.
     */
    public void adapt(UnaryOperator<Surroundings> own) {
        adapted = Objects.requireNonNull(own, "own");
        refresh();
    }

    /** Where the view is, and how the person likes it, as the system and {@link #adapt} tell. */
    public Surroundings surroundings() {
        return stage.surroundings();
    }

    /** The colours that are shown, as ARGB integers by what they are for: for the app's own views, so that they look as the bars do. */
    public Map<Role, Integer> palette() {
        var shown = Fitter.scheme(
                navigator.plan(), navigator.state(), surroundings().scheme());
        var colours = new EnumMap<Role, Integer>(Role.class);
        surroundings()
                .in(shown)
                .palette(navigator.plan().theme())
                .forEach((role, colour) -> colours.put(role, ScenePainter.argb(colour)));
        return Collections.unmodifiableMap(colours);
    }

    /** Whether {@link #goBack} stays in the app: something open closes, or another place shows. */
    public boolean canGoBack() {
        return navigator.canGoBack();
    }

    /**
     * Goes back as the system's gesture does. From API level 33 the view is told by the system itself; before, an activity calls this in
     * {@code onBackPressed}.
     *
     * @return whether there was something to go back to
     */
    public boolean goBack() {
        return take(new Input.BackEnd(true));
    }

    /** What is shown now. */
    public Scene shown() {
        return stage.scene(now());
    }

    /** The stage that is played here. */
    Stage stage() {
        return stage;
    }

    /** Pixels for each dp. */
    double density() {
        return density;
    }

    // With the navigator.

    @Override
    protected void onAttachedToWindow() {
        super.onAttachedToWindow();
        int window = ++windows;
        following = Optional.of(navigator.listen(moved -> onMainThread(() -> {
            // What was posted for a window that the view has left is known already.
            if (window == windows) {
                follow(moved);
            }
        })));
        prepare();
        stage.use(Walk.of(navigator.plan()), navigator.state());
        refresh();
        requestApplyInsets();
    }

    @Override
    protected void onDetachedFromWindow() {
        following.ifPresent(Navigator.Subscription::close);
        following = Optional.empty();
        windows++;
        removeCallbacks(tick);
        isScheduled = false;
        enableBack(false);
        super.onDetachedFromWindow();
    }

    private void onMainThread(Runnable task) {
        if (Looper.getMainLooper().isCurrentThread()) {
            task.run();
        } else {
            post(task);
        }
    }

    /** Asks for the app's views of the place that shows, and of the one below it, which a swipe uncovers. */
    private void prepare() {
        views.prepare(navigator.place());
        navigator.state().trail().below().map(Trail::top).ifPresent(views::prepare);
    }

    private void follow(Moved moved) {
        views.prepare(moved.to());
        prepare();
        if (moved.cause() == Moved.Cause.PLAN) {
            stage.use(Walk.of(navigator.plan()), navigator.state());
        } else {
            stage.changed(moved.change(), now());
        }
        moved.change().effects().forEach(effects);
        wake();
    }

    /** Hands something in; gives whether the stage had use for it. */
    boolean take(Input input) {
        boolean used = stage.take(input, now());
        wake();
        return used;
    }

    private static double now() {
        return SystemClock.uptimeMillis();
    }

    // With the system.

    private void refresh() {
        boolean hasPlace = getWidth() > 0 && getHeight() > 0;
        surround(
                hasPlace
                        ? SystemLook.of(this, covered, navigator.plan(), density)
                        : SystemLook.of(getContext(), navigator.plan()));
    }

    private void surround(Surroundings told) {
        Surroundings wanted = adapted.apply(told);
        Surroundings own = wanted.on(told.device().withText(wanted.device().textScale()));
        boolean isResized = !own.device().equals(stage.surroundings().device());
        Locale language = own.language().isEmpty()
                ? getResources().getConfiguration().getLocales().get(0)
                : Locale.forLanguageTag(own.language());
        painter.in(language);
        measure.in(language);
        stage.surround(own, now());
        if (isResized || !isAttachedToWindow()) {
            // A device that is turned or a window that is dragged is laid out anew, not filmed.
            stage.settle();
        }
        setLayoutDirection(stage.isRightToLeft() ? LAYOUT_DIRECTION_RTL : LAYOUT_DIRECTION_LTR);
        wake();
    }

    @Override
    protected void onConfigurationChanged(Configuration other) {
        super.onConfigurationChanged(other);
        density = getResources().getDisplayMetrics().density;
        refresh();
    }

    @Override
    public WindowInsets onApplyWindowInsets(WindowInsets insets) {
        covered = insets;
        refresh();
        return insets;
    }

    @Override
    protected void onMeasure(int width, int height) {
        setMeasuredDimension(
                getDefaultSize(getSuggestedMinimumWidth(), width), getDefaultSize(getSuggestedMinimumHeight(), height));
    }

    @Override
    protected void onLayout(boolean isChanged, int left, int top, int right, int bottom) {
        // Also where it only went elsewhere: the system's bars cover another part of it then.
        if (isChanged) {
            refresh();
        }
        show(now());
    }

    // What is seen.

    /** Something was handed in: paints a frame soon, and goes on as long as anything moves. */
    private void wake() {
        isStirred = true;
        schedule();
    }

    private void schedule() {
        if (!isScheduled && isAttachedToWindow()) {
            isScheduled = true;
            postOnAnimation(tick);
        }
    }

    void frame() {
        isScheduled = false;
        double now = now();
        if (!isStirred && frames.playsOn(now)) {
            // Nothing happened but that time passed: nobody is asked, and nothing is composed.
            invalidate();
            schedule();
            return;
        }
        isStirred = false;
        show(now);
        views.keep(navigator.state());
        nodes.follow();
        followFocus();
        enableBack(canGoBack() && isAttachedToWindow());
        String said = stage.announcement();
        if (!said.isEmpty()) {
            announce(said);
        }
        if (stage.moves()) {
            schedule();
        }
    }

    @SuppressWarnings("deprecation") // The system has no other way for what is announced and stands nowhere.
    private void announce(String said) {
        announceForAccessibility(said);
    }

    private void show(double now) {
        if (frames.show(now, isLayoutRequested())) {
            invalidate();
        }
    }

    @Override
    protected void dispatchDraw(Canvas canvas) {
        frames.draw(canvas, getWidth(), getHeight(), density);
    }

    void drawPane(Canvas canvas, View pane) {
        drawChild(canvas, pane, getDrawingTime());
    }

    /** The app's own view that shows; null where the plan's sample content does. */
    @Nullable
    View shownView() {
        return views.view(navigator.place());
    }

    private void enableBack(boolean isEnabled) {
        if (back != null) {
            back.enable(isEnabled);
        }
    }

    // What is done.

    @Override
    public boolean onInterceptTouchEvent(MotionEvent event) {
        return hands.intercepts(event);
    }

    @Override
    public void requestDisallowInterceptTouchEvent(boolean isDisallowed) {
        if (isDisallowed) {
            hands.letGo();
        }
        super.requestDisallowInterceptTouchEvent(isDisallowed);
    }

    @Override
    @SuppressLint("ClickableViewAccessibility") // Each item is a virtual view of its own.
    public boolean onTouchEvent(MotionEvent event) {
        isTouched = true;
        hands.touch(event);
        isTouched = false;
        return true;
    }

    @Override
    public boolean onGenericMotionEvent(MotionEvent event) {
        return hands.wheel(event) || super.onGenericMotionEvent(event);
    }

    @Override
    public boolean onHoverEvent(MotionEvent event) {
        hands.hover(event);
        return super.onHoverEvent(event);
    }

    @Override
    protected boolean dispatchHoverEvent(MotionEvent event) {
        boolean explores = listensToAccess() && accessibility().isTouchExplorationEnabled();
        boolean isOwn = stage.reachesContent(event.getX() / density, event.getY() / density);
        return explores && !isOwn && nodes.explore(event) || super.dispatchHoverEvent(event);
    }

    @Override
    public boolean onKeyDown(int code, KeyEvent event) {
        return hands.key(code, event) || super.onKeyDown(code, event);
    }

    @Override
    protected void onFocusChanged(boolean hasFocus, int direction, @Nullable Rect from) {
        super.onFocusChanged(hasFocus, direction, from);
        if (!hasFocus) {
            take(new Input.Focus(Optional.empty()));
        } else if (stage.focus().isEmpty() && direction != 0 && !isInTouchMode()) {
            boolean isBackward = direction == FOCUS_BACKWARD || direction == FOCUS_UP || direction == FOCUS_LEFT;
            take(new Input.Key(isBackward ? Input.Meant.PREVIOUS : Input.Meant.NEXT));
        }
    }

    /** Into a drawer that opens, and back to where the focus was when it closes. */
    private void followFocus() {
        if (stage.focusMoves() != focusMoves) {
            focusMoves = stage.focusMoves();
            if (stage.focus().isPresent()) {
                requestFocus();
            }
            nodes.focusMoved();
        }
        typing.follow();
    }

    // What is typed.

    void hideKeyboard() {
        typing.hide();
    }

    @Override
    public boolean onCheckIsTextEditor() {
        return stage != null && stage.isTyped();
    }

    @Override
    public @Nullable InputConnection onCreateInputConnection(EditorInfo told) {
        return typing.connection(told);
    }

    // What is heard.

    @Override
    public AccessibilityNodeProvider getAccessibilityNodeProvider() {
        return nodes;
    }

    /** The virtual view of the content, in which the app's own view is heard. */
    int contentNode() {
        return nodes.content();
    }

    private AccessibilityManager accessibility() {
        return getContext().getSystemService(AccessibilityManager.class);
    }

    boolean listensToAccess() {
        return accessibility().isEnabled();
    }

    // What is scrolled: the app's own views tell it, as the system's nested scrolling has it.

    @Override
    public boolean onStartNestedScroll(View child, View target, int axes) {
        return (axes & SCROLL_AXIS_VERTICAL) != 0;
    }

    @Override
    public void onNestedScroll(View target, int usedX, int usedY, int leftX, int leftY) {
        View shown = shownView();
        boolean isShown = shown != null && (target == shown || isWithin(target, shown));
        stage.tree().content().filter(path -> isShown).ifPresent(path -> {
            double now = stage.scrolled(path) + usedY / density;
            boolean isAtTop = !target.canScrollVertically(-1);
            take(new Input.Scrolled(path, 0, isAtTop ? 0 : Math.max(0, now)));
        });
    }

    /** Whether a view stands somewhere in another. */
    private static boolean isWithin(View view, View other) {
        for (ViewParent at = view.getParent(); at != null; at = at.getParent()) {
            if (at == other) {
                return true;
            }
        }
        return false;
    }

    // What is saved.

    @Override
    protected void dispatchSaveInstanceState(SparseArray<Parcelable> container) {
        dispatchFreezeSelfOnly(container);
    }

    @Override
    protected void dispatchRestoreInstanceState(SparseArray<Parcelable> container) {
        dispatchThawSelfOnly(container);
    }

    @Override
    protected Parcelable onSaveInstanceState() {
        return SavedView.of(super.onSaveInstanceState(), navigator, views);
    }

    @Override
    protected void onRestoreInstanceState(@Nullable Parcelable saved) {
        if (!(saved instanceof Bundle from)) {
            super.onRestoreInstanceState(saved);
            return;
        }
        super.onRestoreInstanceState(SavedView.parent(from));
        SavedView.restore(from, navigator, views);
    }
}
