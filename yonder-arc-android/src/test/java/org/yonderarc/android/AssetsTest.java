package org.yonderarc.android;

import static org.junit.Assert.assertEquals;
import static org.junit.Assert.assertNull;
import static org.junit.Assert.assertSame;
import static org.junit.Assert.assertThrows;
import static org.junit.Assert.assertTrue;

import android.content.res.AssetManager;
import android.graphics.Bitmap;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.FileOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.Rule;
import org.junit.Test;
import org.junit.rules.TemporaryFolder;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.plan.Plan;

/** Plans and pictures out of an app's assets, packed as an app is. */
@RunWith(RobolectricTestRunner.class)
public class AssetsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Plotwise, start: plots, languages: [ en, de ], text-files: "texts/{language}.properties" }
            screens:
              plots: { title: Plots, icon: map-pin }
            menus: { main: [ plots ] }
            bars: [ { menu: main, form: bottom } ]
            """;

    /** Where the app is packed. */
    @Rule
    public final TemporaryFolder folder = new TemporaryFolder();

    @SuppressWarnings("deprecation") // Nothing else adds a package by itself.
    private AssetManager assets(Map<String, byte[]> files) throws IOException {
        File packed = folder.newFile();
        try (var zip = new ZipOutputStream(new FileOutputStream(packed))) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry("assets/" + file.getKey()));
                zip.write(file.getValue());
            }
        }
        AssetManager assets = RuntimeEnvironment.getApplication().getAssets();
        assertTrue(assets.addAssetPath(packed.getPath()) > 0);
        return assets;
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    public void aPlanBringsTheTextsBesideIt() throws Exception {
        AssetManager assets = assets(Map.of(
                "plans/plan.yaml", utf8(PLAN), "plans/texts/de.properties", utf8("screens.plots.title = Beete\n")));
        Plan plan = PlanAssets.require(assets, "plans/plan.yaml");
        var app = new AppFixture(plan, made -> made);
        app.view.adapt(around -> around.in("de"));
        app.rest();
        assertEquals("Beete", app.part("Beete").name());
    }

    @Test
    public void whatIsWrongIsSaidWithItsPlaceAndAWayOut() throws Exception {
        AssetManager assets = assets(Map.of("wrong.yaml", utf8(PLAN.replace("start: plots", "start: plot"))));
        String wrong = assertThrows(InvalidPlanException.class, () -> PlanAssets.require(assets, "wrong.yaml"))
                .getMessage();
        assertTrue(wrong, wrong.contains("wrong.yaml:2:") && wrong.contains("Did you mean \"plots\"?"));
        String none = assertThrows(InvalidPlanException.class, () -> PlanAssets.require(assets, "none.yaml"))
                .getMessage();
        assertTrue(none, none.contains("there is no such asset") && none.contains("the folder \"assets\""));
    }

    @Test
    public void aPictureIsDecodedOnce() throws Exception {
        var bytes = new ByteArrayOutputStream();
        Bitmap.createBitmap(3, 2, Bitmap.Config.ARGB_8888).compress(Bitmap.CompressFormat.PNG, 100, bytes);
        AssetManager assets =
                assets(Map.of("plans/logos/club.png", bytes.toByteArray(), "plans/logos/odd.png", utf8("no picture")));
        PictureSource pictures = PictureSource.of(assets, "plans");
        Bitmap logo = pictures.picture("logos/club.png");
        assertEquals(3, logo.getWidth());
        assertSame(logo, pictures.picture("logos/club.png"));
        assertNull(pictures.picture("logos/none.png"));
        assertNull(pictures.picture("logos/odd.png"));
    }
}
