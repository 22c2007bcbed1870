package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Setting;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The words that an app says of itself. */
class OwnWordTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "de", "fr", "es", "it", "pt", "nl", "da", "sv", "nb", "fi", "pl", "cs", "uk", "tr", "ar", "he", "hi",
                "zh", "ja", "ko"
            })
    void areKnownInManyLanguages(String language) {
        assertTrue(BuiltInText.known().contains(language));
        for (BuiltInText word : BuiltInText.values()) {
            String said = word.in(language);
            assertTrue(!said.isBlank(), () -> word + " in " + language);
            assertEquals(word == BuiltInText.BACK_TO, said.contains("{place}"), () -> word + " in " + language);
        }
        assertTrue(BuiltInText.BACK_TO.in(language, "Wax").contains("Wax"));
    }

    @ParameterizedTest
    @CsvSource({"de-AT, Mehr", "DE, Mehr", "no, Mer", "zh-Hant, 更多", "xx, More", "'', More"})
    void areTakenFromTheLanguageWithoutItsRegion(String tag, String more) {
        assertEquals(more, BuiltInText.MORE.in(tag));
    }

    @Test
    void areSaidInTheLanguageOfTheSetting() {
        var plan = PlanBuilder.app("Words")
                .languages("en", "de")
                .start("a")
                .screen("a")
                .screen("below", screen -> screen.under("a"))
                .screen("b")
                .screen("c")
                .screen("d")
                .menu("main", menu -> menu.item("a").item("b").item("c").item("d"))
                .topBar()
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().maxItems(3)))
                .build();
        var walk = Walk.of(plan);
        State state = walk.step(walk.start(), Steps.parse(plan, "open:below")).after();
        for (String[] said :
                List.of(new String[] {"", "Back to A", "More"}, new String[] {"en", "Back to A", "More"}, new String[] {
                    "de", "Zur\u00FCck zu A", "Mehr"
                })) {
            Fitting fitting = Fitter.fit(walk, Setting.of(Device.PHONE).in(said[0]), state);
            assertEquals(
                    said[1],
                    fitting.bars().stream()
                            .flatMap(bar -> bar.back().stream())
                            .findFirst()
                            .orElseThrow());
            assertEquals(
                    said[2],
                    fitting.bars().stream()
                            .flatMap(bar -> bar.items().stream())
                            .filter(FittedItem::isOverflow)
                            .findFirst()
                            .orElseThrow()
                            .label());
        }
    }

    @Test
    void areWordedByThePlanWhereItHasItsOwn() {
        var plan = PlanBuilder.app("Words")
                .languages("en", "eo")
                .builtInText(BuiltInText.MORE, Map.of("en", "All else", "eo", "Pli"))
                .builtInText(BuiltInText.BACK_TO, "\u2190 {place}")
                .start("a")
                .screen("a")
                .build();
        assertEquals("All else", plan.app().own(BuiltInText.MORE, "en"));
        assertEquals("Pli", plan.app().own(BuiltInText.MORE, "eo"));
        assertEquals("\u2190 Wax", plan.app().own(BuiltInText.BACK_TO, "eo", "Wax"));
        assertEquals("Menu", plan.app().own(BuiltInText.MENU, "eo"));
        Finding missing = Check.plan(plan, IconNames.ANY).stream()
                .filter(finding -> finding.code() == Code.MISSING_LANGUAGE)
                .reduce((one, other) -> {
                    throw new AssertionError("only one of them: " + other);
                })
                .orElseThrow();
        assertEquals("/app/languages/1", missing.spot().pointer());
        assertEquals(
                "What the app says of itself isn't known in eo, and would be English: "
                        + "menu, collapse, expand, new, close.",
                missing.message());
    }

    @Test
    void holesOtherThanThePlaceAreFound() {
        PlanBuilder plan = PlanBuilder.app("Words")
                .fact("count", 2)
                .builtInText(BuiltInText.MENU, "Menu ({count})")
                .builtInText(BuiltInText.CLOSE, "Leave {place}")
                .builtInText(BuiltInText.BACK_TO, "To {place}")
                .start("a")
                .screen("a");
        assertEquals(
                List.of("/app/built-in-texts/menu", "/app/built-in-texts/close"),
                assertThrows(InvalidPlanException.class, plan::build).findings().stream()
                        .filter(finding -> finding.code() == Code.UNKNOWN_FACT)
                        .map(finding -> finding.spot().pointer())
                        .toList());
    }
}
