package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;

/** A plan's own icons: only shapes come through, scaled to the grid; what is odd or unsafe is told. */
class PlanIconsTest {
    private static final String PATH = "<path d=\"M12 3l6 9a7 7 0 1 1-12 0z\"/>";

    @TempDir
    private Path folder;

    @BeforeEach
    void makeFolder() throws Exception {
        Files.createDirectories(folder.resolve("icons"));
    }

    private Icons with(String name, String svg) throws Exception {
        Files.writeString(folder.resolve("icons/" + name), svg);
        return PlanIcons.beside(folder.resolve("plan.yaml"), new BundledIcons());
    }

    private static String svg(String attributes, String content) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" " + attributes + ">" + content + "</svg>";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<script>alert(1)</script>                                              | a script",
                "<g onclick=\"alert(1)\"><rect width=\"2\" height=\"2\"/></g>           | the event handler onclick",
                "<image href=\"https://x.example/a.png\"/>                              | the element image",
                "<use href=\"#a\"/>                                                     | the element use",
                "<path d=\"M0 0h1v1z\" fill=\"url(https://x.example/p.svg#p)\"/>        | a reference in fill",
                "<foreignObject><b>text</b></foreignObject>                             | the element foreignObject",
                "<style>@import 'https://x.example/a.css'</style>                       | the element style",
            })
    void whatCouldRunOrLoadIsLeftOutAndTold(String content, String told) throws Exception {
        Icons icons = with("mine.svg", svg("viewBox=\"0 0 24 24\"", PATH + content));
        assertEquals(List.of(told), icons.unsafe("mine"));
        String shapes = String.join("", icons.art("mine", false).orElseThrow().shapes());
        assertTrue(shapes.contains("M12 3l6 9a7"), shapes);
        for (String bad : List.of("script", "onclick", "href", "url(", "alert", "import", "image")) {
            assertFalse(shapes.contains(bad), shapes);
        }
    }

    @Test
    void entitiesAreNeverExpanded() throws Exception {
        Icons icons = with(
                "mine.svg",
                "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>"
                        + svg("viewBox=\"0 0 24 24\"", "<text>&x;</text>" + PATH));
        String shapes = icons.art("mine", false)
                .map(art -> String.join("", art.shapes()))
                .orElse("");
        assertFalse(shapes.contains("root"), shapes);
        assertTrue(icons.has("mine"));
        assertFalse(icons.unsafe("mine").isEmpty() && icons.odd("mine").isEmpty(), "it is told");
    }

    @Test
    void anotherViewBoxIsScaledAndAStrokeStaysAStroke() throws Exception {
        Icons icons = with(
                "mine.svg",
                svg(
                        "viewBox=\"0 0 48 48\" fill=\"none\" stroke=\"#000\" stroke-width=\"4\"",
                        "<circle cx=\"24\" cy=\"24\" r=\"9\"/>"));
        IconArt art = icons.art("mine", false).orElseThrow();
        assertTrue(art.stroked());
        assertEquals(2, art.strokeWidth());
        assertEquals(
                "<circle transform=\"scale(0.5) translate(0 0)\" cx=\"24\" cy=\"24\" r=\"9\" stroke-width=\"4\"/>",
                art.shapes().get(0));
        assertEquals(List.of(), icons.odd("mine"));
        assertEquals(
                List.of("it is 24 wide and 16 high"),
                with("flat.svg", svg("viewBox=\"0 0 24 16\"", PATH)).odd("flat"));
        assertEquals(
                List.of("it draws nothing"),
                with("none.svg", svg("viewBox=\"0 0 24 24\"", "")).odd("none"));
        assertTrue(with("large.svg", svg("", PATH.repeat(3000)))
                .odd("large")
                .get(0)
                .contains("KiB"));
        assertTrue(with("broken.svg", "<svg").odd("broken").get(0).contains("no SVG"));
    }

    /** What is drawn is what the file draws, in one colour: fills among strokes, holes, opacity, styles, other lengths. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "viewBox='0 0 24 24' fill='none' stroke='#000' stroke-width='2'|<circle cx='12' cy='12' r='9'/><circle cx='12' cy='12' r='3' fill='#000' stroke='none'/>",
                "viewBox='0 0 48 48' fill='none' stroke='#000' stroke-width='4'|<circle cx='24' cy='24' r='18'/><path style='fill:#000;stroke:none' d='M18 18h12v12H18z'/>",
                "viewBox='0 0 24 24' fill='none' stroke='#000' stroke-width='2'|<path d='M4 4h16v16'/><path d='M0 0h24v24H0z' fill='transparent' stroke='none'/>",
                "viewBox='0 0 24 24'|<path fill-rule='evenodd' d='M2 2h20v20H2z M8 8h8v8H8z'/><path d='M10 10h4v4h-4z' opacity='.4'/>",
                "viewBox='0 0 24 24'|<g fill='none' stroke='#000'><path stroke-width='1' d='M2 4h20'/><path stroke-width='3' stroke-linecap='square' d='M4 12h16'/></g><path d='M4 18h16v2H4z'/>",
                "viewBox='0 0 24 24' stroke='#000' stroke-width='1'|<rect x='4' y='4' width='8' height='8'/><g opacity='0.5'><rect x='14' y='14' width='6' height='6' opacity='0.5' stroke='none'/></g>",
            })
    void anIconOfItsOwnIsDrawnAsItsFileIs(String file) throws Exception {
        String[] parts = file.replace('\'', '"').split("\\|");
        IconArt art =
                with("mine.svg", svg(parts[0], parts[1])).art("mine", false).orElseThrow();
        BufferedImage ours = drawn("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\" "
                + art.paint("#000000") + ">" + String.join("", art.shapes()) + "</svg>");
        BufferedImage theirs = drawn("<svg xmlns=\"http://www.w3.org/2000/svg\" " + parts[0]
                + " stroke-linecap=\"round\" stroke-linejoin=\"round\">" + parts[1] + "</svg>");
        for (int y = 0; y < 96; y++) {
            for (int x = 0; x < 96; x++) {
                int off = Math.abs((ours.getRGB(x, y) >>> 24) - (theirs.getRGB(x, y) >>> 24));
                assertTrue(off <= 3, "at " + x + ", " + y + " by " + off + ": " + art.shapes());
            }
        }
    }

    private static BufferedImage drawn(String svg) {
        var in = new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8));
        var image = new BufferedImage(96, 96, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        new SVGLoader().load(in, null, LoaderContext.createDefault()).render(null, graphics, new ViewBox(0, 0, 96, 96));
        graphics.dispose();
        return image;
    }

    /** Names stand in documents as ids: one that could end an attribute is no name. */
    @Test
    void aFileWithAnotherNameIsNoIcon() throws Exception {
        String name = "x\"onload=\"alert(1)";
        Icons icons = with(name + ".svg", svg("viewBox=\"0 0 24 24\"", PATH));
        assertFalse(icons.has(name));
        assertTrue(icons.art(name, false).isEmpty());
    }

    @Test
    void ownIconsStandBeforeTheSetAndBringTheirTwins() throws Exception {
        with("home.svg", svg("viewBox=\"0 0 24 24\"", PATH));
        Icons icons = with("home-filled.svg", svg("viewBox=\"0 0 24 24\"", "<rect width=\"24\" height=\"24\"/>"));
        assertTrue(icons.hasFilled("home"));
        assertTrue(icons.art("home", true).orElseThrow().shapes().get(0).startsWith("<rect"));
        assertEquals(List.of("home"), List.copyOf(icons.own()));
        assertTrue(icons.has("anchor"), "the set is still there");
        assertFalse(with("lone.svg", svg("viewBox=\"0 0 24 24\"", PATH)).hasFilled("lone"));
    }
}
