package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.TopForm;
import org.yonderarc.plan.Wireframe;

/** Plans and files that nobody thought of. */
class RandomPlansTest {
    /** So many damaged files; more with -Dyonder.damaged=220000. */
    private static final int DAMAGED = Integer.getInteger("yonder.damaged", 400);

    private static final List<String> TEXTS = List.of(
            "Tides",
            "a: b",
            "- x",
            "# no",
            "'",
            "\"",
            "true",
            "null",
            "12",
            "\u00fc\u00e4",
            "\ud83d\udc1a",
            "a\nb",
            " x ",
            "%",
            "&a",
            "*a",
            "!t",
            "@",
            "`",
            "[",
            "{{",
            "\\",
            "~",
            "yes",
            "0x1F",
            "1e3",
            "2026-11-23",
            "=",
            "<<",
            "?",
            "|",
            ">");

    @Test
    void everyRandomPlanSurvivesYamlAndJson() {
        for (int seed = 0; seed < DAMAGED / 10; seed++) {
            Plan plan = random(new Random(seed));
            for (SourceText text : List.of(
                    new SourceText("p.yaml", PlanFile.toYaml(plan)), new SourceText("p.json", PlanFile.toJson(plan)))) {
                PlanFile read = PlanFile.read(text, IconNames.ANY);
                assertEquals(plan, read.plan().orElse(null), "seed " + seed + "\n" + text.text());
            }
        }
    }

    private static String text(Random random) {
        String text = TEXTS.get(random.nextInt(TEXTS.size()));
        return text.contains("{") ? "x" : text;
    }

    private static Plan random(Random random) {
        int screens = 2 + random.nextInt(6);
        var plan = PlanBuilder.app(text(random))
                .start("s0")
                .fact("on", random.nextBoolean())
                .fact("n", random.nextInt(9) / 4.0);
        for (int i = 0; i < screens; i++) {
            int number = i;
            plan.screen("s" + i, screen -> {
                screen.title(
                        random.nextBoolean()
                                ? Map.of("en", text(random), "de", text(random))
                                : Map.of("en", text(random)));
                if (random.nextBoolean()) {
                    screen.wireframe(Wireframe.Kind.values()[random.nextInt(8)])
                            .row(text(random), text(random), text(random), "s0");
                }
                if (number > 0 && random.nextBoolean()) {
                    screen.needs("on or n >= " + random.nextInt(5), "s0");
                }
                if (random.nextBoolean()) {
                    screen.transition(MotionBuilder.spring(300, 30));
                }
            });
        }
        plan.menu("main", menu -> {
            for (int i = 0; i < screens; i++) {
                menu.item("s" + i, item -> {
                    item.label(text(random));
                    if (random.nextBoolean()) {
                        item.badge("n").when("not on and n < 3").minWindowWidth(random.nextInt(900) / 8.0);
                    }
                });
            }
            menu.divider().section(text(random), section -> section.signal("out", item -> {}));
        });
        return plan.colour(
                        Scheme.DARK, Role.ACCENT, "rgb(" + random.nextInt(256) + " 0 9 / 0." + random.nextInt(10) + ")")
                .bar(bar -> bar.menu("main")
                        .form("phone", FormBuilder.bottom().maxItems(2 + random.nextInt(9)))
                        .form(
                                "desktop",
                                FormBuilder.drawer().width(DrawerForm.Width.dp(160 + random.nextInt(300) / 3.0))))
                .bar(bar -> bar.form(FormBuilder.top()
                        .border(random.nextBoolean())
                        .titleShows(TopForm.TitleContent.values()[random.nextInt(3)])))
                .build();
    }

    /** A plan with every key, damaged at random: each time a plan or findings with a place, never anything else. */
    @Test
    void noDamageToAFileGoesUnnoticedOrThrows() throws Exception {
        String whole;
        try (var in = RandomPlansTest.class.getResourceAsStream("everything.yaml")) {
            whole = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        String json = PlanFile.toJson(PlanFile.read(new SourceText("p.yaml", whole), IconNames.ANY)
                .plan()
                .orElseThrow());
        int damaged = 0;
        for (int seed = 0; seed < DAMAGED; seed++) {
            var random = new Random(seed);
            boolean isJson = random.nextBoolean();
            var text = new StringBuilder(isJson ? json : whole);
            for (int i = 0; i <= random.nextInt(3); i++) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.deleteCharAt(at);
                    case 1 -> text.insert(at, "{}[]:,'\"-#&*!|>%@ \n\t\u202e9a".charAt(random.nextInt(23)));
                    default -> text.delete(at, Math.min(text.length(), at + random.nextInt(60)));
                }
            }
            var source = new SourceText(isJson ? "p.json" : "p.yaml", text.toString());
            try {
                PlanFile read = PlanFile.read(source, IconNames.ANY);
                assertTrue(read.plan().isPresent() || !read.findings().isEmpty());
                assertTrue(
                        read.findings().stream()
                                .allMatch(finding -> finding.spot().isLocated()),
                        source::text);
                assertFalse(FindingText.report(read, FindingText.Colours.NONE).isEmpty());
                damaged += read.plan().isPresent() ? 0 : 1;
            } catch (RuntimeException thrown) {
                fail("seed " + seed + "\n" + source.text(), thrown);
            }
        }
        assertTrue(damaged > DAMAGED / 3, "most damage is an error: " + damaged);
    }
}
