package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.plan.Plan;

/** The builders say everything that a file can say. */
class BuildersTest {
    @Test
    void theBuildersGiveThePlanThatHasEveryKey() throws Exception {
        try (var in = BuildersTest.class.getResourceAsStream("everything.yaml")) {
            var source = new SourceText("everything.yaml", new String(in.readAllBytes(), StandardCharsets.UTF_8));
            assertEquals(PlanFile.read(source, IconNames.ANY).plan().orElseThrow(), EveryKey.built());
        }
    }

    @Test
    void whatABuiltPlanHoldsCannotBeChangedThroughItsBuilder() {
        var builder = PlanBuilder.app("A").start("a").screen("a");
        Plan first = builder.build();
        Plan second = builder.screen("b").build();
        assertEquals(1, first.screens().list().size());
        assertEquals(2, second.screens().list().size());
        assertThrows(UnsupportedOperationException.class, () -> first.bars().clear());
    }

    @Test
    void aValueThatAFormDoesNotTakeIsReportedAsInAFile() {
        var wrong = assertThrows(InvalidPlanException.class, () -> PlanBuilder.app("A")
                .start("a")
                .screen("a")
                .menu("m", menu -> menu.item("a"))
                .bar(bar -> bar.menu("m").form(FormBuilder.radial().maxItems(40)))
                .build());
        assertTrue(
                wrong.getMessage()
                        .contains("bad-value at /bars/0/max-items: \"max-items\" takes a whole number from 2 to 8"),
                wrong.getMessage());
    }
}
