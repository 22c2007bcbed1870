package org.yonderarc.android;

import android.annotation.SuppressLint;
import android.graphics.Insets;
import android.os.Build;
import android.view.View;
import android.view.ViewGroup;
import android.view.WindowInsets;
import android.view.accessibility.AccessibilityNodeInfo;
import android.widget.FrameLayout;
import org.yonderarc.stage.Surface;

/** Holds one of the app's own views. */
@SuppressLint("ViewConstructor")
final class ContentPane extends FrameLayout {
    private final AppView host;
    private boolean takesInput = true;

    ContentPane(AppView host, View view) {
        super(host.getContext());
        this.host = host;
        addView(
                view,
                new FrameLayout.LayoutParams(ViewGroup.LayoutParams.MATCH_PARENT, ViewGroup.LayoutParams.MATCH_PARENT));
        setVisibility(INVISIBLE);
    }

    /** Goes where a surface is: laid out anew only where it gets another size, otherwise just moved. */
    void stand(Surface surface, double density) {
        int width = (int) Math.round(surface.box().width() * density);
        int height = (int) Math.round(surface.box().height() * density);
        boolean isResized = getWidth() != width || getHeight() != height;
        if (isResized || isLayoutRequested()) {
            measure(
                    MeasureSpec.makeMeasureSpec(width, MeasureSpec.EXACTLY),
                    MeasureSpec.makeMeasureSpec(height, MeasureSpec.EXACTLY));
            layout(0, 0, width, height);
        }
        setTranslationX((float) (surface.box().x() * density));
        setTranslationY((float) (surface.box().y() * density));
        setAlpha((float) surface.opacity());
        setVisibility(VISIBLE);
        if (takesInput != surface.takesInput()) {
            takesInput = surface.takesInput();
            setDescendantFocusability(takesInput ? FOCUS_AFTER_DESCENDANTS : FOCUS_BLOCK_DESCENDANTS);
            setImportantForAccessibility(
                    takesInput ? IMPORTANT_FOR_ACCESSIBILITY_AUTO : IMPORTANT_FOR_ACCESSIBILITY_NO_HIDE_DESCENDANTS);
        }
        if (isResized) {
            requestApplyInsets();
        }
    }

    /** It is heard in the content. */
    @Override
    public void onInitializeAccessibilityNodeInfo(AccessibilityNodeInfo info) {
        super.onInitializeAccessibilityNodeInfo(info);
        info.setParent(host, host.contentNode());
    }

    /** Bars have the edges of the screen; what is left for the view is what of the keyboard reaches up to it. */
    @Override
    @SuppressWarnings("deprecation") // of what was there before API level 30
    public WindowInsets dispatchApplyWindowInsets(WindowInsets insets) {
        if (Build.VERSION.SDK_INT < 30) {
            return super.dispatchApplyWindowInsets(insets.consumeSystemWindowInsets());
        }
        int below = host.getHeight() - Math.round(getTranslationY()) - getHeight();
        int keyboard = Math.max(0, insets.getInsets(WindowInsets.Type.ime()).bottom - Math.max(0, below));
        var left = new WindowInsets.Builder(insets)
                .setInsets(WindowInsets.Type.systemBars(), Insets.NONE)
                .setInsets(WindowInsets.Type.displayCutout(), Insets.NONE)
                .setInsets(WindowInsets.Type.ime(), Insets.of(0, 0, 0, keyboard))
                .build();
        return super.dispatchApplyWindowInsets(left);
    }
}
