package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertFalse;
import static org.junit.Assert.assertNotNull;
import static org.junit.Assert.assertNull;
import static org.junit.Assert.assertTrue;
import static org.robolectric.Shadows.shadowOf;

import android.graphics.Rect;
import android.os.Bundle;
import android.view.InputDevice;
import android.view.MotionEvent;
import android.view.View;
import android.view.ViewGroup;
import android.view.accessibility.AccessibilityEvent;
import android.view.accessibility.AccessibilityManager;
import android.view.accessibility.AccessibilityNodeInfo;
import android.view.accessibility.AccessibilityNodeProvider;
import android.widget.Button;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.junit.Before;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.robolectric.annotation.Config;
import org.robolectric.util.ReflectionHelpers;

/** What assistive technology is told, through the system's own node provider. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-xhdpi")
public class AccessNodesTest {
    private AppFixture app;
    private AccessibilityNodeProvider nodes;
    private final List<AccessibilityEvent> events = new ArrayList<>();
    private Button own;

    @Before
    public void begin() {
        var manager = RuntimeEnvironment.getApplication().getSystemService(AccessibilityManager.class);
        shadowOf(manager).setEnabled(true);
        shadowOf(manager).setTouchExplorationEnabled(true);
        app = new AppFixture(
                AppFixture.plots(),
                view -> view.content(place -> place.screen().equals("rota") ? own(place.text()) : null));
        app.rest();
        nodes = app.view.getAccessibilityNodeProvider();
        ((ViewGroup) app.view.getParent()).setAccessibilityDelegate(new View.AccessibilityDelegate() {
            @Override
            public boolean onRequestSendAccessibilityEvent(ViewGroup host, View child, AccessibilityEvent event) {
                events.add(new AccessibilityEvent(event));
                return false;
            }
        });
    }

    private View own(String text) {
        own = new Button(RuntimeEnvironment.getApplication());
        own.setText(text);
        return own;
    }

    /** The virtual nodes below one, each before its children. */
    private List<AccessibilityNodeInfo> all(AccessibilityNodeInfo parent) {
        var out = new ArrayList<AccessibilityNodeInfo>();
        for (int i = 0; i < parent.getChildCount(); i++) {
            int id = AccessibilityNodeInfo.getVirtualDescendantId(parent.getChildId(i));
            if (id != View.NO_ID) {
                AccessibilityNodeInfo child = nodes.createAccessibilityNodeInfo(id);
                assertNotNull(child);
                out.add(child);
                out.addAll(all(child));
            }
        }
        return out;
    }

    private List<AccessibilityNodeInfo> all() {
        return all(nodes.createAccessibilityNodeInfo(AccessibilityNodeProvider.HOST_VIEW_ID));
    }

    private Optional<AccessibilityNodeInfo> find(String name) {
        return all().stream()
                .filter(node -> name.contentEquals(Optional.ofNullable(node.getContentDescription())
                                .orElse(Optional.ofNullable(node.getHintText()).orElse("")))
                        && node.isFocusable())
                .findFirst();
    }

    private AccessibilityNodeInfo node(String name) {
        return find(name).orElseThrow();
    }

    private static int id(AccessibilityNodeInfo node) {
        return AccessibilityNodeInfo.getVirtualDescendantId(node.getSourceNodeId());
    }

    @Test
    public void everyItemIsAButtonWithItsNameStateAndPlace() {
        AccessibilityNodeInfo plots = node("Plots");
        assertEquals("android.widget.Button", plots.getClassName());
        assertTrue(plots.isSelected() && plots.isEnabled() && plots.isClickable() && plots.isVisibleToUser());
        assertFalse(node("Chores").isSelected());
        assertEquals(1, node("Chores").getCollectionItemInfo().getRowIndex());
        var bounds = new Rect();
        plots.getBoundsInScreen(bounds);
        var box = app.part("Plots").box();
        var at = new int[2];
        app.view.getLocationOnScreen(at);
        assertEquals(Math.round(box.width() * 2), bounds.width(), 1);
        assertEquals(at[1] + Math.round(box.y() * 2), bounds.top, 1);
        assertTrue(all().stream().anyMatch(AccessibilityNodeInfo::isHeading));
        AccessibilityNodeInfo bar = nodes.createAccessibilityNodeInfo(
                AccessibilityNodeInfo.getVirtualDescendantId(plots.getParentNodeId()));
        assertEquals(3, bar.getCollectionInfo().getRowCount());
    }

    @Test
    public void idsAreThoseOfTheirPartsForEver() {
        int plots = id(node("Plots"));
        int rota = id(node("Rota"));
        app.tap("Chores");
        assertEquals(plots, id(node("Plots")));
        assertEquals(rota, id(node("Rota")));
        var ids = new HashSet<Integer>();
        all().forEach(node -> assertTrue("twice: " + node, ids.add(id(node))));
    }

    @Test
    public void anItemIsChosenAndWhatIsHeardChanges() {
        AccessibilityNodeInfo chores = node("Chores");
        assertTrue(nodes.performAction(id(chores), AccessibilityNodeInfo.ACTION_CLICK, null));
        app.rest();
        assertEquals("chores", app.navigator.place().text());
        assertTrue(node("Chores").isSelected());
        assertTrue(types().contains(AccessibilityEvent.TYPE_VIEW_CLICKED));
        assertTrue(types().contains(AccessibilityEvent.TYPE_WINDOW_CONTENT_CHANGED));
        assertTrue("the title is announced", types().contains(AccessibilityEvent.TYPE_ANNOUNCEMENT));
    }

    private List<Integer> types() {
        return events.stream().map(AccessibilityEvent::getEventType).toList();
    }

    @Test
    public void whatLiesBeneathAnOpenDrawerIsNotHeard() {
        assertTrue(find("Rules").isEmpty());
        app.navigator.openBar("more");
        app.rest();
        assertTrue(find("Rules").isPresent());
        assertTrue(find("Chores").isEmpty());
        assertTrue(all().stream().anyMatch(node -> node.getPaneTitle() != null));
        assertTrue(types().contains(AccessibilityEvent.TYPE_WINDOW_STATE_CHANGED));
    }

    @Test
    public void aFieldIsWrittenInto() {
        app.navigator.openBar("more");
        app.rest();
        AccessibilityNodeInfo field = node("Find");
        assertTrue(field.isEditable());
        var text = new Bundle();
        text.putCharSequence(AccessibilityNodeInfo.ACTION_ARGUMENT_SET_TEXT_CHARSEQUENCE, "rul");
        assertTrue(nodes.performAction(id(field), AccessibilityNodeInfo.ACTION_SET_TEXT, text));
        app.rest();
        assertEquals("rul", node("Find").getText().toString());
        assertTrue(find("Leave the club").isEmpty());
    }

    @Test
    public void theFocusOfWhoHearsTheScreenIsOnOneNodeAtATime() {
        int plots = id(node("Plots"));
        int rota = id(node("Rota"));
        assertNull(nodes.findFocus(AccessibilityNodeInfo.FOCUS_ACCESSIBILITY));
        assertTrue(nodes.performAction(plots, AccessibilityNodeInfo.ACTION_ACCESSIBILITY_FOCUS, null));
        assertFalse(nodes.performAction(plots, AccessibilityNodeInfo.ACTION_ACCESSIBILITY_FOCUS, null));
        assertTrue(nodes.performAction(rota, AccessibilityNodeInfo.ACTION_ACCESSIBILITY_FOCUS, null));
        assertFalse(node("Plots").isAccessibilityFocused());
        assertTrue(node("Rota").isAccessibilityFocused());
        assertTrue(nodes.performAction(rota, AccessibilityNodeInfo.ACTION_CLEAR_ACCESSIBILITY_FOCUS, null));
        assertNull(nodes.findFocus(AccessibilityNodeInfo.FOCUS_ACCESSIBILITY));
    }

    @Test
    public void aFingerThatExploresTheScreenIsToldWhatItIsOn() {
        var box = app.part("Rota").box();
        float density = (float) app.view.density();
        MotionEvent over = MotionEvent.obtain(
                0,
                0,
                MotionEvent.ACTION_HOVER_MOVE,
                (float) box.centerX() * density,
                (float) box.centerY() * density,
                0);
        over.setSource(InputDevice.SOURCE_TOUCHSCREEN);
        app.view.dispatchGenericMotionEvent(over);
        assertEquals(
                List.of("Rota"),
                events.stream()
                        .filter(event -> event.getEventType() == AccessibilityEvent.TYPE_VIEW_HOVER_ENTER)
                        .map(event -> event.getText().get(0))
                        .toList());
        assertEquals("plots", app.navigator.place().text());
    }

    @Test
    public void nodesAreHeardInTheOrderInWhichTheyStand() {
        assertEquals(
                AccessibilityNodeInfo.getVirtualDescendantId(node("Plots").getSourceNodeId()),
                traversal(node("Chores")));
        assertEquals(
                AccessibilityNodeInfo.getVirtualDescendantId(node("Chores").getSourceNodeId()),
                traversal(node("Rota")));
    }

    /** The id of what is heard before a node; the system's own question for it asks another process. */
    private static int traversal(AccessibilityNodeInfo node) {
        return AccessibilityNodeInfo.getVirtualDescendantId(ReflectionHelpers.<Long>getField(node, "mTraversalAfter"));
    }

    @Test
    public void nodesAreFoundByTheirText() {
        assertEquals(
                1, nodes.findAccessibilityNodeInfosByText("chor", View.NO_ID).size());
        assertTrue(nodes.findAccessibilityNodeInfosByText("nothing", View.NO_ID).isEmpty());
    }

    @Test
    public void theAppsOwnViewIsHeardInTheContent() {
        app.tap("Rota");
        AccessibilityNodeInfo main = all().stream()
                .filter(node -> ShadowNodes.children(node, app.view).contains((View) own.getParent()))
                .findFirst()
                .orElseThrow();
        AccessibilityNodeInfo pane = ((View) own.getParent()).createAccessibilityNodeInfo();
        assertEquals(main.getSourceNodeId(), pane.getParentNodeId());
    }

    @Test
    public void afterRepeatedStepsNoNodeLeadsNowhere() {
        for (String item : List.of("Chores", "Rota", "Plots", "Chores")) {
            app.tap(item);
            assertTrue(all().size() > 4);
        }
        assertNull(nodes.createAccessibilityNodeInfo(9999));
        assertFalse(nodes.performAction(9999, AccessibilityNodeInfo.ACTION_CLICK, null));
    }

    /** Which real views a node has as children. */
    private static final class ShadowNodes {
        static List<View> children(AccessibilityNodeInfo node, View root) {
            var out = new ArrayList<View>();
            for (int i = 0; i < node.getChildCount(); i++) {
                int id = AccessibilityNodeInfo.getAccessibilityViewId(node.getChildId(i));
                View found = find(root, id);
                if (found != null && found != root) {
                    out.add(found);
                }
            }
            return out;
        }

        private static View find(View view, int id) {
            if (view.getAccessibilityViewId() == id) {
                return view;
            }
            if (view instanceof ViewGroup group) {
                for (int i = 0; i < group.getChildCount(); i++) {
                    View found = find(group.getChildAt(i), id);
                    if (found != null) {
                        return found;
                    }
                }
            }
            return null;
        }
    }
}
