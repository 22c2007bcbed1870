package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
                "<circle transform=\"scale(0.5) translate(0 0)\" cx=\"24\" cy=\"24\" r=\"9\"/>",
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
        assertTrue(icons.hasTwin("home"));
        assertTrue(icons.art("home", true).orElseThrow().shapes().get(0).startsWith("<rect"));
        assertEquals(List.of("home"), List.copyOf(icons.own()));
        assertTrue(icons.has("anchor"), "the set is still there");
        assertFalse(with("lone.svg", svg("viewBox=\"0 0 24 24\"", PATH)).hasTwin("lone"));
    }
}
