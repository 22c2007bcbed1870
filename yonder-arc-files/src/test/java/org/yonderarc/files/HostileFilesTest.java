package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;

class HostileFilesTest {
    @TempDir
    private Path folder;

    @Test
    void filesThatAreNoTextAreRefusedWithTheReason() throws Exception {
        assertRefused(folder.resolve("none.yaml"), "there is no such file");
        assertRefused(folder, "this is a directory");
        assertRefused(written(new byte[(int) SourceText.LARGEST + 1]), "larger than 16 MiB");
        assertRefused(written(new byte[] {'a', ':', ' ', 'b', '\n', 0x00}), "code 0) stands at line 2, column 1");
        assertRefused(
                written("a: 1\nname: Caf\u00e9".getBytes(StandardCharsets.ISO_8859_1)),
                "the byte 0xe9 at line 2, column 10 is not UTF-8");
        assertRefused(written(new byte[] {'a', (byte) 0xE2, (byte) 0x82}), "is not UTF-8");
    }

    @Test
    void nestingAndAliasesAreBounded() {
        assertEquals("too-deep 1:65", first("plan.yaml", "[".repeat(1000) + "]".repeat(1000)));
        assertEquals("too-deep 1:65", first("plan.json", "[".repeat(100_000)));
        String blocks =
                IntStream.range(0, 1000).mapToObj(i -> " ".repeat(i) + "a:").collect(Collectors.joining("\n"));
        assertEquals("too-deep 65:65", first("plan.yaml", blocks));
        var bomb = new StringBuilder("a0: &a0 [x,x,x,x,x,x,x,x,x,x]\n");
        for (int i = 1; i < 30; i++) {
            String alias = "*a" + (i - 1);
            bomb.append(
                    "a" + i + ": &a" + i + " [" + String.join(",", java.util.Collections.nCopies(10, alias)) + "]\n");
        }
        assertTrue(first("plan.yaml", bomb.toString()).startsWith("too-large"));
        assertEquals("syntax 1:1", first("plan.yaml", ""));
        assertEquals("syntax 1:1", first("plan.json", " "));
    }

    @Test
    void filesOutsideOfThePlansFolderAreNotThere() throws Exception {
        Path plans = Files.createDirectory(folder.resolve("plans"));
        Files.writeString(folder.resolve("secret.pdf"), "secret");
        Files.writeString(plans.resolve("rules.pdf"), "rules");
        Files.createDirectory(plans.resolve("papers"));
        Files.createSymbolicLink(plans.resolve("out.pdf"), folder.resolve("secret.pdf"));
        Files.createSymbolicLink(plans.resolve("up"), folder);
        Files.createSymbolicLink(plans.resolve("in.pdf"), plans.resolve("rules.pdf"));
        var expected = java.util.Map.of(
                "rules.pdf", "[]",
                "in.pdf", "[]",
                "out.pdf", "[missing-file]",
                "up/secret.pdf", "[missing-file]",
                "papers", "[missing-file]",
                "none.pdf", "[missing-file]",
                "../secret.pdf", "[unsafe-file]",
                "/etc/passwd", "[unsafe-file]",
                "a/../../secret.pdf", "[unsafe-file]",
                "c:secret.pdf", "[unsafe-file]");
        for (var one : expected.entrySet()) {
            Path plan = Files.writeString(
                    plans.resolve("plan.yaml"),
                    "yonder: 1\napp: { name: A, start: a }\nscreens: { a: A, b: B }\n"
                            + "menus: { main: [ a, b, { document: \"" + one.getKey() + "\", label: Rules } ] }\n");
            var codes = PlanFile.read(plan, IconNames.ANY).findings().stream()
                    .map(finding -> finding.code().id())
                    .toList();
            assertEquals(one.getValue(), codes.toString(), one.getKey());
        }
    }

    @Test
    void writingReplacesTheWholeFileOrLeavesItWhole() throws Exception {
        Path file = folder.resolve("out.txt");
        SafeFile.write(file, "first");
        SafeFile.write(file, "second");
        assertEquals("second", Files.readString(file));
        Path inside = Files.createDirectory(folder.resolve("sub")).resolve("keep.txt");
        Files.writeString(inside, "kept");
        assertTrue(assertThrows(FileException.class, () -> SafeFile.write(folder.resolve("sub"), "x"))
                .getMessage()
                .contains("this is a directory"));
        assertTrue(assertThrows(FileException.class, () -> SafeFile.write(folder.resolve("no/x.txt"), "x"))
                .getMessage()
                .contains("Make the folder first"));
        assertArrayEquals("kept".getBytes(StandardCharsets.UTF_8), Files.readAllBytes(inside));
        try (var left = Files.walk(folder)) {
            assertTrue(left.noneMatch(path -> path.toString().endsWith(".part")), "nothing is left lying about");
        }
    }

    private void assertRefused(Path file, String reason) {
        var trouble = assertThrows(FileException.class, () -> PlanFile.read(file, IconNames.ANY));
        assertTrue(trouble.getMessage().contains(reason), trouble.getMessage());
        assertTrue(trouble.getMessage().startsWith(file.toString()), trouble.getMessage());
    }

    private Path written(byte[] bytes) throws Exception {
        return Files.write(folder.resolve("plan.yaml"), bytes);
    }

    private static String first(String name, String text) {
        Finding finding = PlanFile.read(new SourceText(name, text), IconNames.ANY)
                .findings()
                .get(0);
        return finding.code().id() + " " + finding.spot().line() + ":"
                + finding.spot().column();
    }
}
