package org.yonderarc.android;

import android.text.InputType;
import android.view.inputmethod.EditorInfo;
import android.view.inputmethod.InputConnection;
import android.view.inputmethod.InputMethodManager;
import org.jspecify.annotations.Nullable;
import org.yonderarc.stage.Stage;

/** The soft keyboard, and what it writes into a field of a bar. */
final class Typing {
    private final AppView view;
    private final Stage stage;
    private boolean isTyped;

    Typing(AppView view, Stage stage) {
        this.view = view;
        this.stage = stage;
    }

    /** Shows the keyboard when a field is come to, and hides it when it is left. */
    void follow() {
        if (stage.isTyped() == isTyped) {
            return;
        }
        isTyped = stage.isTyped();
        keyboard().restartInput(view);
        if (isTyped) {
            view.requestFocus();
            keyboard().showSoftInput(view, 0);
        } else {
            hide();
        }
    }

    void hide() {
        keyboard().hideSoftInputFromWindow(view.getWindowToken(), 0);
    }

    private InputMethodManager keyboard() {
        return view.getContext().getSystemService(InputMethodManager.class);
    }

    /** Where the keyboard writes to; null where no field has the focus. */
    @Nullable
    InputConnection connection(EditorInfo told) {
        if (!stage.isTyped()) {
            return null;
        }
        String path = stage.focus().orElseThrow();
        String typed = stage.typed(path);
        told.inputType = InputType.TYPE_CLASS_TEXT;
        told.imeOptions = EditorInfo.IME_ACTION_SEARCH | EditorInfo.IME_FLAG_NO_FULLSCREEN;
        told.initialSelStart = typed.length();
        told.initialSelEnd = typed.length();
        return new FieldConnection(view, path, typed);
    }
}
