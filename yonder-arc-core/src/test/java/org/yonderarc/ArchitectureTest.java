package org.yonderarc;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.yonderarc.plan.Form;

/** The rules that keep the core portable, and its arrows pointing one way. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.yonderarc");

    @Test
    void packagesHaveNoCycle() {
        slices().matching("org.yonderarc.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void planKnowsNobodyBehindIt() {
        classes()
                .that()
                .resideInAPackage("org.yonderarc.plan")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "java..",
                        "org.yonderarc.plan",
                        "org.yonderarc.tree",
                        "org.yonderarc.portable",
                        "org.jspecify..")
                .check(CORE);
    }

    @Test
    void noFilesNoClockNoReflection() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio.file..", "java.net..", "java.time..", "java.lang.reflect..")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .check(CORE);
    }

    /** What a form is, is known where it is defined, in its home, and by what is made of it; everyone else asks the home. */
    @Test
    void formsAreKnownAtHomeOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "org.yonderarc.plan", "org.yonderarc.form", "org.yonderarc.shape", "org.yonderarc.build")
                .should()
                .dependOnClassesThat(HAS_A_HOME)
                .check(CORE);
    }

    private static final DescribedPredicate<JavaClass> HAS_A_HOME = DescribedPredicate.describe(
            "are forms",
            type -> type.isAssignableTo(Form.class) && !type.isEquivalentTo(Form.class) && type.isRecord());

    /** The pages of live, too, learn the forms from the schema; examples ask for a bar as an app does. */
    @Test
    void nobodyElseNamesAForm() throws Exception {
        var kind = Pattern.compile("\\bKind\\.(BOTTOM|TOP|RAIL|DRAWER|RADIAL|GRID)\\b");
        var word = Pattern.compile("[=(\\[]\\s*['\"](rail|drawer|radial|grid)['\"]");
        var wrong = new ArrayList<String>();
        for (Path file : sources("src/main")) {
            String name = file.toString().replace('\\', '/');
            boolean isHome = name.matches(".*/(plan|form|build|examples)/[^/]*");
            boolean isCode = name.endsWith(".java") || name.endsWith(".js");
            // The plans to start from have names of their own.
            boolean isNew = name.endsWith("/Starter.java");
            String text = isCode ? Files.readString(file) : "";
            if (!isHome
                    && !isNew
                    && (kind.matcher(text).find() || word.matcher(text).find())) {
                wrong.add(name);
            }
        }
        assertEquals(List.of(), wrong);
    }

    /** Which part a node is, its part says; a key is only compared with another. */
    @Test
    void nobodyReadsKeys() throws Exception {
        var read =
                Pattern.compile("\\bkey\\(\\)\\s*\\.(startsWith|endsWith|contains|indexOf|substring|split|matches)\\(");
        var named = Pattern.compile("instanceof (Bottom|Top|Rail|Drawer|Radial|Grid)Form\\b");
        var wrong = new ArrayList<String>();
        int seen = 0;
        for (Path file : sources("src/main/java")) {
            String text = Files.readString(file);
            String inFile = file.toString().replace('\\', '/');
            seen++;
            // The keys of a map of tokens are those of a file.
            boolean isTree = text.contains("import org.yonderarc.tree.MapValue;");
            if (!isTree && read.matcher(text).find()) {
                wrong.add(inFile + " reads a key");
            }
            if (!inFile.contains("/form/") && named.matcher(text).find()) {
                wrong.add(inFile + " asks which form it is");
            }
        }
        assertEquals(List.of(), wrong);
        assertTrue(seen > 300, "sources of all modules: " + seen);
    }

    private static List<Path> sources(String folder) throws IOException {
        var all = new ArrayList<Path>();
        try (var modules = Files.newDirectoryStream(Path.of(".."), "yonder-arc-*")) {
            for (Path module : modules) {
                Path main = module.resolve(folder);
                if (Files.isDirectory(main)) {
                    try (var files = Files.walk(main)) {
                        files.filter(file -> file.toString().matches(".*\\.(java|js)"))
                                .forEach(all::add);
                    }
                }
            }
        }
        return all;
    }
}
