package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Comments go with what they are about. */
class CommentsStayTest {
    /** So many random edits; more with -Dyonder.edits=100000. */
    private static final int EDITS = Integer.getInteger("yonder.edits", 1_500);

    @Test
    void aSectionHoldsWhatItIsMadeOfAsItIsWritten() throws Exception {
        String plan;
        try (var in = getClass().getResourceAsStream("faults/section-comment.yaml")) {
            plan = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertEquals(
                plan.replace(
                        """
                            - screen: b
                              # the label was agreed with the customer
                              label: Long name
                        """,
                        """
                            - section: People
                              items:
                                - screen: b
                                  # the label was agreed with the customer
                                  label: Long name
                        """),
                edited(plan, "section:/menus/main/1..1=People"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Within brackets.
                "section:/menus/main/0..1=X | [ a, ~ one\\n b, ~ two\\n c ] | [ { section: X, items: [\\n a, ~ one\\n b ~ two\\n ] },\\n c ]",
                // From lines to brackets and back.
                "move:/menus/main/0=/menus/side/0 | \\n    ~ one\\n    - a ~ two\\n    - b | side: [\\n    ~ one\\n    ~ two\\n    a, d ]",
                "move:/menus/side/0=/menus/main/1 | \\n    - a\\n    - b | - a\\n    - d\\n    - b",
                // The only one of its list.
                "move:/menus/main/0=/menus/side/9 | [ ~ one\\n a ~ two\\n ] | ~ one\\n    ~ two\\n    a",
            })
    void whatIsMovedTakesThemAlong(String edit, String list, String part) throws Exception {
        String plan = "yonder: 1\nmenus:\n  side: [ d ]\n  main: " + lines(list) + "\n";
        String after = edited(plan, edit);
        assertTrue(plain(after).contains(plain(lines(part))), after);
        assertEquals(List.of(), Comments.lost(Comments.of(plan), Comments.of(after)), after);
    }

    private static String lines(String text) {
        return text.replace("\\n", "\n").replace('~', '#');
    }

    private static String plain(String text) {
        return text.replaceAll("\\s+", " ");
    }

    /** One that can't go along is told of, and stays. */
    @Test
    void whatWouldLoseOneIsRefused() {
        String plan =
                """
                yonder: 1
                app: { name: A, start: a }
                screens: { a: {} }
                menus: { main: [ a ] }
                bars:
                  - menu: main
                    # agreed with the customer
                    form: bottom
                """;
        var refused = assertThrows(EditException.class, () -> edited(plan, "set:/bars/0/forms/tablet=rail"));
        assertTrue(refused.getMessage().contains("\"# agreed with the customer\" would be lost"), refused.getMessage());
    }

    /** Whatever is done to whatever is written, a comment is there after it, or nothing was done. */
    @Test
    void noneIsLostByRandomEdits() {
        var random = new Random(20261130);
        int done = 0;
        for (int i = 0; i < EDITS; i++) {
            String plan = plan(random);
            String edit = edit(random);
            try {
                String after = edited(plan, edit);
                assertEquals(
                        List.of(),
                        Comments.lost(Comments.of(plan), Comments.of(after)),
                        edit + "\n" + plan + "\n" + after);
                done++;
            } catch (EditException refused) {
                assertTrue(refused.getMessage().endsWith("."), refused.getMessage());
            }
        }
        assertTrue(done > EDITS / 2, "of " + EDITS + " edits " + done + " were made");
    }

    private static String edit(Random random) {
        String list = "/menus/" + (random.nextBoolean() ? "main" : "side");
        int at = random.nextInt(4);
        return switch (random.nextInt(7)) {
            case 0 -> "section:" + list + "/" + at + ".." + (at + random.nextInt(2)) + "=People";
            case 1 -> "move:" + list + "/" + at + "=" + random.nextInt(4);
            case 2 ->
                "move:" + list + "/" + at + "=/menus/" + (random.nextBoolean() ? "main" : "side") + "/"
                        + random.nextInt(4);
            case 3 -> "before:" + list + "/" + at + "=b";
            case 4 -> "screen:b=z";
            case 5 -> "set:/screens/b/icon=home";
            default -> "add:" + list + "=c";
        };
    }

    private static String plan(Random random) {
        return "yonder: 1 # top\n" + comment(random, "") + "app: { name: A, start: a }\nscreens: { a: A, b: B, c: C }"
                + (random.nextBoolean() ? " # screens" : "") + "\n" + "menus:\n" + menu(random, "main")
                + menu(random, "side");
    }

    private static String comment(Random random, String indent) {
        return random.nextInt(3) > 0 ? "" : indent + "# note " + random.nextInt(1000) + "\n";
    }

    private static String behind(Random random) {
        return random.nextInt(3) > 0 ? "" : " # behind " + random.nextInt(1000);
    }

    private static String menu(Random random, String name) {
        int count = 1 + random.nextInt(4);
        var out = new StringBuilder(comment(random, "  ")).append("  ").append(name);
        boolean isFlow = random.nextInt(3) == 0;
        out.append(isFlow ? ": [" : ":").append(isFlow ? behind(random) : "").append('\n');
        for (int i = 0; i < count; i++) {
            String id = name + i;
            out.append(comment(random, "    "));
            if (isFlow) {
                out.append("    ").append(random.nextBoolean() ? "b" : "{ screen: c, id: " + id + " }");
                out.append(i + 1 < count ? "," : "").append(behind(random)).append('\n');
            } else if (random.nextBoolean()) {
                out.append("    - b").append(behind(random)).append('\n');
            } else {
                out.append("    - screen: c").append(behind(random)).append('\n');
                out.append(comment(random, "      "))
                        .append("      id: ")
                        .append(id)
                        .append(behind(random))
                        .append('\n');
            }
        }
        return out.append(isFlow ? "  ]" + behind(random) + "\n" : "").toString();
    }
}
