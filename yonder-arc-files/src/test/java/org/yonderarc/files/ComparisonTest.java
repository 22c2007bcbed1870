package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
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
            var source = new SourceText("p.json", spoiled.plan().toString());
            PlanFile.read(source, IconNames.ANY).plan().ifPresent(other -> {
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
        missed.removeIf(what -> what.matches("/theme/(tokens|(light|dark)/[a-z-]+ removed).*"));
        assertEquals(List.of(), missed);
        assertTrue(counts[1] > 60, "changes that can be read: " + counts[1]);
    }
}
