package org.yonderarc.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.lang.reflect.Method;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.sourceforge.pmd.lang.swift.ast.SwiftLexer;
import net.sourceforge.pmd.lang.swift.ast.SwiftParser;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.jetbrains.kotlin.cli.common.ExitCode;
import org.jetbrains.kotlin.cli.jvm.K2JVMCompiler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** The names of a plan in the languages of phones: Kotlin by its compiler, Swift by its grammar. */
class NativeNamesTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: "Quay */ class X {} /* $x ${y}", start: tides }
            facts: { drafts: 2, signed-in: false }
            screens:
              tides: { title: "Tides */ /* \\"\\"\\" \\\\(x)" }
              survey: { path: "/surveys/{survey}", parameters: { survey: integer } }
              sightings: { path: "/surveys/{survey}/sightings{?day}", under: survey }
              depth: { path: "/depths/{depth}", parameters: { depth: number } }
              species: { path: "/species{?zone,only-new}", parameters: { only-new: flag } }
              default: { path: "/default/{class}/{is-new}{?zone}", parameters: { is-new: flag } }
            menus: { main: [ tides, species, { signal: send, label: Send } ] }
            bars: [ { menu: main, form: bottom }, top ]
            """;
    private static final String FROM = "quay\\u000a */ class X {} \r\u2028.yaml";

    @TempDir
    Path folder;

    private static Plan plan(String text) {
        PlanFile read = PlanFile.read(new SourceText("quay.yaml", text), IconNames.ANY);
        return read.plan().orElseThrow(() -> new AssertionError(read.findings()));
    }

    /** Compiles sources without a warning; gives what the compiler says. */
    private String compiled(String... sources) throws Exception {
        var arguments = new ArrayList<>(
                List.of("-no-reflect", "-Werror", "-d", folder.resolve("out").toString(), "-no-stdlib"));
        arguments.addAll(List.of("-classpath", System.getProperty("java.class.path")));
        for (int i = 0; i < sources.length; i++) {
            Path file = folder.resolve("Source" + i + ".kt");
            Files.writeString(file, sources[i]);
            arguments.add(file.toString());
        }
        var said = new ByteArrayOutputStream();
        ExitCode code = new K2JVMCompiler()
                .exec(new PrintStream(said, true, StandardCharsets.UTF_8), arguments.toArray(String[]::new));
        return code == ExitCode.OK ? "" : said.toString(StandardCharsets.UTF_8);
    }

    private Object call(String method, Object... values) throws Exception {
        var loader = new URLClassLoader(
                new URL[] {folder.resolve("out").toUri().toURL()}, getClass().getClassLoader());
        Class<?> places = loader.loadClass("org.quay.Places");
        Method found = Stream.of(places.getMethods())
                .filter(one -> one.getName().equals(method))
                .findFirst()
                .orElseThrow();
        return found.invoke(places.getField("INSTANCE").get(null), values);
    }

    @Test
    void kotlinGivesPlacesAsTheLibraryReadsThem() throws Exception {
        assertEquals("", compiled(KotlinPlaces.write(plan(PLAN), FROM, "org.quay", "Places")));
        assertEquals("survey?survey=41", call("survey", 41L));
        assertEquals("sightings?survey=41", call("sightings", 41L, null), "a parameter has one type along its path");
        assertEquals("depth?depth=-0.5", call("depth", -0.5));
        assertEquals("depth?depth=3", call("depth", 3.0));
        assertEquals("species", call("species", null, null));
        assertEquals("species?only-new=true", call("species", null, true));
        String odd = "a b&c=d+e*%/~\u00e9\ud83d\udc1a'()!";
        assertEquals(new Place("species", Map.of("zone", odd)), Place.parse((String) call("species", odd, null)));
        assertEquals("default?class=x&is-new=false", call("default", "x", false, null));
        for (Object none : new Object[] {Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThrows(java.lang.reflect.InvocationTargetException.class, () -> call("depth", none));
        }
    }

    /** Each line that names what the plan doesn't have, or gives it something else, is an error; no other line is. */
    @Test
    void whatThePlanDoesNotHaveDoesNotCompileInKotlin() throws Exception {
        List<String> lines = List.of(
                "package org.quay",
                "val a = Places.survey(41)",
                "val b = Places.sightings(survey = 41, day = \"monday\")",
                "val c = Places.species(onlyNew = true)",
                "val d = Places.Screens.SURVEY + Places.Items.SPECIES + Places.Facts.SIGNED_IN + Places.Signals.SEND + Places.Bars.MAIN",
                "val e = Places.survey(\"first\") // wrong",
                "val f = Places.survey(4.5) // wrong",
                "val g = Places.sightings(\"41\") // wrong",
                "val h = Places.SURVEY // wrong",
                "val i = Places.Items.LETTERS // wrong");
        String said =
                compiled(KotlinPlaces.write(plan(PLAN), FROM, "org.quay", "Places"), String.join("\n", lines) + "\n");
        Set<Integer> wrong = Pattern.compile("Source1\\.kt:(\\d+):\\d+: error")
                .matcher(said)
                .results()
                .map(one -> Integer.valueOf(one.group(1)))
                .collect(Collectors.toCollection(TreeSet::new));
        assertEquals(Set.of(6, 7, 8, 9, 10), wrong, said);
    }

    /** What the grammar of Swift says against a source. */
    private static List<String> wrongIn(String swift) {
        var wrong = new ArrayList<String>();
        var listener = new BaseErrorListener() {
            @Override
            public void syntaxError(
                    Recognizer<?, ?> recognizer,
                    Object symbol,
                    int line,
                    int column,
                    String message,
                    RecognitionException e) {
                wrong.add(line + ": " + message);
            }
        };
        var lexer = new SwiftLexer(CharStreams.fromString(swift));
        var parser = new SwiftParser(new CommonTokenStream(lexer));

        lexer.removeErrorListeners();
        lexer.addErrorListener(listener);
        parser.removeErrorListeners();
        parser.addErrorListener(listener);
        parser.topLevel();
        return wrong;
    }

    @Test
    void swiftIsGrammaticalAndTyped() {
        String swift = SwiftPlaces.write(plan(PLAN), FROM, "Places");
        assertEquals(List.of(), wrongIn(swift));
        for (String line : List.of(
                "public static let tides = \"tides\"",
                "public static func survey(survey: Int) -> String {",
                "public static func sightings(survey: Int, day: String? = nil) -> String {",
                "public static func depth(depth: Double) -> String {",
                "public static func species(zone: String? = nil, onlyNew: Bool? = nil) -> String {",
                "public static func `default`(`class`: String, isNew: Bool, zone: String? = nil) -> String {",
                "public static let signedIn = \"signed-in\"")) {
            assertTrue(swift.contains(line), () -> line + " in\n" + swift);
        }
        assertEquals(
                1,
                wrongIn("public enum Places {\n    static func a( -> String {}\n}\n")
                        .size());
    }

    @Test
    void namesThatComeToOneAreRefused() {
        Plan plan = plan(PLAN.replace("  depth:", "  a-1: { path: \"/a/{x}\" }\n  a1: { path: \"/b/{x}\" }\n  depth:"));
        for (String message : List.of(
                assertThrows(IllegalArgumentException.class, () -> KotlinPlaces.write(plan, "p", "", "Places"))
                        .getMessage(),
                assertThrows(IllegalArgumentException.class, () -> SwiftPlaces.write(plan, "p", "Places"))
                        .getMessage())) {
            assertEquals("\"a-1\" and \"a1\" both come to the name a1; rename one of them", message);
        }
        // A constant of Kotlin keeps the hyphen as an underscore; one of Swift has nothing in its place.
        Plan constants = plan(PLAN.replace("  depth:", "  a-1: {}\n  a1: {}\n  depth:"));
        assertTrue(KotlinPlaces.write(constants, "p", "", "Places").contains("const val A_1: String"));
        assertThrows(IllegalArgumentException.class, () -> SwiftPlaces.write(constants, "p", "Places"));
        Plan items = plan(
                PLAN.replace("{ signal: send, label: Send }", "{ signal: s-1, label: S }, { signal: s1, label: T }"));
        assertThrows(IllegalArgumentException.class, () -> SwiftPlaces.write(items, "p", "Places"));
        for (String name : List.of("class", "a b", "", "_", "a.b", "x\ny")) {
            assertThrows(IllegalArgumentException.class, () -> KotlinPlaces.write(plan(PLAN), "p", "", name));
            assertThrows(IllegalArgumentException.class, () -> SwiftPlaces.write(plan(PLAN), "p", name));
        }
        assertThrows(IllegalArgumentException.class, () -> KotlinPlaces.write(plan(PLAN), "p", "a..b", "Places"));
    }
}
