package org.yonderarc.android;

import android.app.Activity;
import android.content.ActivityNotFoundException;
import android.content.Context;
import android.content.ContextWrapper;
import android.content.Intent;
import android.net.Uri;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Step;

/** What the system does for an app: opens the web, leaves, and hands links in. */
public final class SystemEffects {
    private SystemEffects() {}

    /**
     * Does what the system can do about an effect: opens a web address with whatever app shows it, and finishes the activity where the person leaves.
     * Signals, documents and results are the app's own.
     *
     * @param context the activity, or something in it
     * @param trouble is told where no app opens an address, in words for developers
     */
    public static Consumer<Effect> of(Context context, Consumer<String> trouble) {
        return effect -> {
            if (effect instanceof Effect.OpenWeb web) {
                open(context, web.address(), trouble);
            } else if (effect instanceof Effect.Leave) {
                Activity activity = activity(context);
                if (activity != null) {
                    activity.finish();
                }
            }
        };
    }

    private static void open(Context context, String address, Consumer<String> trouble) {
        var intent = new Intent(Intent.ACTION_VIEW, Uri.parse(address));
        if (activity(context) == null) {
            intent.addFlags(Intent.FLAG_ACTIVITY_NEW_TASK);
        }
        try {
            context.startActivity(intent);
        } catch (ActivityNotFoundException none) {
            trouble.accept("no app on this device opens " + address);
        }
    }

    private static @Nullable Activity activity(Context context) {
        for (Context at = context; at instanceof ContextWrapper wrapper; at = wrapper.getBaseContext()) {
            if (at instanceof Activity activity) {
                return activity;
            }
        }
        return null;
    }

    /**
     * Opens the link that an intent brings, as the plan's addresses tell.
     *
     * @return what came of it, a refusal where the plan has no such address; no value where the intent brings no link
     */
    public static Optional<Change> open(Navigator navigator, @Nullable Intent intent) {
        Uri link = intent == null ? null : intent.getData();
        return link == null ? Optional.empty() : Optional.of(navigator.take(new Step.Link(link.toString())));
    }

    /**
     * An intent that leads to a place of an app, for a notification or a shortcut: {@link #open(Navigator, Intent)} reads it.
     *
     * @param activity the app's own activity
     * @param address the place's address, as {@code walk} and the web page have it
     */
    public static Intent intent(Context context, Class<? extends Activity> activity, String address) {
        return new Intent(context, activity).setAction(Intent.ACTION_VIEW).setData(Uri.parse(address));
    }
}
