package org.yonderarc.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringWriter;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.net.URI;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** The names of a plan as a class, compiled and used as an app does. */
class JavaPlacesTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: "Quay */ class X {} \\\\u002a/ & <b> @see", start: tides }
            facts: { drafts: 2, signed-in: false, crew-name: "", boats: [ { id: a, label: A } ] }
            screens:
              tides: { title: "Tides */ @link <X> \\\\u002a\\\\u002f" }
              survey: { path: "/surveys/{survey}", parameters: { survey: number } }
              species: { path: "/species{?zone,only-new}", parameters: { only-new: flag } }
              default: { path: "/default/{class}/{is-new}{?zone}", parameters: { is-new: flag } }
              place: { path: "/place/{value}" }
            menus:
              main:
                - tides
                - species
                - { signal: send, label: Send }
                - { screen: tides, label: Again, id: tides-again }
            bars: [ { menu: main, form: bottom }, top ]
            """;

    @TempDir
    Path folder;

    private static Plan plan(String text) {
        PlanFile read = PlanFile.read(new SourceText("quay.yaml", text), IconNames.ANY);
        return read.plan().orElseThrow(() -> new AssertionError(read.findings()));
    }

    private static JavaFileObject source(String name, String text) {
        return new SimpleJavaFileObject(URI.create("string:///" + name + ".java"), JavaFileObject.Kind.SOURCE) {
            @Override
            public CharSequence getCharContent(boolean ignored) {
                return text;
            }
        };
    }

    /** Compiles sources without a warning; gives what the compiler says. */
    private String compiled(JavaFileObject... sources) {
        var said = new StringWriter();
        boolean fine = ToolProvider.getSystemJavaCompiler()
                .getTask(
                        said,
                        null,
                        null,
                        List.of(
                                "-d",
                                folder.toString(),
                                "-Xlint:all",
                                "-Xdoclint:all,-missing",
                                "-Werror",
                                "--release",
                                "11"),
                        null,
                        List.of(sources))
                .call();
        return fine ? "" : said.toString();
    }

    private Class<?> places() throws Exception {
        String text = JavaPlaces.write(plan(PLAN), "quay\\u000a; class X {} \r\u2028.yaml", "org.quay", "Places");
        assertEquals("", compiled(source("org/quay/Places", text)), text);
        return new URLClassLoader(new URL[] {folder.toUri().toURL()}).loadClass("org.quay.Places");
    }

    private static Object call(Class<?> places, String method, Class<?>[] types, Object... values) throws Exception {
        return places.getMethod(method, types).invoke(null, values);
    }

    @Test
    void eachNameHasTheIdForItsValue() throws Exception {
        Class<?> places = places();
        assertEquals("tides", places.getField("TIDES").get(null));
        for (String name :
                List.of("Items.TIDES_AGAIN", "Facts.SIGNED_IN", "Facts.BOATS", "Signals.SEND", "Bars.MAIN")) {
            String[] parts = name.split("\\.");
            Field field = places.getClassLoader()
                    .loadClass("org.quay.Places$" + parts[0])
                    .getField(parts[1]);
            assertEquals(parts[1].toLowerCase(java.util.Locale.ROOT).replace('_', '-'), field.get(null));
        }
        assertThrows(NoSuchFieldException.class, () -> places.getField("SURVEY"), "it is no place without its number");
    }

    /** What a method gives is read as the place that is meant, whatever the values. */
    @Test
    void methodsGivePlacesAsTheLibraryReadsThem() throws Exception {
        Class<?> places = places();
        Class<?>[] number = {Number.class};
        assertEquals("survey?survey=41", call(places, "survey", number, 41));
        assertEquals("survey?survey=41", call(places, "survey", number, 41.0));
        assertEquals("survey?survey=-0.5", call(places, "survey", number, -0.5));
        Class<?>[] species = {String.class, Boolean.class};
        assertEquals("species", call(places, "species", species, null, null));
        assertEquals("species?only-new=true", call(places, "species", species, null, true));
        String odd = "a b&c=d+e*%/~\u00e9\ud83d\udc1a'()!";
        assertEquals(new Place("species", Map.of("zone", odd)), Place.parse((String)
                call(places, "species", species, odd, null)));
        assertEquals(Place.parse("default?class=x&is-new=false&zone=shore"), Place.parse((String) call(
                places, "default_", new Class<?>[] {String.class, boolean.class, String.class}, "x", false, "shore")));
        assertEquals("place?value=1", call(places, "place", new Class<?>[] {String.class}, "1"));
    }

    @Test
    void valuesThatNoPlaceTakesAreRefused() throws Exception {
        Class<?> places = places();
        for (Object odd : new Object[] {Double.NaN, Double.POSITIVE_INFINITY}) {
            var thrown = assertThrows(
                    InvocationTargetException.class, () -> call(places, "survey", new Class<?>[] {Number.class}, odd));
            assertTrue(thrown.getCause() instanceof IllegalArgumentException, () -> "" + thrown.getCause());
        }
        var empty = assertThrows(
                InvocationTargetException.class, () -> call(places, "place", new Class<?>[] {String.class}, ""));
        assertEquals("value is empty", empty.getCause().getMessage());
    }

    /** The purpose of it all. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Places.TIDE",
                "Places.survey(\"first\")",
                "Places.survey()",
                "Places.Facts.DRAFT",
                "Places.SURVEY"
            })
    void aNameThatThePlanDoesNotHaveDoesNotCompile(String wrong) {
        JavaFileObject places = source("Places", JavaPlaces.write(plan(PLAN), "quay.yaml", "", "Places"));
        assertFalse(compiled(places, source("App", "class App { Object at = " + wrong + "; }"))
                .isEmpty());
        assertEquals("", compiled(places, source("App", "class App { Object at = Places.survey(41); }")));
    }

    @Test
    void theSamePlanGivesTheSameText() {
        assertEquals(
                JavaPlaces.write(plan(PLAN), "quay.yaml", "", "Places"),
                JavaPlaces.write(plan(PLAN), "quay.yaml", "", "Places"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "org..quay | Places | \"org..quay\" can't be the name of a Java package",
                "org.class | Places | \"org.class\" can't be the name of a Java package",
                "java.quay | Places | \"java.quay\" can't be the name of a Java package",
                "org.\u0000quay | Places | \"org.\u0000quay\" can't be the name of a Java package",
                "org.quay | Pla\u0000ces | \"Pla\u0000ces\" can't be the name of a Java class",
                "org.quay | my-places | \"my-places\" can't be the name of a Java class",
                "org.quay | record | \"record\" can't be the name of a Java class",
                "org.quay | var | \"var\" can't be the name of a Java class",
                "org.quay | java | the class \"java\" would hide the one of Java",
                "org.quay | Object | the class \"Object\" would hide the one of Java",
                "org.quay | Items | the class \"Items\" would hold one of the same name",
            })
    void namesThatJavaDoesNotTakeAreRefused(String packageName, String className, String why) {
        var refused = assertThrows(
                IllegalArgumentException.class,
                () -> JavaPlaces.write(plan(PLAN), "quay.yaml", packageName, className));
        assertTrue(refused.getMessage().startsWith(why), refused.getMessage());
    }

    /** What isn't refused compiles, also under a name that Java itself has. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "String",
                "Object",
                "Number",
                "Boolean",
                "StringBuilder",
                "IllegalArgumentException",
                "AssertionError",
                "java",
                "javax",
                "var",
                "record",
                "yield",
                "sealed",
                "permits",
                "module",
                "Written_",
                "place",
                "value"
            })
    void whatIsWrittenCompiles(String className) {
        for (String packageName : List.of("", "org." + className)) {
            String text;
            try {
                text = JavaPlaces.write(plan(PLAN), "quay.yaml", packageName, className);
            } catch (IllegalArgumentException refused) {
                assertTrue(refused.getMessage().contains("\"" + className), refused.getMessage());
                continue;
            }
            assertEquals("", compiled(source((packageName + "." + className).replace('.', '/'), text)));
        }
    }

    /** A class has room for so many names; a plan with more is told so before a compiler does. */
    @Test
    void asManyNamesAsAClassHolds() {
        assertEquals("", compiled(source("Places", large(10_000, "{p$}/{q$}"))));
        var refused = assertThrows(IllegalArgumentException.class, () -> large(10_000, "{p$}/{q$}/{r$}"));
        assertTrue(refused.getMessage().contains("more screens and parameters"), refused.getMessage());
    }

    private static String large(int screens, String path) {
        var text = new StringBuilder("yonder: 1\napp: { name: A, start: s0 }\nscreens:\n  s0: {}\n");
        for (int i = 1; i < screens; i++) {
            text.append("  s" + i + ": { path: \"/s" + i + "/" + path.replace("$", "" + i) + "\" }\n");
        }
        Plan plan = PlanFile.read(new SourceText("quay.yaml", text.toString()), IconNames.ANY)
                .plan()
                .orElseThrow();
        return JavaPlaces.write(plan, "quay.yaml", "", "Places");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'a-1: { path: \"/x/{n}\" }, a1: { path: \"/y/{n}\" }' | the screens \"a-1\" and \"a1\" both come to the method a1()",
                "'a: { path: \"/x/{n-1}/{n1}\" }' | two parameters of the screen \"a\" come to the same name",
            })
    void namesThatComeToTheSameAreRefused(String screens, String why) {
        Plan plan = plan("yonder: 1\napp: { name: A, start: s }\nscreens: { s: {}, " + screens + " }\n");
        var refused =
                assertThrows(IllegalArgumentException.class, () -> JavaPlaces.write(plan, "a.yaml", "", "Places"));
        assertTrue(refused.getMessage().startsWith(why), refused.getMessage());
    }
}
