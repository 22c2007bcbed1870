package org.yonderarc.android;

import android.text.Editable;
import android.text.Selection;
import android.view.KeyEvent;
import android.view.inputmethod.BaseInputConnection;
import org.yonderarc.stage.Input;

/** What a soft keyboard writes into a field of a bar. */
final class FieldConnection extends BaseInputConnection {
    private final AppView view;
    private final String path;
    private final Editable text;

    FieldConnection(AppView view, String path, String typed) {
        super(view, true);
        this.view = view;
        this.path = path;
        this.text = Editable.Factory.getInstance().newEditable(typed);
        Selection.setSelection(text, text.length());
    }

    @Override
    public Editable getEditable() {
        return text;
    }

    @Override
    public boolean commitText(CharSequence written, int cursor) {
        return tell(super.commitText(written, cursor));
    }

    @Override
    public boolean setComposingText(CharSequence written, int cursor) {
        return tell(super.setComposingText(written, cursor));
    }

    @Override
    public boolean deleteSurroundingText(int before, int after) {
        return tell(super.deleteSurroundingText(before, after));
    }

    @Override
    public boolean sendKeyEvent(KeyEvent event) {
        boolean isErased = event.getKeyCode() == KeyEvent.KEYCODE_DEL && event.getAction() == KeyEvent.ACTION_DOWN;
        return isErased ? deleteSurroundingText(1, 0) : super.sendKeyEvent(event);
    }

    @Override
    public boolean performEditorAction(int action) {
        view.hideKeyboard();
        return true;
    }

    private boolean tell(boolean done) {
        view.take(new Input.Fill(path, text.toString()));
        return done;
    }
}
