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
import java.nio.file.Files;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.Rule;
import org.junit.Test;
import org.junit.rules.TemporaryFolder;
import org.junit.runner.RunWith;
import org.robolectric.RobolectricTestRunner;
import org.robolectric.RuntimeEnvironment;
import org.yonderarc.draw.IconFolder;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.SceneNode;

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

    private static final String PLAIN = PLAN.replaceAll(", languages: .*}\n", " }\n");

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

    /** Held to the same icons read by the library's pictures, in another reader of XML. */
    @Test
    public void iconsBesideAPlanArePainted() throws Exception {
        String ring =
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 48 48' fill='none' stroke='#000' stroke-width='5'>"
                        + "<g transform='rotate(20 24 24)'><rect x='8' y='12' width='32' height='24' rx='6'/></g>"
                        + "<line x1='12' y1='24' x2='36' y2='24' stroke-linecap='butt' opacity='.4'/></svg>";
        String bad =
                "<!DOCTYPE svg [<!ENTITY x 'M0 0h9'>]><svg viewBox='0 0 24 24'><script>go()</script><path d='M2 2h20v20z'/></svg>";
        String plan = PLAIN.replace("map-pin", "plot-ring");
        Map<String, byte[]> files = Map.of(
                "plan.yaml", utf8(plan),
                "icons/plot-ring.svg", utf8(ring),
                "icons/unsafe.svg", utf8(bad),
                "icons/broken.svg", utf8("<svg"),
                "icons/Not A Name.svg", utf8(ring));
        AssetManager assets = assets(files);
        Icons icons = PlanAssets.icons(assets, "plan.yaml");
        assertEquals(List.of("broken", "plot-ring", "unsafe"), List.copyOf(icons.own()));
        assertEquals(List.of("a document type with entities", "a script"), icons.unsafe("unsafe"));
        assertEquals(List.of("it is no SVG"), icons.odd("broken"));
        var app = new AppFixture(PlanAssets.require(assets, "plan.yaml"), made -> made.icons(icons));
        app.rest();

        File beside = folder.newFolder("beside");
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            File written = new File(beside, file.getKey());
            assertTrue(written.getParentFile().isDirectory()
                    || written.getParentFile().mkdirs());
            Files.write(written.toPath(), file.getValue());
        }
        Icons theirs = IconFolder.beside(new File(beside, "plan.yaml").toPath(), new BundledIcons());
        var studio = new Studio(theirs, Pictures.NONE);
        var without = new Studio();
        assertEquals(0, share(app, studio), 0);
        assertTrue("the icon is seen", share(app, without) > 0);
    }

    private static double share(AppFixture app, Studio studio) {
        return PictureComparison.share(app.picture(), studio.image(app.view.shown(), app.view.density()), 0.1);
    }

    /** The second set's icons aren't those of the first: a plan that asks for them gets them. */
    @Test
    public void aPlanHasTheSetOfIconsThatItNames() throws Exception {
        String slim = PLAIN.replace("yonder: 1", "yonder: 1\ntheme: { icon-set: slim }")
                .replace("map-pin", "house");
        var app =
                new AppFixture(PlanAssets.require(assets(Map.of("plan.yaml", utf8(slim))), "plan.yaml"), made -> made);
        app.rest();
        assertEquals(0, share(app, new Studio()), 0);
        Set<IconSet> sets = new HashSet<>();
        collect(app.view.shown().nodes(), sets);
        assertEquals(Set.of(IconSet.SLIM), sets);
    }

    private static void collect(List<SceneNode> nodes, Set<IconSet> sets) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Icon icon) {
                sets.add(icon.set());
            } else if (node instanceof SceneNode.Group group) {
                collect(group.children(), sets);
            }
        }
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
