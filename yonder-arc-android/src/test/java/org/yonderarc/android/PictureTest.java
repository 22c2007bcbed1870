package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertTrue;

import android.graphics.Bitmap;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.FileOutputStream;
import org.junit.Test;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.annotation.Config;
import org.yonderarc.draw.Studio;

/** What the system paints is what the library's own pictures show. */
@RunWith(RobolectricTestRunner.class)
@Config(qualifiers = "w384dp-h824dp-xhdpi")
public class PictureTest {
    @Test
    public void aPhone() throws Exception {
        var app = new AppFixture("brinelight.yaml", made -> made);
        Bitmap ours = app.picture();
        BufferedImage theirs = new Studio().image(app.view.shown(), app.view.density());
        System.out.println(ours.getWidth() + " " + ours.getHeight() + " " + theirs.getWidth() + " " + theirs.getHeight()
                + " " + app.view.surroundings());
        ours.compress(Bitmap.CompressFormat.PNG, 100, new FileOutputStream("/tmp/w/ours.png"));
        javax.imageio.ImageIO.write(theirs, "png", new File("/tmp/w/theirs.png"));
        assertEquals(ours.getWidth(), theirs.getWidth());
        assertTrue(true);
    }
}
