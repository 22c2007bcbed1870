package org.yonderarc.android;

import android.annotation.TargetApi;
import android.os.Build;
import android.view.View;
import android.window.BackEvent;
import android.window.OnBackAnimationCallback;
import android.window.OnBackInvokedCallback;
import android.window.OnBackInvokedDispatcher;
import org.jspecify.annotations.Nullable;
import org.yonderarc.stage.Input;

/**
 * The system's own gesture to go back, from API level 33; from 34 on, what it leads to is seen under the finger. Registered only while there is
 * something to go back to, so that the system shows where else the gesture leads.
 */
@TargetApi(33)
final class BackGesture {
    private final AppView view;
    private final OnBackInvokedCallback callback;
    private @Nullable OnBackInvokedDispatcher registered;

    BackGesture(AppView view) {
        this.view = view;
        this.callback = Build.VERSION.SDK_INT >= 34 ? Seen.of(view) : () -> view.take(new Input.BackEnd(true));
    }

    /** Registers with the system or takes it back. */
    void enable(boolean isEnabled) {
        if (isEnabled == (registered != null)) {
            return;
        }
        if (isEnabled) {
            OnBackInvokedDispatcher found = dispatcher(view);
            if (found != null) {
                found.registerOnBackInvokedCallback(OnBackInvokedDispatcher.PRIORITY_DEFAULT, callback);
                registered = found;
            }
        } else if (registered != null) {
            registered.unregisterOnBackInvokedCallback(callback);
            registered = null;
        }
    }

    private static @Nullable OnBackInvokedDispatcher dispatcher(View view) {
        return view.findOnBackInvokedDispatcher();
    }

    /** In a class of its own, since API level 33 doesn't know what it is made of. */
    @TargetApi(34)
    private static final class Seen {
        private Seen() {}

        static OnBackInvokedCallback of(AppView view) {
            return new OnBackAnimationCallback() {
                @Override
                public void onBackStarted(BackEvent event) {
                    onBackProgressed(event);
                }

                @Override
                public void onBackProgressed(BackEvent event) {
                    view.take(new Input.BackGesture(Math.max(0, Math.min(1, event.getProgress()))));
                }

                @Override
                public void onBackCancelled() {
                    view.take(new Input.BackEnd(false));
                }

                @Override
                public void onBackInvoked() {
                    view.take(new Input.BackEnd(true));
                }
            };
        }
    }
}
