package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.code_intelligence.jazzer.junit.FuzzTest;
import java.util.ArrayList;
import java.util.Optional;
import java.util.function.Consumer;
import org.yonderarc.bind.Tokens;
import org.yonderarc.check.IconNames;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.fit.Device;
import org.yonderarc.journey.Journeys;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Template;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/**
 * Whatever comes in, every reader gives a thing or a reason. In a normal run the inputs kept beside this test are read; with
 * {@code JAZZER_FUZZ=1} new ones are made, guided by what they reach.
 */
class ReadersFuzzTest {
    private static final String BASE =
            """
            yonder: 1
            app: { name: Quay, start: a, languages: [ en, de ] }   # kept
            facts: { n: 2, on: false }
            screens:
              a: { title: A, icon: home }
              # above b
              b: { title: { en: B, de: Be }, under: a, needs: n > 1, otherwise: a }
            menus:
              main:
                - a
                - { screen: b, badge: n }   # b
                - section: More
                  items: [ a, b ]
            bars: [ { menu: main, form: drawer, footer: [ a ] }, top ]
            """;

    private static final Plan PLAN = PlanFile.read(
                    new SourceText("p.yaml", BASE.replace("items: [ a, b ]", "items: [ { screen: b, id: c } ]")),
                    IconNames.ANY)
            .plan()
            .orElseThrow();

    private static final Walk WALK = Walk.of(PLAN);

    @FuzzTest(maxDuration = "20m")
    void plans(byte[] bytes) {
        String text = text(bytes);
        for (String name : new String[] {"p.yaml", "p.json"}) {
            PlanFile read = PlanFile.read(new SourceText(name, text), IconNames.ANY);
            assertTrue(read.plan().isPresent() || !read.findings().isEmpty());
            assertFalse(FindingText.report(read, FindingText.Colours.NONE).isEmpty());
            read.plan().ifPresent(plan -> {
                String again = PlanFile.toYaml(plan);
                assertEquals(
                        plan,
                        PlanFile.read(new SourceText("p.yaml", again), IconNames.ANY)
                                .plan()
                                .orElse(null),
                        again);
            });
        }
    }

    /** Small grammars: what is read is written so that it is read as the same. */
    @FuzzTest(maxDuration = "20m")
    void words(byte[] bytes) {
        String text = text(bytes);
        reads(() -> {
            Condition read = Condition.parse(text);
            assertEquals(read, Condition.parse(read.text()));
            read.holds(PLAN.initialFacts());
        });
        reads(() -> {
            Colour read = Colour.parse(text);
            assertEquals(read, Colour.parse(read.css()));
        });
        reads(() -> {
            Easing read = Easing.parse(text);
            assertEquals(read, Easing.parse(read.text()));
        });
        reads(() -> {
            PathTemplate read = PathTemplate.parse(text);
            assertEquals(read, PathTemplate.parse(read.text()));
            read.match(text);
        });
        reads(() -> {
            Place read = Place.parse(text);
            assertEquals(read, Place.parse(read.text()));
        });
        reads(() -> {
            Template read = Template.parse(text);
            assertEquals(read.holes(), read.renamed("same", "same").holes());
            read.fill(Optional::of);
        });
        reads(() -> Device.named(text));
        reads(() -> WALK.step(WALK.start(), Steps.parse(PLAN, text)));
        reads(() -> SavedState.read(WALK, text));
        WALK.placeAt(text);
    }

    @FuzzTest(maxDuration = "20m")
    void companions(byte[] bytes) {
        String text = text(bytes);
        reads(() -> Xliff.read(text));
        trees(text, root -> Journeys.read(root).findings());
        trees(text, root -> Tokens.apply(root, root));
        reads(() -> new java.util.Properties().load(new java.io.StringReader(text)));
    }

    /** Edits, a line each, on a plan with everything that is hard to keep; taken back, its text is the first again. */
    @FuzzTest(maxDuration = "20m")
    void edits(byte[] bytes) {
        var editor = new PlanEditor(new SourceText("p.yaml", BASE));
        var texts = new ArrayList<String>();
        for (String line : text(bytes).split("\n")) {
            String before = editor.source().text();
            try {
                editor.apply(Edit.parse(line));
                texts.add(before);
            } catch (EditException refused) {
                assertEquals(before, editor.source().text());
                assertFalse(refused.getMessage().isBlank());
            }
            if (texts.size() > 20) {
                break;
            }
        }
        for (int i = texts.size() - 1; i >= 0; i--) {
            assertTrue(editor.undo());
            assertEquals(texts.get(i), editor.source().text());
        }
        assertFalse(editor.undo());
    }

    private static String text(byte[] bytes) {
        return new String(bytes, java.nio.charset.StandardCharsets.UTF_8);
    }

    private static void trees(String text, Consumer<Value> use) {
        for (boolean json : new boolean[] {true, false}) {
            try {
                use.accept(json ? JsonTree.parse(text) : YamlTree.parse(text));
            } catch (ParseException none) {
                assertFalse(none.getMessage() != null && none.getMessage().isBlank());
            }
        }
    }

    /** Something that may say no, with words. */
    @FunctionalInterface
    private interface Reading {
        void run() throws Exception;
    }

    private static void reads(Reading reading) {
        try {
            reading.run();
        } catch (IllegalArgumentException refused) {
            assertTrue(refused.getMessage() != null && !refused.getMessage().isBlank(), "it says why");
        } catch (RuntimeException fault) {
            throw fault;
        } catch (Exception refused) {
            assertTrue(refused.getMessage() == null || !refused.getMessage().isBlank());
        }
    }
}
