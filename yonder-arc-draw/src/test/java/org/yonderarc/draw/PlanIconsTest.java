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
import java.util.function.Consumer;
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
        return IconFolder.beside(folder.resolve("plan.yaml"), new BundledIcons());
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
                "viewBox='0 0 24 24' fill='none' stroke='#000' stroke-width='2'|<line x1='2' y1='3' x2='21' y2='8' stroke-linecap='butt'/><polyline points='3,20 9,12 15,20' stroke-linejoin='miter'/><polygon points='16 14 22 14 19 21' fill='#000' stroke-linejoin='bevel'/>",
                "viewBox='0 0 24 24'|<ellipse cx='8' cy='6' rx='6' ry='3'/><rect x='2' y='12' width='12' height='9' rx='5' ry='2'/><rect x='17' y='2' width='5' height='20' ry='9'/>",
                "viewBox='0 0 24 24'|<g transform='rotate(30 12 12)'><rect x='4' y='9' width='16' height='6' transform='skewX(20)'/></g><path d='M0 0h6v3H0z' transform='matrix(.5 .2 -.3 .9 14 2)'/><circle r='2' transform='translate(4,20) scale(1.5 .5)'/>",
                "viewBox='0 0 96 96' fill='none' stroke='#000' stroke-width='6'|<g transform='rotate(-15) scale(.8)'><path d='M30 40h40v30'/></g><path d='M10 80h70' opacity='.3'/>",
            })
    void anIconOfItsOwnIsDrawnAsItsFileIs(String file) throws Exception {
        String[] parts = file.replace('\'', '"').split("\\|");
        IconArt art =
                with("mine.svg", svg(parts[0], parts[1])).art("mine", false).orElseThrow();
        BufferedImage ours = drawn("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\" "
                + art.paint("#000000") + ">" + String.join("", art.shapes()) + "</svg>");
        BufferedImage theirs = drawn("<svg xmlns=\"http://www.w3.org/2000/svg\" " + parts[0]
                + " stroke-linecap=\"round\" stroke-linejoin=\"round\">" + parts[1] + "</svg>");
        BufferedImage outlines = outlines(art);
        for (int y = 0; y < 96; y++) {
            for (int x = 0; x < 96; x++) {
                int off = Math.abs((ours.getRGB(x, y) >>> 24) - (theirs.getRGB(x, y) >>> 24));
                assertTrue(off <= 3, "at " + x + ", " + y + " by " + off + ": " + art.shapes());
                int drawn = Math.abs((outlines.getRGB(x, y) >>> 24) - (theirs.getRGB(x, y) >>> 24));
                // The other one flattens curves more coarsely.
                assertTrue(drawn <= 40, "outlines at " + x + ", " + y + " by " + drawn + ": " + art.shapes());
            }
        }
    }

    private static BufferedImage outlines(IconArt art) {
        return drawn(graphics -> {
            graphics.scale(96 / IconArt.GRID, 96 / IconArt.GRID);
            Outlines.draw(art, graphics);
        });
    }

    private static BufferedImage drawn(String svg) {
        var in = new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8));
        return drawn(graphics -> new SVGLoader()
                .load(in, null, LoaderContext.createDefault())
                .render(null, graphics, new ViewBox(0, 0, 96, 96)));
    }

    private static BufferedImage drawn(Consumer<Graphics2D> painting) {
        var image = new BufferedImage(96, 96, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        painting.accept(graphics);
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
