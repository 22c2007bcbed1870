package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.bind.PlanReference;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;

/** Every example in the README and the docs is run, and every link leads somewhere. */
class DocsTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Pattern LINK = Pattern.compile("\\]\\(([^)#:]+)\\)");

    static Stream<Path> documents() throws Exception {
        return Stream.concat(Stream.of(ROOT.resolve("README.md")), Files.list(ROOT.resolve("docs")))
                .filter(path -> path.toString().endsWith(".md"))
                .sorted();
    }

    @ParameterizedTest
    @MethodSource("documents")
    void linksLeadSomewhereAndPlansCheckClean(Path document) throws Exception {
        String text = Files.readString(document);
        LINK.matcher(text)
                .results()
                .forEach(link -> assertTrue(
                        Files.exists(document.resolveSibling(link.group(1))), document + " links to " + link.group(1)));
        for (String yaml : blocks(text, "yaml")) {
            var read = PlanFile.read(new SourceText(document + ".yaml", yaml), new BundledIcons());
            assertEquals(List.of(), read.findings(), () -> FindingText.report(read, FindingText.Colours.NONE));
        }
    }

    @Test
    void theJavaOfTheReadmeIsTheExampleThatCompiles() throws Exception {
        String source = Files.readString(
                ROOT.resolve("yonder-arc-examples/src/main/java/org/yonderarc/examples/ReadmeExample.java"));
        String shown =
                blocks(Files.readString(ROOT.resolve("README.md")), "java").get(0);
        String compiled = source.substring(source.indexOf("// README: start") + 16, source.indexOf("// README: end"));
        assertEquals(squeezed(compiled), squeezed(shown));
    }

    @Test
    void everyScreenshotIsShownInTheReadme() throws Exception {
        String readme = Files.readString(ROOT.resolve("README.md"));
        try (var pictures = Files.list(ROOT.resolve("docs/screenshots"))) {
            List<Path> all = pictures.toList();
            assertFalse(all.isEmpty());
            assertTrue(all.size() < 20, "under 20 pictures");
            all.forEach(
                    picture -> assertTrue(readme.contains(picture.getFileName().toString()), picture.toString()));
        }
    }

    @Test
    void theReferenceIsThatOfTheReader() throws Exception {
        assertTrue(Files.readString(ROOT.resolve("docs/plan.md"))
                .endsWith(PlanReference.markdown().stripTrailing() + "\n"));
    }

    @Test
    void theDemoPlanChecksClean() {
        var read = PlanFile.read(new SourceText(Brinelight.FILE, Brinelight.yaml()), new BundledIcons());
        assertEquals(List.of(), read.findings());
    }

    private static List<String> blocks(String text, String language) {
        return Pattern.compile("```" + language + "\n(.*?)```", Pattern.DOTALL)
                .matcher(text)
                .results()
                .map(block -> block.group(1))
                .toList();
    }

    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }
}
