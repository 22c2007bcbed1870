package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.GZIPOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.SvgGrammar;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Pictures from outside: only what draws is kept, and what can't be used says why. */
class CleanPictureTest {
    @TempDir
    Path folder;

    private static BufferedImage image() {
        var image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 30; y++) {
                image.setRGB(x, y, x * 5 << 16 | y * 7 << 8 | 90);
            }
        }
        return image;
    }

    private static byte[] written(String format) throws IOException {
        var out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image(), format, out));
        return out.toByteArray();
    }

    /** A PNG with one chunk more behind its header. */
    private static byte[] withChunk(byte[] png, String type, byte[] data) {
        var crc = new CRC32();
        crc.update(type.getBytes(StandardCharsets.ISO_8859_1));
        crc.update(data);
        var out = ByteBuffer.allocate(png.length + data.length + 12);
        out.put(png, 0, 33)
                .putInt(data.length)
                .put(type.getBytes(StandardCharsets.ISO_8859_1))
                .put(data);
        return out.putInt((int) crc.getValue()).put(png, 33, png.length - 33).array();
    }

    private static byte[] bomb(int bytes) throws IOException {
        var out = new ByteArrayOutputStream();
        out.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (var deflater = new DeflaterOutputStream(out)) {
            for (int i = 0; i < bytes; i += 1 << 16) {
                deflater.write(new byte[1 << 16]);
            }
        }
        return out.toByteArray();
    }

    private Optional<Pictures.Picture> read(String name, byte[] bytes) throws IOException {
        Files.write(folder.resolve(name), bytes);
        return Pictures.in(folder).read(name);
    }

    private Optional<String> trouble(String name, byte[] bytes) throws IOException {
        Files.write(folder.resolve(name), bytes);
        return Pictures.in(folder).trouble(name);
    }

    @Test
    void whatIsToldBesideThePixelsGoes() throws IOException {
        byte[] plain = written("png");
        byte[] told = withChunk(plain, "tEXt", "Author\0Somebody".getBytes(StandardCharsets.ISO_8859_1));
        told = withChunk(told, "zTXt", bomb(64 << 20));
        told = withChunk(told, "eXIf", "GPS 54.1 N".getBytes(StandardCharsets.ISO_8859_1));
        byte[] clean = read("told.png", told).orElseThrow().bytes();
        assertTrue(Arrays.equals(plain, clean), "nothing but the picture is left");
        assertEquals(Optional.empty(), trouble("told.png", told));
        byte[] jpeg = written("jpg");
        var commented = new ByteArrayOutputStream();
        commented.write(jpeg, 0, 2);
        commented.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xFE, 0, 10});
        commented.writeBytes("Somebody".getBytes(StandardCharsets.ISO_8859_1));
        commented.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, 10});
        commented.writeBytes("GPS 54 N".getBytes(StandardCharsets.ISO_8859_1));
        commented.write(jpeg, 2, jpeg.length - 2);
        byte[] kept = read("told.jpg", commented.toByteArray()).orElseThrow().bytes();
        assertTrue(Arrays.equals(jpeg, kept));
        assertEquals(40, ImageIO.read(new ByteArrayInputStream(kept)).getWidth());
    }

    @Test
    void whatCannotBeUsedSaysWhy() throws IOException {
        byte[] png = written("png");
        byte[] huge = png.clone();
        ByteBuffer.wrap(huge).putInt(16, 60_000).putInt(20, 60_000);
        assertTrue(trouble("huge.png", huge).orElseThrow().contains("60000 by 60000 pixels"));
        assertTrue(read("huge.png", huge).isEmpty());
        assertEquals(
                "it is a broken PNG", trouble("cut.png", Arrays.copyOf(png, 60)).orElseThrow());
        assertEquals("it is no PNG", trouble("jpeg.png", written("jpg")).orElseThrow());
        assertEquals("it is no JPEG", trouble("png.jpg", png).orElseThrow());
        byte[] torn = png.clone();
        Arrays.fill(torn, 60, torn.length - 20, (byte) 7);
        assertEquals("it can't be decoded", trouble("torn.png", torn).orElseThrow());
        var zipped = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(zipped)) {
            gzip.write(new byte[1000]);
        }
        assertEquals(
                "it is compressed; keep the SVG itself",
                trouble("z.svg", zipped.toByteArray()).orElseThrow());
        assertEquals(Optional.empty(), trouble("missing.png.txt", png));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "<script>alert(1)</script>",
                "<image href='data:image/png;base64,AAAA'/>",
                "<use href='#a'/>",
                "<style>path { fill: url(http://example.org/x) }</style>",
                "<foreignObject><p>x</p></foreignObject>",
                "<path d='M0 0h9' onclick='alert(1)'/>",
                "<path d='M0 0h9' fill='url(http://example.org/x#y)'/>",
                "<path d='M0 0h9' style='fill: url(javascript:alert(1)); filter: url(#b)'/>",
                "<filter id='b'><feGaussianBlur stdDeviation='900'/></filter>",
                "<g xmlns:x='urn:x' x:onload='alert(1)'/>",
                "<path d='M0 0h9' transform='rotate(9href)'/>",
                "<path d='M0 0 href'/>",
            })
    void ofAnSvgOnlyWhatDrawsIsKept(String part) throws IOException {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'>" + part
                + "<linearGradient id='g'><stop offset='0' stop-color='#ff0000'/></linearGradient>"
                + "<rect width='9' height='9' style='fill:url(#g);opacity:.5' stroke='rgb(1,2,3)'/></svg>";
        String clean = new String(
                read("a.svg", svg.getBytes(StandardCharsets.UTF_8))
                        .orElseThrow()
                        .bytes(),
                StandardCharsets.UTF_8);
        for (String word :
                new String[] {"alert", "http://example", "href", "<use", "<style", "filter", "data:", "foreign"}) {
            assertFalse(clean.contains(word), clean);
        }
        assertTrue(clean.contains("fill=\"url(#g)\"") && clean.contains("opacity=\".5\""), clean);
        assertTrue(clean.contains("stroke=\"rgb(1,2,3)\"") && clean.contains("stop-color=\"#ff0000\""), clean);
    }

    /** What is left out is said; what tells nobody anything goes in silence. */
    @Test
    void whatIsLeftOutIsSaid() throws IOException {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'><title>T</title><metadata/>"
                + "<path d='M0 0h9v9z' transform='translate(1-2)scale(.5.5)'/>%s</svg>";
        assertEquals(Optional.empty(), trouble("a.svg", svg.formatted("").getBytes(StandardCharsets.UTF_8)));
        String said = trouble(
                        "a.svg",
                        svg.formatted("<text>Quay</text><use href='#a'/>").getBytes(StandardCharsets.UTF_8))
                .orElseThrow();
        assertEquals("of its elements, text, use can't be drawn and are left out", said);
        String clean = new String(
                read("a.svg", svg.formatted("").getBytes(StandardCharsets.UTF_8))
                        .orElseThrow()
                        .bytes(),
                StandardCharsets.UTF_8);
        assertTrue(clean.contains("transform=\"translate(1 -2) scale(.5 .5)\""), clean);
    }

    /** A clip that clips itself, or clips of clips without end, are no clips of clips any more. */
    @Test
    void clipsOfClipsEnd() throws IOException {
        var svg = new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'>");
        svg.append("<clipPath id='a'><path d='M0 0h9v9z' clip-path='url(#a)'/></clipPath>");
        for (int i = 0; i < 30; i++) {
            svg.append("<clipPath id='c").append(i).append("'>");
            String next = "<path d='M0 0h9v9z' clip-path='url(#c" + (i + 1) + ")'/>";
            svg.append(next.repeat(4)).append("</clipPath>");
        }
        svg.append("<path d='M0 0h9v9z' clip-path='url(#a)'/><path d='M0 0h9v9z' clip-path='url(#c0)'/></svg>");
        Files.writeString(folder.resolve("clips.svg"), svg);
        var picture = new SceneNode.Picture("p", new Box(0, 0, 24, 24), 0, "clips.svg", SceneNode.Picture.Fit.WHOLE);
        var scene = new Scene(24, 24, Colour.rgb(0xFFFFFF), "clips", List.of(picture));
        var studio = new Studio(new BundledIcons(), Pictures.in(folder));
        assertEquals(0xFF000000, studio.image(scene, 1).getRGB(7, 2));
    }

    /** Grammars of icons: compact ways of writing are kept, and no text takes long. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "true | 10 5-3 4",
                "true | 1.5.5",
                "true | 1,2 3,4",
                "false | 1 2 3",
                "false | 1 2 x",
                "false | ''",
            })
    void pointsAreInPairs(boolean are, String points) {
        assertEquals(are, SvgGrammar.isPoints(points));
    }

    @Test
    void grammarsNeverLookBack() {
        assertFalse(SvgGrammar.isPoints("1".repeat(50_000) + "x"));
        assertFalse(SvgGrammar.isTransform("rotate(" + "1 ".repeat(50_000) + "x)"));
        assertFalse(SvgGrammar.isTransform(" ".repeat(50_000) + "x"));
    }
}
