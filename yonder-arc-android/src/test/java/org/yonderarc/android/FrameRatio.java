package org.yonderarc.android;

import android.content.Context;
import android.graphics.Bitmap;
import android.graphics.Canvas;
import android.graphics.Paint;
import android.os.SystemClock;
import android.view.View;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.annotation.Config;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconArt;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * What a frame takes beside one of a plain view that draws the same rectangles, texts and icons, prepared as an app would by hand. No test:
 * {@code ./bench android} runs it and prints ratios.
 */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-mdpi")
public class FrameRatio {
    private static final int ROUNDS = 15;
    private static final int FRAMES = 60;

    private final com.sun.management.ThreadMXBean threads =
            (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
    private final Bitmap bitmap = Bitmap.createBitmap(384, 824, Bitmap.Config.ARGB_8888);
    private final Canvas canvas = new Canvas(bitmap);

    /** Draws a scene by calls that were prepared once. */
    private static final class PlainView extends View {
        private final List<Consumer<Canvas>> calls = new ArrayList<>();
        private final IconPaths icons = new IconPaths(new BundledIcons());
        private final ScenePainter painter;

        PlainView(Context context, Scene scene) {
            super(context);
            painter = new ScenePainter(AppFonts.bundled(context), new BundledIcons(), file -> null);
            var ground = new Paint();
            ground.setColor(ScenePainter.argb(scene.background()));
            calls.add(on -> on.drawRect(0, 0, 384, 824, ground));
            scene.nodes().forEach(this::prepare);
            layout(0, 0, 384, 824);
        }

        private void prepare(SceneNode node) {
            if (node instanceof SceneNode.Group group) {
                group.children().forEach(this::prepare);
            } else if (node instanceof SceneNode.Rect rect) {
                var paint = new Paint(Paint.ANTI_ALIAS_FLAG);
                paint.setColor(ScenePainter.argb(rect.fill()));
                var box = rect.area();
                float radius = (float) rect.radius();
                calls.add(on -> on.drawRoundRect(
                        (float) box.x(),
                        (float) box.y(),
                        (float) box.right(),
                        (float) box.bottom(),
                        radius,
                        radius,
                        paint));
            } else if (node instanceof SceneNode.Icon icon) {
                icon(icon);
            } else {
                // Texts and paths are one call of the system each.
                calls.add(on -> painter.paint(node, on));
            }
        }

        private void icon(SceneNode.Icon icon) {
            var fill = new Paint(Paint.ANTI_ALIAS_FLAG);
            fill.setColor(ScenePainter.argb(icon.fill()));
            var stroke = new Paint(fill);
            stroke.setStyle(Paint.Style.STROKE);
            stroke.setStrokeWidth(2);
            stroke.setStrokeCap(Paint.Cap.ROUND);
            List<IconPaths.Shape> shapes = icons.shapes(icon.set(), icon.name(), icon.filled());
            float x = (float) icon.area().x();
            float y = (float) icon.area().y();
            float scale = (float) (icon.area().width() / IconArt.GRID);
            calls.add(on -> {
                on.save();
                on.translate(x, y);
                on.scale(scale, scale);
                shapes.forEach(shape -> on.drawPath(shape.path(), shape.paint().filled() ? fill : stroke));
                on.restore();
            });
        }

        @Override
        protected void onDraw(Canvas on) {
            calls.forEach(call -> call.accept(on));
        }
    }

    private record Cost(double microseconds, double bytes) {}

    /** The mean of frames, without what is done before each. */
    private Cost cost(Runnable before, Runnable frame) {
        long bytes = 0;
        long time = 0;
        for (int i = 0; i < FRAMES; i++) {
            before.run();
            long had = threads.getCurrentThreadAllocatedBytes();
            long start = System.nanoTime();
            frame.run();
            time += System.nanoTime() - start;
            bytes += threads.getCurrentThreadAllocatedBytes() - had;
        }
        return new Cost(time / 1e3 / FRAMES, bytes / (double) FRAMES);
    }

    private static double median(List<Double> all) {
        double[] sorted = all.stream().mapToDouble(one -> one).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    /** In turns, the medians of the rounds. */
    private void compare(String what, Runnable before, Runnable ours, Runnable plain) {
        var ourTimes = new ArrayList<Double>();
        var plainTimes = new ArrayList<Double>();
        Cost our = new Cost(0, 0);
        Cost other = new Cost(0, 0);
        for (int round = 0; round < ROUNDS; round++) {
            our = cost(before, ours);
            other = cost(() -> {}, plain);
            if (round >= ROUNDS / 3) {
                ourTimes.add(our.microseconds);
                plainTimes.add(other.microseconds);
            }
        }
        System.out.println(String.format(
                Locale.ROOT,
                "%s: %.0f us and %.1f KB, a plain view %.0f us and %.1f KB: %.2f times the time",
                what,
                median(ourTimes),
                our.bytes / 1024,
                median(plainTimes),
                other.bytes / 1024,
                median(ourTimes) / median(plainTimes)));
    }

    @Test
    public void besideAPlainView() {
        var app = new AppFixture("brinelight.yaml", made -> made);
        app.rest();
        var plain = new PlainView(app.activity(), app.view.shown());
        compare("at rest", () -> {}, () -> app.view.draw(canvas), () -> plain.draw(canvas));
        String[] places = {"tides", "surveys"};
        var at = new int[1];
        compare(
                "in a film",
                () -> {
                    if (!app.view.stage().moves()) {
                        app.navigator.open(places[at[0]++ % places.length]);
                        app.view.frame();
                        app.view.draw(canvas);
                    }
                    SystemClock.setCurrentTimeMillis(SystemClock.uptimeMillis() + 16);
                },
                () -> {
                    app.view.frame();
                    app.view.draw(canvas);
                },
                () -> plain.draw(canvas));
    }
}
