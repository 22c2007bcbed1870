package org.yonderarc.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;

class CheckTest {
    @Test
    void iconsAreAskedForByNameAndListedOnlyForSuggestions() {
        IconNames icons = mock(IconNames.class);
        when(icons.in(any())).thenReturn(icons);
        when(icons.has(anyString())).thenReturn(true);
        when(icons.hasFilled(anyString())).thenReturn(true);
        assertFalse(Finding.anyError(Check.plan(Shore.plan(), icons)));
        verify(icons).has("droplet");
        verify(icons).has("clipboard-list");
        verify(icons, never()).all();

        when(icons.has("droplet")).thenReturn(false);
        when(icons.all()).thenReturn(List.of("droplets", "drop", "map"));
        Finding finding = Check.plan(Shore.plan(), icons).get(0);
        assertEquals("/screens/tides/icon", finding.spot().pointer());
        assertEquals("Did you mean \"droplets\"?", finding.remedy());
    }

    @Test
    void buildersFailWithAllProblemsAtOnce() {
        var wrong = assertThrows(InvalidPlanException.class, () -> PlanBuilder.app("Wrong")
                .start("tidse")
                .fact("Bad Fact", 1)
                .screen("tides")
                .screen("tides")
                .screen("x", screen -> screen.path("no-slash"))
                .screen("y", screen -> screen.under("tides").title("{z}"))
                .menu("main", menu -> menu.item("nowhere", item -> item.badge("none")))
                .bottomBar("mian")
                .build());
        assertEquals(
                List.of(
                        "bad-value /facts/Bad Fact",
                        "duplicate-id /screens/tides",
                        "bad-value /screens/x/path",
                        "unknown-screen /app/start",
                        "unknown-fact /menus/main/0/badge/fact",
                        "unknown-menu /bars/0/menu",
                        "unknown-screen /menus/main/0/screen",
                        "unknown-fact /screens/y/title"),
                wrong.findings().stream()
                        .map(finding ->
                                finding.code().id() + " " + finding.spot().pointer())
                        .toList());
    }
}
