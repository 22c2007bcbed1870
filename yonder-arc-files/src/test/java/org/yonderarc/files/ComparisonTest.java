package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;

/** No change of a plan goes unnoticed, whichever key it is in, and no other is made up. */
class ComparisonTest {
    @Test
    void everyChangeOfOneValueIsFoundInBothDirections() throws Exception {
        Plan plan = SchemaTest.everything();
        JsonNode right = new ObjectMapper().readTree(PlanFile.toJson(plan));
        var missed = new ArrayList<String>();
        int[] counts = new int[2];
        SchemaTest.spoiled(right, "", spoiled -> {
            // Whether it is sound is for the check to say, and takes most of the time.
            read(spoiled.plan()).ifPresent(other -> {
                boolean differs = !other.equals(plan);
                counts[differs ? 1 : 0]++;
                boolean there = !new Comparison(plan, other).differences().isEmpty();
                boolean back = !new Comparison(other, plan).differences().isEmpty();
                if (there != differs || back != differs) {
                    missed.add(spoiled.what() + (differs ? " is missed" : " is made up"));
                }
            });
        });
        // Seen are the colours that come of a theme: not where its tokens stand, nor that a usual colour was written.
        missed.removeIf(what -> what.matches("/theme/(token-file|(light|dark)/[a-z-]+ removed).*"));
        assertEquals(List.of(), missed);
        assertTrue(counts[1] > 10, "changes that can be read: " + counts[1]);
    }

    private static Optional<Plan> read(JsonNode plan) {
        try {
            return PlanReader.read(JsonTree.parse(plan.toString())).plan();
        } catch (ParseException impossible) {
            throw new AssertionError(impossible);
        }
    }

    private static final String PLAN =
            """
            yonder: 1
            app: { name: Shore, start: tides }
            facts: { drafts: 2 }
            device-kinds: { phone: 0, tablet: 600 }
            theme: { colours: { sand: "#ffeedd" } }
            screens: { tides: {}, map: {} }
            menus: { main: [ tides, map ] }
            bars: [ { menu: main, form: bottom }, top ]
            """;

    /** What one change comes to, in words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drafts: 2 | drafts: true | fact drafts: value 2 is now true",
                "tablet: 600 | tablet: 700 | device kind tablet: from 600 is now 700",
                "'#ffeedd' | '#ddccbb' | colour sand: light \"#ffeedd\" is now \"#ddccbb\"",
                "form: bottom } | forms: { phone: bottom, tablet: rail } } | bar main: forms.tablet bottom is now rail",
                "form: bottom } | forms: { phone: bottom } } | bar main: forms.tablet bottom is gone",
                "form: bottom } | form: rail } | bar main: form bottom is now rail",
            })
    void changesAreSaidInWords(String was, String is, String words) {
        var said = new Comparison(read(PLAN), read(PLAN.replace(was, is))).differences();
        assertEquals(words, said.get(0).text());
    }

    private static Plan read(String plan) {
        return PlanFile.read(new SourceText("p.yaml", plan), IconNames.ANY)
                .plan()
                .orElseThrow();
    }
}
