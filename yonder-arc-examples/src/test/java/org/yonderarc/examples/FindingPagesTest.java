package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.check.FileNames;
import org.yonderarc.draw.IconFolder;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Code;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;

/** Each code has a page whose wrong example has the finding, and whose right example has none at all. */
class FindingPagesTest {
    private static final Path DOCS = Path.of("../docs").toAbsolutePath().normalize();

    @ParameterizedTest
    @MethodSource("codes")
    void theExamplesDoWhatThePageSays(Code code) throws Exception {
        String page = Files.readString(DOCS.resolve("findings/" + code.id() + ".md"));
        assertTrue(
                page.startsWith(
                        "# " + code.id() + "\n\nSeverity: " + code.severity().word() + ". " + code.why()),
                page);
        PlanFile wrong = check(code, block(page, "yaml wrong"));
        assertTrue(wrong.findings().stream().anyMatch(finding -> finding.code() == code), () -> report(wrong));
        assertTrue(wrong.findings().stream().allMatch(finding -> finding.spot().isLocated()), () -> report(wrong));
        PlanFile right = check(code, block(page, "yaml"));
        assertEquals(List.of(), right.findings(), () -> report(right));
    }

    static List<Code> codes() {
        return Code.values();
    }

    @Test
    void theListIsComplete() throws Exception {
        String list = Files.readString(DOCS.resolve("findings.md"));
        for (Code code : Code.values()) {
            String row = "| [" + code.id() + "](findings/" + code.id() + ".md) | "
                    + code.severity().word() + " | ";
            assertTrue(list.contains(row + code.why() + " |"), code.id());
        }
    }

    private static PlanFile check(Code code, String yaml) {
        Path folder = DOCS.resolve("findings/files/" + code.id());
        if (Files.isDirectory(folder)) {
            Path plan = folder.resolve("example.yaml");
            Icons icons = IconFolder.beside(plan, new BundledIcons());
            return PlanFile.inFolder(new SourceText(plan.toString(), yaml), icons, folder);
        }
        return PlanFile.read(new SourceText("example.yaml", yaml), new BundledIcons(), new Folder());
    }

    private static String report(PlanFile file) {
        return FindingText.report(file, FindingText.Colours.NONE);
    }

    private static String block(String page, String language) {
        Matcher block =
                Pattern.compile("```" + language + "\n(.*?)```", Pattern.DOTALL).matcher(page);
        assertTrue(block.find(), language);
        return block.group(1);
    }

    /** The files of which the pages speak. */
    private static final class Folder implements FileNames {
        @Override
        public boolean has(String path) {
            return List.of(
                            "papers/rules.pdf",
                            "pictures/shore.png",
                            "pictures/cut-off.png",
                            "fonts/dune-regular.ttf",
                            "fonts/dune-semibold.ttf",
                            "fonts/dune.woff2")
                    .contains(path);
        }

        @Override
        public Optional<String> trouble(String path) {
            return path.endsWith("cut-off.png")
                    ? Optional.of("it is a broken PNG")
                    : Optional.of("it is packed as WOFF2").filter(reason -> path.endsWith(".woff2"));
        }

        @Override
        public String lacking(String font, String text) {
            return text.replaceAll("\\p{IsLatin}", "");
        }
    }
}
