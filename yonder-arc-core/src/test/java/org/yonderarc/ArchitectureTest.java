package org.yonderarc;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The rules that keep the core portable, and its arrows pointing one way. */
class ArchitectureTest {
    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.yonderarc");

    @Test
    void packagesHaveNoCycle() {
        slices().matching("org.yonderarc.(*)..").should().beFreeOfCycles().check(core);
    }

    @Test
    void planKnowsNobodyBehindIt() {
        classes()
                .that()
                .resideInAPackage("org.yonderarc.plan")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("java..", "org.yonderarc.plan", "org.yonderarc.tree")
                .check(core);
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
                .check(core);
    }
}
