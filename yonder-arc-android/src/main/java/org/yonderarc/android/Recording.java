package org.yonderarc.android;

import android.annotation.TargetApi;
import android.graphics.Canvas;
import android.graphics.RecordingCanvas;
import android.graphics.RenderNode;
import android.os.Build;
import java.util.List;
import org.yonderarc.scene.SceneNode;

/** Nodes that are painted once and then kept by the system's renderer, where it keeps any (from API level 29); else painted each time. */
class Recording {
    private final ScenePainter painter;
    private final List<SceneNode> nodes;

    private Recording(ScenePainter painter, List<SceneNode> nodes) {
        this.painter = painter;
        this.nodes = nodes;
    }

    static Recording of(ScenePainter painter, List<SceneNode> nodes) {
        return Build.VERSION.SDK_INT >= 29 ? new Kept(painter, nodes) : new Recording(painter, nodes);
    }

    /** Paints them on a canvas whose units are dp. */
    void draw(Canvas canvas) {
        painter.paint(nodes, canvas);
    }

    /** In a class of its own, since older systems don't know what it is made of. */
    @TargetApi(29)
    private static final class Kept extends Recording {
        private final RenderNode node = new RenderNode("nodes");

        Kept(ScenePainter painter, List<SceneNode> nodes) {
            super(painter, nodes);
            node.setPosition(0, 0, 1, 1);
            node.setClipToBounds(false);
        }

        @Override
        void draw(Canvas canvas) {
            if (!canvas.isHardwareAccelerated()) {
                super.draw(canvas);
                return;
            }
            if (!node.hasDisplayList()) {
                RecordingCanvas recording = node.beginRecording();
                super.draw(recording);
                node.endRecording();
            }
            canvas.drawRenderNode(node);
        }
    }
}
