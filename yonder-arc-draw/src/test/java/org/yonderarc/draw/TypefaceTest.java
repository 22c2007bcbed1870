package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Texts in a font of a plan's own, and in the fonts behind it. */
class TypefaceTest {
    private static final Type REGULAR = Type.regular(100);
    private static final Type SEMIBOLD = Type.semibold(100);

    @TempDir
    private static Path folder;

    private static byte[] serif(String style) throws IOException {
        try (InputStream in =
                TypefaceTest.class.getResourceAsStream("/net/sf/jasperreports/fonts/dejavu/DejaVuSerif" + style)) {
            return in.readAllBytes();
        }
    }

    private static Plan plan(PlanBuilder plan) {
        return plan.start("a")
                .screen("a", screen -> screen.title("Hafen").icon("home"))
                .screen("b", screen -> screen.title("Boote").icon("ship"))
                .menu("main", menu -> menu.item("a").item("b"))
                .build();
    }

    private static Typeface own() throws IOException {
        Files.write(folder.resolve("plain.ttf"), serif(".ttf"));
        Files.write(folder.resolve("strong.ttf"), serif("-Bold.ttf"));
        return Typeface.of(plan(PlanBuilder.app("Own").font("plain.ttf", "strong.ttf")), Fonts.in(folder));
    }

    /** A page has the font without the shapes that depend on neighbours: a colon between figures is not raised in a picture either. */
    @Test
    void glyphsDoNotDependOnTheirNeighbours() {
        var face = Typeface.bundled();
        var type = Type.regular(40);
        double alone = face.outline(":", type, 0, 0).getBounds2D().getMinY();
        var between = new Area(face.outline("1:1", type, 0, 0));
        double one = face.width("1", type);
        between.intersect(new Area(new Rectangle2D.Double(one, -60, face.width(":", type), 80)));
        assertEquals(alone, between.getBounds2D().getMinY(), 0.01);
        assertEquals(2 * one + face.width(":", type), face.width("1:1", type), 1.5);
        assertEquals(
                face.outline("\u00e9", type, 0, 0).getBounds2D(),
                face.outline("e\u0301", type, 0, 0).getBounds2D(),
                "marks are joined to their letters");
    }

    @Test
    void eachWeightHasItsFile() throws IOException {
        Typeface face = own();
        double plain = face.width("Gezeiten", REGULAR);
        assertNotEquals(plain, Typeface.bundled().width("Gezeiten", REGULAR), 1);
        assertTrue(face.width("Gezeiten", SEMIBOLD) > plain + 10);
        Typeface one = Typeface.of(plan(PlanBuilder.app("Own").font("plain.ttf")), Fonts.in(folder));
        assertEquals(plain, one.width("Gezeiten", SEMIBOLD), "one file stands for both weights");
        assertEquals(plain, one.measure().width("Gezeiten", REGULAR), 1e-9);
    }

    @Test
    void capitalsStandWhereThoseOfTheBundledFontDo() throws IOException {
        var own = own().outline("H", REGULAR, 0, 100).getBounds2D();
        var bundled = Typeface.bundled().outline("H", REGULAR, 0, 100).getBounds2D();
        assertEquals(bundled.getCenterY(), own.getCenterY(), 0.3);
        assertNotEquals(bundled.getHeight(), own.getHeight(), 0.1);
    }

    @Test
    void lettersThatAFontLacksComeFromTheNext() throws IOException {
        Typeface face = own();
        // The arrow is in the bundled font alone, the Arabic letter in the one behind it.
        for (String letter : List.of("\u21e7", "\u0645")) {
            assertFalse(face.outline(letter, REGULAR, 0, 0).getBounds2D().isEmpty());
        }
        assertTrue(face.width("Hafen \u0645", REGULAR) > face.width("Hafen ", REGULAR));
        assertEquals(List.of(), face.notes());
        // No font has what Unicode leaves to everyone.
        face.width("\udbff\udffd", REGULAR);
        assertEquals(1, face.notes().size());
        assertTrue(face.notes().get(0).startsWith("No font here has \"\udbff\udffd\": they show as boxes."));
    }

    @Test
    void aMarkStaysWithItsLetter() throws IOException {
        // Marks that the second font has alone: in the first a box would stand in for them, as wide as a letter.
        Typeface face = Typeface.bundled();
        var fonts = new InterFont().fonts(Type.Weight.REGULAR);
        int[] marks = IntStream.range(0x300, 0x370)
                .filter(mark -> !fonts.get(0).canDisplay(mark) && fonts.get(1).canDisplay(mark))
                .toArray();
        assertTrue(marks.length > 0, "there are such marks");
        for (int mark : marks) {
            String marked = "o" + Character.toString(mark);
            assertEquals(face.width("o", REGULAR), face.width(marked, REGULAR), 12, "U+" + Integer.toHexString(mark));
        }
        assertEquals(List.of(), face.notes());
    }

    @Test
    void signsThatSteerATextNeedNoFont() {
        Typeface face = Typeface.bundled();
        assertTrue(face.width("\u2066Hafen\u2069 \u200f", REGULAR) > 0);
        assertEquals(List.of(), face.notes());
    }

    @Test
    void picturesBringTheFontAlong() throws IOException {
        Plan plan = plan(PlanBuilder.app("Own").font("plain.ttf", "strong.ttf"));
        var studio = new Studio(new BundledIcons(), Pictures.NONE, Typeface.of(plan, Fonts.in(folder)));
        var walk = Walk.of(plan);
        String svg = studio.svg(new View(walk, Device.PHONE, studio.measure()).scene(walk.start()));
        assertTrue(svg.contains("font-family=\"'DejaVu Serif', Inter, system-ui, sans-serif\""));
        assertEquals(2, svg.split("@font-face", -1).length - 1);
        var scene = new View(walk, Device.PHONE, Typeface.bundled().measure()).scene(walk.start());
        String bundled = new Studio().svg(scene);
        assertTrue(bundled.contains(
                "@font-face { font-family: 'Inter'; font-weight: 600; src: url(data:font/woff;base64,"));
        String outlined = new Studio().outlines(scene);
        assertFalse(outlined.contains("@font-face") || outlined.contains("<text"), outlined);
    }

    @Test
    void aPackedFontIsTheFont() throws IOException {
        byte[] file = serif(".ttf");
        byte[] packed = Sfnt.packed(file);
        assertEquals(0x774F4646, ByteBuffer.wrap(packed).getInt(0), "W3C WOFF 1.0, section 3: the signature");
        assertEquals(ByteBuffer.wrap(file).getInt(0), ByteBuffer.wrap(packed).getInt(4), "the flavour");
        assertEquals(packed.length, ByteBuffer.wrap(packed).getInt(8), "the length");
        assertTrue(packed.length < file.length * 0.7);
    }

    @ParameterizedTest
    @CsvSource({
        "wOF2, it is packed as WOFF2",
        "wOFF, it is packed as WOFF",
        "ttcf, it is a collection of several fonts",
        "%PDF, it is not a font",
        "OTTO, it is a broken font",
    })
    void whatIsNoFontIsRefused(String signature, String reason) {
        byte[] bytes = Arrays.copyOf(signature.getBytes(StandardCharsets.US_ASCII), 400);
        var refused = assertThrows(IOException.class, () -> FontFile.of(bytes));
        assertTrue(refused.getMessage().startsWith(reason), refused.getMessage());
    }

    @Test
    void brokenFontsAreRefusedWhereverTheyAreCut() throws IOException {
        byte[] whole = serif(".ttf");
        for (int length : new int[] {0, 5, 12, 100, 300, 5_000, whole.length / 2, whole.length - 40_000}) {
            byte[] cut = Arrays.copyOf(whole, length);
            assertThrows(IOException.class, () -> FontFile.of(cut), length + " bytes");
        }
        byte[] far = whole.clone();
        ByteBuffer.wrap(far).putInt(12 + 8, Integer.MAX_VALUE);
        assertThrows(IOException.class, () -> FontFile.of(far));
    }

    /** OpenType 1.9, chapter OS/2: fsType 2 is "Restricted License embedding", 8 is "Editable embedding". */
    @ParameterizedTest
    @CsvSource({"0, false", "2, true", "4, false", "8, false"})
    void whoMayNotEmbedItIsTold(int type, boolean isTold) throws IOException {
        byte[] file = serif(".ttf").clone();
        var buffer = ByteBuffer.wrap(file);
        for (int i = 0; i < buffer.getShort(4); i++) {
            if (new String(file, 12 + 16 * i, 4, StandardCharsets.US_ASCII).equals("OS/2")) {
                buffer.putShort(buffer.getInt(12 + 16 * i + 8) + 8, (short) type);
            }
        }
        assertEquals(
                isTold,
                FontFile.of(file).doubt().filter(why -> why.contains("embed")).isPresent());
    }

    @Test
    void aFolderGivesItsOwnFontsAlone() throws IOException {
        own();
        Path plans = Files.createDirectories(folder.resolve("plans"));
        Files.writeString(plans.resolve("no.ttf"), "no font");
        Files.write(plans.resolve("fine.ttf"), serif(".ttf"));
        Fonts fonts = Fonts.in(plans);
        assertArrayEquals(serif(".ttf"), fonts.read("fine.ttf").orElseThrow());
        assertEquals(Optional.empty(), fonts.trouble("fine.ttf"));
        assertEquals(Optional.empty(), fonts.read("../plain.ttf"));
        assertEquals(Optional.empty(), fonts.read("missing.ttf"));
        assertEquals(Optional.empty(), fonts.read("no.ttf"));
        assertEquals(Optional.of("it is not a font"), fonts.trouble("no.ttf"));
        var look = new PlanFolder(Pictures.in(plans), fonts);
        assertEquals(Optional.of("it is not a font"), look.trouble("no.ttf"));
        assertEquals("\u6c34\u4eac", look.lacking("fine.ttf", "Hafen \u6c34\u4eac \u6c34"));
        assertEquals("", look.lacking("missing.ttf", "\u6c34"));
    }
}
