package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;

/** What is not there is neither opened nor folded, and the next step back goes back. */
class BarStepsTest {
    private static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a")
                .screen("b")
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(form))
                .build();
    }

    private static FormBuilder<?> form(String name) {
        return switch (name) {
            case "over" -> FormBuilder.drawer();
            case "kept" -> FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS);
            case "collapsible" ->
                FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(72);
            case "bottom" -> FormBuilder.bottom();
            case "wrapping" -> FormBuilder.bottom().whenFull(Form.WhenFull.WRAP);
            default -> FormBuilder.radial();
        };
    }

    @ParameterizedTest
    @CsvSource({
        "over, toggle:main, true",
        "over, collapse:main, false",
        "kept, toggle:main, false",
        "kept, collapse:main, false",
        "collapsible, toggle:main, false",
        "collapsible, collapse:main, true",
        "bottom, toggle:main, true",
        "bottom, collapse:main, false",
        "wrapping, toggle:main, false",
        "radial, toggle:main, true",
    })
    void onlyWhatOpensOpensAndOnlyWhatCollapsesFolds(String form, String step, boolean taken) {
        Walk walk = Walk.of(plan(form(form)));
        State there =
                walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")).after();
        Change change = walk.step(there, Steps.parse(walk.plan(), step));
        assertEquals(taken, change.refusal().isEmpty(), change.because());
        if (!taken) {
            assertSame(there, change.after());
            assertEquals(Optional.empty(), change.after().open());
            State back =
                    walk.step(change.after(), Steps.parse(walk.plan(), "back")).after();
            assertEquals("a", walk.shown(back).screen());
        }
    }
}
