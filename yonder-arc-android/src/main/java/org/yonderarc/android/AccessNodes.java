package org.yonderarc.android;

import android.graphics.Rect;
import android.os.Build;
import android.os.Bundle;
import android.view.MotionEvent;
import android.view.View;
import android.view.accessibility.AccessibilityEvent;
import android.view.accessibility.AccessibilityNodeInfo;
import android.view.accessibility.AccessibilityNodeInfo.AccessibilityAction;
import android.view.accessibility.AccessibilityNodeInfo.CollectionInfo;
import android.view.accessibility.AccessibilityNodeInfo.CollectionItemInfo;
import android.view.accessibility.AccessibilityNodeProvider;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yonderarc.layout.Box;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.AccessTree;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;

/** The stage's accessible tree as virtual views: each part keeps its id as long as the view lives. */
final class AccessNodes extends AccessibilityNodeProvider {
    private final AppView view;
    private final Stage stage;
    private final Map<String, Integer> ids = new HashMap<>();
    private final List<String> paths = new ArrayList<>();
    /** What the person who hears the screen is on, and what a finger that explores is over; {@link View#NO_ID} for nothing. */
    private int focused = View.NO_ID;

    private int hovered = View.NO_ID;
    private @Nullable AccessTree told;

    AccessNodes(AppView view, Stage stage) {
        this.view = view;
        this.stage = stage;
    }

    /** The id of a part. */
    int id(String path) {
        Integer known = ids.get(path);
        if (known == null) {
            known = paths.size();
            ids.put(path, known);
            paths.add(path);
        }
        return known;
    }

    /** The id of the content, in which the app's own view stands; {@link View#NO_ID} where there is none. */
    int content() {
        return stage.tree().content().map(this::id).orElse(View.NO_ID);
    }

    private Optional<Access> part(int id) {
        return id < 0 || id >= paths.size() ? Optional.empty() : stage.tree().find(paths.get(id));
    }

    /** Tells the system where another tree is heard than before. */
    void follow() {
        AccessTree tree = stage.tree();
        if (tree == told) {
            return;
        }
        boolean isOpened = told != null && !tree.dialog().equals(told.dialog());
        told = tree;
        AccessibilityEvent event = event(View.NO_ID, AccessibilityEvent.TYPE_WINDOW_CONTENT_CHANGED);
        event.setContentChangeTypes(AccessibilityEvent.CONTENT_CHANGE_TYPE_SUBTREE);
        send(event);
        if (isOpened) {
            AccessibilityEvent pane =
                    event(tree.dialog().map(this::id).orElse(View.NO_ID), AccessibilityEvent.TYPE_WINDOW_STATE_CHANGED);
            if (Build.VERSION.SDK_INT >= 28) {
                pane.setContentChangeTypes(
                        tree.dialog().isPresent()
                                ? AccessibilityEvent.CONTENT_CHANGE_TYPE_PANE_APPEARED
                                : AccessibilityEvent.CONTENT_CHANGE_TYPE_PANE_DISAPPEARED);
            }
            send(pane);
        }
    }

    /** The focus of the keyboard is elsewhere on the stage. */
    void focusMoved() {
        stage.focus().ifPresent(path -> send(event(id(path), AccessibilityEvent.TYPE_VIEW_FOCUSED)));
    }

    @SuppressWarnings("deprecation") // of what was there before API level 33
    private AccessibilityEvent event(int id, int type) {
        AccessibilityEvent event = AccessibilityEvent.obtain(type);
        event.setPackageName(view.getContext().getPackageName());
        if (id == View.NO_ID) {
            event.setSource(view);
            event.setClassName(AppView.class.getName());
        } else {
            event.setSource(view, id);
            part(id).ifPresent(part -> {
                event.setClassName(className(part.role()));
                event.getText().add(part.name());
            });
        }
        return event;
    }

    private void send(AccessibilityEvent event) {
        if (view.listensToAccess() && view.getParent() != null) {
            view.getParent().requestSendAccessibilityEvent(view, event);
        }
    }

    @Override
    @SuppressWarnings("deprecation") // of what was there before API level 30
    public @Nullable AccessibilityNodeInfo createAccessibilityNodeInfo(int id) {
        if (id == HOST_VIEW_ID) {
            AccessibilityNodeInfo info = AccessibilityNodeInfo.obtain(view);
            view.onInitializeAccessibilityNodeInfo(info);
            heard(stage.tree().roots()).forEach(root -> info.addChild(view, id(root.path())));
            return info;
        }
        return part(id).filter(part -> !part.inert())
                .map(part -> info(id, part))
                .orElse(null);
    }

    /** What lies beneath a bar that has to be closed first is not heard. */
    private static List<Access> heard(List<Access> parts) {
        var out = new ArrayList<Access>();
        parts.forEach(part -> {
            if (!part.inert()) {
                out.add(part);
            }
        });
        return out;
    }

    @SuppressWarnings("deprecation") // of what was there before API levels 29 to 33
    private AccessibilityNodeInfo info(int id, Access part) {
        AccessibilityNodeInfo info = AccessibilityNodeInfo.obtain(view, id);
        info.setPackageName(view.getContext().getPackageName());
        info.setClassName(className(part.role()));
        info.setBoundsInScreen(bounds(part.box()));
        info.setEnabled(part.enabled());
        info.setVisibleToUser(view.isShown());
        place(info, part);
        name(info, part);
        state(info, part);
        actions(info, id, part);
        heard(part.children()).forEach(child -> info.addChild(view, id(child.path())));
        View own = part.role() == Access.Role.MAIN ? view.shownView() : null;
        if (own != null) {
            info.addChild((View) own.getParent());
        }
        return info;
    }

    /** Where it stands among the others: its parent, and what is heard before it. */
    @SuppressWarnings("deprecation") // of what was there before API level 30
    private void place(AccessibilityNodeInfo info, Access part) {
        Optional<Access> parent = stage.tree().all().stream()
                .filter(any -> any.children().contains(part))
                .findFirst();
        if (parent.isEmpty()) {
            info.setParent(view);
        } else {
            info.setParent(view, id(parent.get().path()));
        }
        List<Access> beside =
                heard(parent.map(Access::children).orElse(stage.tree().roots()));
        int at = beside.indexOf(part);
        if (at > 0) {
            info.setTraversalAfter(view, id(beside.get(at - 1).path()));
        }
        if (parent.filter(any -> any.role() == Access.Role.NAVIGATION).isPresent()) {
            info.setCollectionItemInfo(
                    CollectionItemInfo.obtain(at, 1, 0, 1, part.role() == Access.Role.HEADING, isSelected(part)));
        }
        if (part.role() == Access.Role.NAVIGATION) {
            info.setCollectionInfo(CollectionInfo.obtain(
                    heard(part.children()).size(), 1, false, CollectionInfo.SELECTION_MODE_SINGLE));
        }
    }

    private void name(AccessibilityNodeInfo info, Access part) {
        if (part.role() == Access.Role.FIELD) {
            info.setText(stage.typed(part.path()));
            info.setHintText(part.name());
            info.setEditable(true);
        } else if (!part.name().isEmpty()) {
            info.setContentDescription(part.name());
        }
        if (Build.VERSION.SDK_INT >= 28) {
            info.setHeading(part.role() == Access.Role.HEADING);
            if (part.role() == Access.Role.DIALOG) {
                info.setPaneTitle(part.name());
            }
        }
    }

    private static boolean isSelected(Access part) {
        return part.current() != Access.Current.NO;
    }

    private void state(AccessibilityNodeInfo info, Access part) {
        info.setSelected(isSelected(part));
        part.pressed().ifPresent(isOn -> {
            info.setCheckable(true);
            info.setChecked(isOn);
        });
        part.expanded()
                .ifPresent(isOpen -> info.addAction(
                        isOpen ? AccessibilityAction.ACTION_COLLAPSE : AccessibilityAction.ACTION_EXPAND));
        info.setFocused(
                view.isFocused() && stage.focus().filter(part.path()::equals).isPresent());
    }

    private void actions(AccessibilityNodeInfo info, int id, Access part) {
        info.setAccessibilityFocused(id == focused);
        info.addAction(
                id == focused
                        ? AccessibilityAction.ACTION_CLEAR_ACCESSIBILITY_FOCUS
                        : AccessibilityAction.ACTION_ACCESSIBILITY_FOCUS);
        if (part.step().isPresent()) {
            info.setFocusable(true);
            info.addAction(AccessibilityAction.ACTION_FOCUS);
            if (part.enabled()) {
                info.setClickable(true);
                info.addAction(AccessibilityAction.ACTION_CLICK);
            }
            if (part.role() == Access.Role.FIELD) {
                info.addAction(AccessibilityAction.ACTION_SET_TEXT);
            }
        }
    }

    private Rect bounds(Box box) {
        var at = new int[2];
        view.getLocationOnScreen(at);
        double density = view.density();
        return new Rect(
                at[0] + (int) Math.round(box.x() * density),
                at[1] + (int) Math.round(box.y() * density),
                at[0] + (int) Math.round(box.right() * density),
                at[1] + (int) Math.round(box.bottom() * density));
    }

    /** The class of the system by whose name assistive technology tells what a part is. */
    private static String className(Access.Role role) {
        return switch (role) {
            case LINK, BUTTON -> "android.widget.Button";
            case FIELD -> "android.widget.EditText";
            case IMAGE -> "android.widget.ImageView";
            case TEXT, HEADING -> "android.widget.TextView";
            case NAVIGATION -> "android.widget.ListView";
            case BANNER, DIALOG, MAIN -> "android.view.ViewGroup";
        };
    }

    @Override
    public List<AccessibilityNodeInfo> findAccessibilityNodeInfosByText(String text, int id) {
        String wanted = text.toLowerCase(Locale.ROOT);
        var out = new ArrayList<AccessibilityNodeInfo>();
        for (Access part : stage.tree().all()) {
            if (!part.inert() && part.name().toLowerCase(Locale.ROOT).contains(wanted)) {
                out.add(info(id(part.path()), part));
            }
        }
        return out;
    }

    @Override
    public @Nullable AccessibilityNodeInfo findFocus(int which) {
        int id = which == AccessibilityNodeInfo.FOCUS_ACCESSIBILITY
                ? focused
                : view.isFocused() ? stage.focus().map(this::id).orElse(View.NO_ID) : View.NO_ID;
        return id == View.NO_ID ? null : createAccessibilityNodeInfo(id);
    }

    @Override
    public boolean performAction(int id, int action, @Nullable Bundle arguments) {
        if (id == HOST_VIEW_ID) {
            return view.performAccessibilityAction(action, arguments);
        }
        Optional<Access> found = part(id).filter(part -> !part.inert());
        if (found.isEmpty()) {
            return false;
        }
        Access part = found.get();
        return switch (action) {
            case AccessibilityNodeInfo.ACTION_CLICK,
                    AccessibilityNodeInfo.ACTION_EXPAND,
                    AccessibilityNodeInfo.ACTION_COLLAPSE -> choose(id, part);
            case AccessibilityNodeInfo.ACTION_FOCUS -> {
                view.requestFocus();
                yield part.step().isPresent() && view.take(new Input.Focus(Optional.of(part.path())));
            }
            case AccessibilityNodeInfo.ACTION_SET_TEXT -> fill(part, arguments);
            case AccessibilityNodeInfo.ACTION_ACCESSIBILITY_FOCUS -> hear(id);
            case AccessibilityNodeInfo.ACTION_CLEAR_ACCESSIBILITY_FOCUS -> clear(id);
            default -> false;
        };
    }

    private boolean choose(int id, Access part) {
        boolean isChosen = part.step().isPresent() && part.enabled() && view.take(new Input.Choose(part.path()));
        if (isChosen) {
            send(event(id, AccessibilityEvent.TYPE_VIEW_CLICKED));
        }
        return isChosen;
    }

    private boolean fill(Access part, @Nullable Bundle arguments) {
        CharSequence text = arguments == null
                ? null
                : arguments.getCharSequence(AccessibilityNodeInfo.ACTION_ARGUMENT_SET_TEXT_CHARSEQUENCE);
        return view.take(new Input.Fill(part.path(), text == null ? "" : text.toString()));
    }

    private boolean hear(int id) {
        if (focused == id) {
            return false;
        }
        clear(focused);
        focused = id;
        view.invalidate();
        send(event(id, AccessibilityEvent.TYPE_VIEW_ACCESSIBILITY_FOCUSED));
        return true;
    }

    private boolean clear(int id) {
        if (focused != id || id == View.NO_ID) {
            return false;
        }
        focused = View.NO_ID;
        view.invalidate();
        send(event(id, AccessibilityEvent.TYPE_VIEW_ACCESSIBILITY_FOCUS_CLEARED));
        return true;
    }

    /** A finger that explores the screen; gives whether it is on a part. */
    boolean explore(MotionEvent event) {
        boolean isOver = event.getActionMasked() != MotionEvent.ACTION_HOVER_EXIT;
        double x = event.getX() / view.density();
        double y = event.getY() / view.density();
        int before = hovered;
        hovered = isOver ? at(stage.tree().roots(), x, y) : View.NO_ID;
        if (hovered != before) {
            if (hovered != View.NO_ID) {
                send(event(hovered, AccessibilityEvent.TYPE_VIEW_HOVER_ENTER));
            }
            if (before != View.NO_ID) {
                send(event(before, AccessibilityEvent.TYPE_VIEW_HOVER_EXIT));
            }
        }
        return hovered != View.NO_ID;
    }

    /** The innermost part with a name at a point; what is told later lies above. */
    private int at(List<Access> parts, double x, double y) {
        for (int i = parts.size() - 1; i >= 0; i--) {
            Access part = parts.get(i);
            if (!part.inert()) {
                int inner = at(part.children(), x, y);
                boolean isHit = !part.name().isEmpty() && holds(part.box(), x, y);
                if (inner != View.NO_ID || isHit) {
                    return inner != View.NO_ID ? inner : id(part.path());
                }
            }
        }
        return View.NO_ID;
    }

    private static boolean holds(Box box, double x, double y) {
        return x >= box.x() && x < box.right() && y >= box.y() && y < box.bottom();
    }
}
