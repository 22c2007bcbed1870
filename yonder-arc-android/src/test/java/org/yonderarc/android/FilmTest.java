package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertTrue;

import android.content.Context;
import android.graphics.Bitmap;
import android.graphics.Canvas;
import android.graphics.Color;
import android.graphics.HardwareRenderer;
import android.graphics.PixelFormat;
import android.graphics.RenderNode;
import android.hardware.HardwareBuffer;
import android.media.ImageReader;
import android.os.SystemClock;
import android.view.View;
import java.lang.management.ManagementFactory;
import java.util.List;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.annotation.Config;
import org.yonderarc.draw.Studio;

/** Films that the view plays from their tracks show what the exact film shows. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-mdpi")
public class FilmTest {
    /** The most by which mean colours of equal squares differ: softened edges, as at rest, and what tracks are allowed. */
    private static final double MOST = 0.12;

    private final Studio studio = new Studio();

    private double far(AppFixture app) {
        return PictureComparison.share(app.picture(), studio.image(app.view.shown(), app.view.density()), MOST);
    }

    @Test
    public void aFilmFromTracksIsTheExactFilmAtEveryMoment() {
        int tracked = 0;
        for (String plan : List.of("brinelight", "hutline", "loomstead", "marlstep")) {
            var app = new AppFixture(plan + ".yaml", made -> made);
            app.rest();
            for (int step = 0; step < 3; step++) {
                int at = step;
                var items = app.view.stage().tree().all().stream()
                        .filter(part -> part.step().isPresent()
                                && part.current() == org.yonderarc.stage.Access.Current.NO
                                && !part.inert())
                        .toList();
                app.view.take(new org.yonderarc.stage.Input.Choose(
                        items.get(Math.min(at, items.size() - 1)).path()));
                for (int frame = 0; frame < 4; frame++) {
                    app.idle(48);
                    tracked +=
                            app.view.stage().tracks(SystemClock.uptimeMillis()).isPresent() ? 1 : 0;
                    assertEquals(plan + ", step " + step + ", frame " + frame, 0, far(app), 0);
                }
                app.rest();
                assertEquals(plan + ", step " + step + ", at its end", 0, far(app), 0);
            }
        }
        assertTrue("frames from tracks: " + tracked, tracked > 20);
    }

    /** A view of one colour, which counts how often it is painted. */
    private static final class Sheet extends View {
        int paintings;

        Sheet(Context context, int colour) {
            super(context);
            setBackgroundColor(colour);
        }

        @Override
        protected void onDraw(Canvas canvas) {
            paintings++;
        }
    }

    @Test
    public void anAppsOwnViewMovesWithTheFilm() {
        var context = org.robolectric.RuntimeEnvironment.getApplication();
        var plots = new Sheet(context, Color.GREEN);
        var plot = new Sheet(context, Color.BLUE);
        var app = new AppFixture(
                AppFixture.plots(), made -> made.content(place -> place.screen().equals("plot") ? plot : plots));
        app.rest();
        app.navigator.open("plot?plot=7");
        app.idle(32);
        boolean hasTracks = app.view.stage().tracks(SystemClock.uptimeMillis()).isPresent();
        double last = 384;
        float start = ((View) plot.getParent()).getTranslationX();
        assertTrue("at " + start, start > 200);
        for (int i = 0; i < 30 && app.view.stage().moves(); i++) {
            float x = ((View) plot.getParent()).getTranslationX();
            assertTrue(x + " after " + last, x <= last + 0.01);
            last = x;
            app.idle(16);
        }
        app.rest();
        assertTrue(hasTracks);
        Bitmap picture = app.picture();
        assertEquals(Color.BLUE, picture.getPixel(192, 400));
        assertEquals(0, ((View) plot.getParent()).getTranslationX(), 0);
    }

    /** What is painted of it is told in docs/benchmarks.md: here the system's own calls are intercepted, which takes more than they do. */
    @Test
    public void aFrameOfAFilmComposesNothing() {
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        var app = new AppFixture(AppFixture.plots(), made -> made);
        app.rest();
        app.navigator.open("plot?plot=7");
        app.idle(32);
        long most = 0;
        for (int i = 0; i < 12; i++) {
            SystemClock.setCurrentTimeMillis(SystemClock.uptimeMillis() + 16);
            long before = threads.getCurrentThreadAllocatedBytes();
            app.view.frame();
            long after = threads.getCurrentThreadAllocatedBytes();
            // The first loads what is used for the first time.
            most = i < 3 ? 0 : Math.max(most, after - before);
        }
        assertTrue("the film goes on", app.view.stage().moves());
        assertTrue(most + " bytes", most < 2000);
    }

    @Test
    public void nothingIsPaintedBesideTheView() {
        var app = new AppFixture(AppFixture.plots(), made -> made);
        app.rest();
        Bitmap wider = Bitmap.createBitmap(500, 900, Bitmap.Config.ARGB_8888);
        var canvas = new Canvas(wider);
        canvas.translate(50, 50);
        app.view.draw(canvas);
        assertEquals(0, wider.getPixel(20, 400));
        assertEquals(0, wider.getPixel(460, 400));
        assertEquals(0, wider.getPixel(200, 890));
        assertTrue(wider.getPixel(60, 400) != 0);
    }

    @Test
    public void aRendererThatKeepsWhatWasPaintedShowsTheSame() {
        var app = new AppFixture("brinelight.yaml", made -> made);
        app.rest();
        assertEquals(0, PictureComparison.share(rendered(app.view), studio.image(app.view.shown(), 1), MOST), 0);
        app.tap("Surveys, 2");
        assertEquals(0, PictureComparison.share(rendered(app.view), studio.image(app.view.shown(), 1), MOST), 0);
    }

    /** The view as the system's renderer shows it. */
    private static Bitmap rendered(View view) {
        int width = view.getWidth();
        int height = view.getHeight();
        try (ImageReader reader = ImageReader.newInstance(
                width, height, PixelFormat.RGBA_8888, 1, HardwareBuffer.USAGE_GPU_SAMPLED_IMAGE)) {
            var renderer = new HardwareRenderer();
            var node = new RenderNode("root");
            node.setPosition(0, 0, width, height);
            view.draw(node.beginRecording());
            node.endRecording();
            renderer.setContentRoot(node);
            renderer.setSurface(reader.getSurface());
            renderer.createRenderRequest().setWaitForPresent(true).syncAndDraw();
            var image = reader.acquireNextImage();
            var plane = image.getPlanes()[0];
            Bitmap bitmap = Bitmap.createBitmap(width, height, Bitmap.Config.ARGB_8888);
            bitmap.copyPixelsFromBuffer(plane.getBuffer());
            image.close();
            renderer.destroy();
            return bitmap;
        }
    }
}
