package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.io.TempDir;

/**
 * Plans at each of their bounds, and at two of them at once: what a check does is in proportion to what stands in the plan, not to the
 * product of two numbers in it. What is quadratic hangs here.
 */
class LargePlansTest {
    /** Linear work takes a twentieth of it on an idle machine; what grew with a product took as long as this and longer. */
    private static final Duration HANGS = Duration.ofSeconds(90);

    /** What there is much of. */
    private enum Much {
        FACTS,
        SCREENS,
        ITEMS,
        CONDITIONS,
        MENUS,
        BARS,
        KINDS,
        LANGUAGES,
        DEVICES,
        ROWS,
        PARAMETERS,
        STYLES,
        REQUIRED,
        HOLES,
        BADGES
    }

    @TempDir
    Path folder;

    /** Those that once took long; with -Dyonder.pairs=all each bound, and each pair of them. */
    private static List<Set<Much>> chosen() {
        if (!"all".equals(System.getProperty("yonder.pairs"))) {
            return List.of(
                    EnumSet.of(Much.FACTS, Much.ITEMS, Much.CONDITIONS),
                    EnumSet.of(Much.FACTS, Much.BADGES, Much.ITEMS),
                    EnumSet.of(Much.FACTS, Much.HOLES, Much.SCREENS),
                    EnumSet.of(Much.ITEMS, Much.LANGUAGES),
                    EnumSet.of(Much.BARS, Much.KINDS, Much.ITEMS, Much.REQUIRED, Much.CONDITIONS),
                    EnumSet.of(Much.MENUS, Much.BARS),
                    EnumSet.of(Much.SCREENS, Much.ITEMS));
        }
        var all = new ArrayList<Set<Much>>();
        for (Much one : Much.values()) {
            for (Much other : Much.values()) {
                if (other.compareTo(one) >= 0) {
                    all.add(EnumSet.of(one, other));
                }
            }
        }
        return all;
    }

    @TestFactory
    Stream<DynamicTest> checksAreLinear() {
        return chosen().stream()
                .map(much -> DynamicTest.dynamicTest(much.toString(), () -> {
                    Path plan = Files.writeString(folder.resolve("plan.yaml"), plan(much));
                    var out = new StringWriter();
                    int status = assertTimeoutPreemptively(
                            HANGS,
                            () -> Main.run(new PrintWriter(out), new PrintWriter(out), "check", plan.toString()));
                    assertTrue(status <= 1, out.toString());
                    assertFalse(out.toString().contains("fault of ours"), out.toString());
                    assertFalse(
                            out.toString().contains("[syntax]")
                                    || out.toString().contains("[unknown-key]"),
                            out.toString());
                }));
    }

    private static String join(int count, String between, IntFunction<String> each) {
        return IntStream.range(0, count).mapToObj(each).collect(Collectors.joining(between));
    }

    private static String plan(Set<Much> much) {
        int facts = much.contains(Much.FACTS) ? 9_990 : 30;
        int screens = much.contains(Much.SCREENS) ? 9_990 : 40;
        int items = much.contains(Much.ITEMS) ? 4_990 : 40;
        int menus = much.contains(Much.MENUS) ? 99 : 1;
        int kinds = much.contains(Much.KINDS) ? 20 : 3;
        int bars = much.contains(Much.BARS) ? 99 : 1;
        boolean isConditional = much.contains(Much.CONDITIONS);
        var out = new StringBuilder("yonder: 1\napp:\n  name: A\n  start: s0\n");
        if (much.contains(Much.LANGUAGES)) {
            out.append("  languages: [ " + join(100, ", ", i -> "a" + (char) ('a' + i / 26) + (char) ('a' + i % 26))
                    + " ]\n");
        }
        if (much.contains(Much.REQUIRED)) {
            out.append("  required: [ " + join(Math.min(100, screens), ", ", i -> "s" + i) + " ]\n");
        }
        out.append("device-kinds: { " + join(kinds, ", ", i -> "k" + i + ": " + i * 60) + " }\n");
        if (much.contains(Much.DEVICES)) {
            out.append("devices: { " + join(20, ", ", i -> "d" + i + ": { width: " + (300 + i) + ", height: 700 }")
                    + " }\n");
        }
        if (much.contains(Much.STYLES)) {
            out.append("styles:\n" + join(9_990, "", i -> "  t" + i + ": { spacing: 2 }\n"));
        }
        out.append("facts:\n" + join(facts, "", i -> "  f" + i + ": " + i % 7 + "\n"));
        out.append("screens:\n  s0: {}\n").append(join(screens - 1, "", n -> {
            int i = n + 1;
            var keys = new ArrayList<String>();
            if (much.contains(Much.PARAMETERS) && i < 2_000) {
                keys.add("path: \"/s" + i + "/" + join(50, "/", k -> "{p" + k + "}") + "\"");
            }
            if (much.contains(Much.ROWS) && i < 1_000) {
                keys.add("wireframe: { kind: list, rows: [ " + join(200, ", ", k -> "R" + k) + " ] }");
            }
            if (much.contains(Much.HOLES)) {
                keys.add("title: \"T {f" + i % facts + "} {f" + i * 7 % facts + "}\"");
            }
            if (isConditional && i > 40) {
                keys.add("needs: f" + i % facts + " > 2");
                keys.add("otherwise: s0");
            }
            return "  s" + i + ": { " + String.join(", ", keys) + " }\n";
        }));
        out.append("menus:\n")
                .append(join(
                        menus,
                        "",
                        m -> "  m" + m + ":\n"
                                + join(m == 0 ? items : 50, "", i -> {
                                    var keys = new ArrayList<>(
                                            List.of("screen: s" + i % Math.min(screens, 40), "id: i" + m + "-" + i));
                                    if (isConditional) {
                                        keys.add("when: f" + i * 2 % facts + " > 1 and f" + (i * 2 + 1) % facts
                                                + " < 5");
                                    }
                                    if (much.contains(Much.BADGES)) {
                                        keys.add("badge: f" + i % facts);
                                        keys.add("label: \"L {f" + i * 3 % facts + "}\"");
                                    }
                                    if (much.contains(Much.STYLES)) {
                                        keys.add("style: t" + i);
                                    }
                                    return "    - { " + String.join(", ", keys) + " }\n";
                                })));
        List<String> forms = List.of("bottom", "drawer", "rail");
        out.append("bars:\n")
                .append(join(
                        bars,
                        "",
                        i -> "  - { menu: m" + i % menus + ", form: " + forms.get(i % 3) + ", id: b" + i
                                + (bars > 1 ? ", within: s" + i % screens + ", show-on: [ k" + i % kinds + " ]" : "")
                                + " }\n"));
        return out.toString();
    }
}
