package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.check.IconNames;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.interchange.TypeScriptPlaces;
import org.yonderarc.plan.Place;

/** The names of a plan as TypeScript, compiled by its own compiler and run in a browser. */
class TypeScriptPlacesTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: "Quay */ let x", start: tides }
            facts: { drafts: 2, signed-in: false, boats: [ { id: a, label: A } ] }
            screens:
              tides: { title: "Tides */ {drafts}" }
              survey: { path: "/surveys/{survey}", parameters: { survey: number } }
              species: { path: "/species{?zone,only-new}", parameters: { only-new: flag } }
              log: { path: "/log/{day}{?zone}" }
            menus: { main: [ tides, species, { signal: send, label: Send } ] }
            bars: [ { menu: main, form: bottom }, top ]
            """;

    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(800, 600);
        var library = new StringBuilder();
        for (String part : List.of(
                "es5", "decorators", "decorators.legacy", "es2015.symbol", "es2015.iterable", "es2017.object")) {
            library.append(library("lib." + part + ".d.ts").replaceAll("(?m)^/// <reference.*$", ""));
        }
        browser.executeScript(
                library("typescript.js") + "; window.ts = ts; window.library = arguments[0];", library.toString());
        String places = TypeScriptPlaces.write(
                PlanFile.read(new SourceText("quay.yaml", PLAN), IconNames.ANY)
                        .plan()
                        .orElseThrow(),
                "quay\u2028let x: string = 1;\u2029\n.yaml");
        browser.executeScript(
                """
                const places = arguments[0];
                window.compiled = app => {
                  const files = {'lib.d.ts': library, 'places.ts': places, 'app.ts': app}, out = {};
                  const program = ts.createProgram(['app.ts'], {strict: true, noUnusedLocals: true, exactOptionalPropertyTypes: true,
                    target: ts.ScriptTarget.ES2020, module: ts.ModuleKind.CommonJS}, {
                    getSourceFile: (name, version) => files[name] === undefined ? undefined : ts.createSourceFile(name, files[name], version),
                    getDefaultLibFileName: () => 'lib.d.ts', writeFile: (name, text) => { out[name] = text; },
                    getCurrentDirectory: () => '', getCanonicalFileName: name => name, useCaseSensitiveFileNames: () => true,
                    getNewLine: () => '\\n', fileExists: name => name in files, readFile: name => files[name]});
                  const said = ts.getPreEmitDiagnostics(program).map(one => ts.flattenDiagnosticMessageText(one.messageText, ' '));
                  program.emit();
                  return [said.join('; '), out];
                };
                window.run = app => {
                  const [said, out] = compiled(app);
                  if (said) { return said; }
                  const load = text => { const exports = {}; new Function('exports', 'require', text)(exports, () => load(out['places.js'])); return exports; };
                  return load(out['app.js']).at;
                };
                """,
                places);
    }

    @AfterAll
    static void quit() {
        Chromium.done(browser);
    }

    private static String library(String name) throws IOException {
        String path = "/META-INF/resources/webjars/typescript/5.4.5/lib/" + name;
        try (InputStream in = TypeScriptPlacesTest.class.getResourceAsStream(path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String said(String app) {
        return (String) ((List<?>) browser.executeScript("return compiled(arguments[0])", app)).get(0);
    }

    private static String run(String call) {
        return (String) browser.executeScript(
                "return run(arguments[0])",
                "import { place } from './places';\nexport const at: string = " + call + ";");
    }

    /** Each is read as the place that is meant. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "place('tides') | tides",
                "place('survey', { survey: 41 }) | survey?survey=41",
                "place('species') | species",
                "place('species', { 'only-new': true }) | species?only-new=true",
                "place('species', { zone: 'a b&c=d' }) | species?zone=a%20b%26c%3Dd",
                "place('log', { day: '(1)', zone: '*' }) | log?day=%281%29&zone=%2A",
            })
    void placesAreWrittenAsTheLibraryReadsThem(String call, String place) {
        assertEquals(place, run(call));
        assertEquals(Place.parse(place).text(), Place.parse(run(call)).text());
    }

    @Test
    void namesAreTypes() {
        assertEquals(
                "",
                said(
                        """
                        import { Bar, Fact, Facts, Item, Screen, Signal } from './places';
                        export const all: [Bar, Fact, Item, Screen, Signal] = ['top', 'signed-in', 'send', 'log', 'send'];
                        export const facts: Facts = { drafts: 1, 'signed-in': true, boats: [ 'a', 1, { id: 'b' } ] };
                        """));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "place('tide')",
                "place('survey')",
                "place('survey', {})",
                "place('survey', { survey: 'first' })",
                "place('tides', { zone: 'a' })",
                "place('species', { shore: 'a' })",
                "((item: import('./places').Item) => item)('map')",
            })
    void aNameThatThePlanDoesNotHaveDoesNotCompile(String wrong) {
        String said =
                said("import { place } from './places';\nexport const at: string = " + wrong + "; place('tides');");
        assertTrue(
                said.contains("rgument") || said.contains("not assignable") || said.contains("does not exist"), said);
    }
}
