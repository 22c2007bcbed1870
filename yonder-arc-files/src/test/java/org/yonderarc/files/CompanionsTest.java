package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Size;

/** What stands in the files beside a plan: design tokens, and texts of other languages. */
class CompanionsTest {
    @TempDir
    private Path folder;

    private PlanFile read(String yaml) throws Exception {
        return PlanFile.read(Files.writeString(folder.resolve("plan.yaml"), yaml), IconNames.ANY);
    }

    /** Values as the Design Tokens Format Module writes them, with the colour or the size that they mean. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ \"$type\": \"color\", \"$value\": \"#0a6c74\" }                                            | #0a6c74",
                "{ \"$value\": { \"colorSpace\": \"srgb\", \"components\": [0, 0.5, 1] } }                     | #0080ff",
                "{ \"$value\": { \"colorSpace\": \"srgb\", \"components\": [1, 1, 1], \"alpha\": 0.5 } }       | rgb(255 255 255 / 0.5)",
                "{ \"$value\": \"{base}\" }                                                                  | #112233",
            })
    void colourTokensMeanTheirColour(String token, String css) throws Exception {
        Files.writeString(
                folder.resolve("tokens.json"),
                "{ \"base\": { \"$value\": \"#112233\" }, \"brand\": { \"tone\": " + token + " } }");
        Plan plan =
                read("""
                yonder: 1
                app: { name: A, start: a }
                theme: { token-file: tokens.json, light: { line: "{brand.tone}" } }
                screens: { a: A, b: B }
                menus: { main: [ a, b ] }
                """)
                        .plan()
                        .orElseThrow();
        assertEquals(Colour.parse(css), plan.theme().colour(Scheme.LIGHT, Role.LINE));
    }

    @ParameterizedTest
    @ValueSource(strings = {"{ \"value\": 60, \"unit\": \"px\" }", "\"60px\"", "60"})
    void dimensionTokensMeanTheirSize(String value) throws Exception {
        Files.writeString(folder.resolve("tokens.json"), "{ \"bar\": { \"height\": { \"$value\": " + value + " } } }");
        Plan plan =
                read("""
                yonder: 1
                app: { name: A, start: a }
                theme: { token-file: tokens.json, style: { thickness: "{bar.height}" } }
                screens: { a: A, b: B }
                menus: { main: [ a, b ] }
                """)
                        .plan()
                        .orElseThrow();
        assertEquals(60, plan.theme().style().orElseThrow().own().sizes().get(Size.THICKNESS));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                                    | There is no token \"brand.tone\"",
                "{ \"brand\": { \"tone\": { \"$value\": \"{brand.tone}\" } } }            | leads back to itself",
                "{ \"brand\": { \"tone\": { \"$value\": \"{brand.tune}\" } } }            | There is no token \"brand.tune\"",
                "{ \"brand\": { \"tone\": { \"$value\": [ 1 ] } } }                       | is not a colour in sRGB",
                "{ \"brand\": { \"tone\": { \"$value\": { \"colorSpace\": \"lab\" } } } } | is not a colour in sRGB",
                "{ broken                                                              | JSON",
            })
    void aTokenThatMeansNothingIsReportedOnce(String tokens, String message) throws Exception {
        Files.writeString(folder.resolve("tokens.json"), tokens);
        List<Finding> findings =
                read("""
                yonder: 1
                app: { name: A, start: a }
                theme: { token-file: tokens.json, light: { line: "{brand.tone}" } }
                screens: { a: A, b: B }
                menus: { main: [ a, b ] }
                """)
                        .findings();
        assertTrue(findings.get(0).spot().line() == 3, findings.toString());
        assertTrue(findings.stream().anyMatch(finding -> finding.message().contains(message)), findings.toString());
    }

    private static final String LANGUAGES =
            """
            yonder: 1
            app: { name: A, start: a, languages: [ en, de ], text-files: "texts/{language}.%s" }
            screens: { a: Tides, b: { title: Shore map } }
            menus:
              main:
                - { screen: a, label: High water }
                - section: At the shore
                  items: [ { screen: b, label: { en: Map, de: Plan } } ]
            """;

    @Test
    void propertiesAndXliffGiveTheSamePlan() throws Exception {
        Files.createDirectories(folder.resolve("texts"));
        Files.writeString(
                folder.resolve("texts/de.properties"),
                """
                screens.a.title = Gezeiten
                screens.b.title = Uferkarte
                items.a.label = Hochwasser
                items.b.label = Karte
                sections.at-the-shore = Am Ufer
                """);
        Files.writeString(
                folder.resolve("texts/de.xlf"),
                """
                <xliff version="2.0" xmlns="urn:oasis:names:tc:xliff:document:2.0" srcLang="en" trgLang="de"><file id="f">
                <unit id="1" name="screens.a.title"><segment><source>Tides</source><target>Gezeiten</target></segment></unit>
                <unit id="2" name="screens.b.title"><segment><target>Uferkarte</target></segment></unit>
                <unit id="3" name="items.a.label"><segment><target>Hochwasser</target></segment></unit>
                <unit id="4" name="items.b.label"><segment><target>Karte</target></segment></unit>
                <unit id="5" name="sections.at-the-shore"><segment><target>Am Ufer</target></segment></unit>
                </file></xliff>
                """);
        PlanFile properties = read(LANGUAGES.formatted("properties"));
        assertEquals(List.of(), properties.findings());
        Plan plan = properties.plan().orElseThrow();
        assertEquals("Gezeiten", plan.screens().get("a").title().in("de").source());
        assertEquals("Tides", plan.screens().get("a").title().in("en").source());
        var items = plan.menus().get("main").items();
        assertEquals("Hochwasser", items.get(0).label().orElseThrow().in("de").source());
        assertEquals("Plan", items.get(1).label().orElseThrow().in("de").source(), "the plan's own text counts");
        PlanFile xliff = read(LANGUAGES.formatted("xlf"));
        assertEquals(plan.screens(), xliff.plan().orElseThrow().screens());
        assertEquals(plan.menus(), xliff.plan().orElseThrow().menus());
    }

    @Test
    void whatTheAppSaysOfItselfIsTranslatedBesideThePlan() throws Exception {
        Files.createDirectories(folder.resolve("texts"));
        Files.writeString(
                folder.resolve("texts/eo.properties"),
                """
                built-in-texts.menu = Menuo
                built-in-texts.more = Pli
                built-in-texts.back-to = Reen al {place}
                built-in-texts.collapse = Faldi
                built-in-texts.expand = Malfaldi
                built-in-texts.new = nova
                built-in-texts.close = Fermi
                """);
        PlanFile read = read(
                """
                yonder: 1
                app: { name: A, start: a, languages: [ en, eo ], text-files: "texts/{language}.properties", built-in-texts: { menu: All } }
                screens: { a: A }
                """);
        assertEquals(
                List.of(),
                read.findings().stream()
                        .filter(found -> found.code() == Code.MISSING_LANGUAGE)
                        .toList());
        assertEquals(
                List.of(),
                read.findings().stream()
                        .filter(found -> found.code() == Code.UNUSED_TEXT)
                        .toList());
        var app = read.plan().orElseThrow().app();
        assertEquals("All", app.own(BuiltInText.MENU, "en"));
        assertEquals("Menuo", app.own(BuiltInText.MENU, "eo"));
        assertEquals("Pli", app.own(BuiltInText.MORE, "eo"));
        assertEquals(
                "Plus", app.own(BuiltInText.MORE, "fr"), "a language that only some words have keeps the usual ones");
        assertEquals("Reen al Wax", app.own(BuiltInText.BACK_TO, "eo", "Wax"));
    }

    @Test
    void aFileThatLeadsOutOfTheFolderIsNotRead() throws Exception {
        Path outside = Files.createTempFile("tokens", ".json");
        Files.writeString(outside, "{ \"a\": { \"b\": { \"$value\": \"#ffffff\" } } }");
        Files.createSymbolicLink(folder.resolve("tokens.json"), outside);
        PlanFile read =
                read("yonder: 1\napp: { name: A, start: a }\ntheme: { token-file: tokens.json }\nscreens: { a: A }\n");
        assertTrue(read.plan().isEmpty());
        assertEquals("unreadable-file", read.findings().get(0).code().id());
        Files.delete(outside);
    }
}
