package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What people see who want more contrast, by the ratios of WCAG 2.2. */
class ContrastTest {
    private static Theme accented(String accent, String surface) {
        var own = Map.of(Role.ACCENT, Colour.parse(accent), Role.SURFACE, Colour.parse(surface));
        return new Theme(
                own,
                own,
                Optional.empty(),
                Catalog.of(List.of()),
                IconSet.LINE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "#0a6c74, #ffffff, LIGHT",
        "#ffd400, #ffffff, LIGHT",
        "#8a8a8a, #fdf6e3, LIGHT",
        "#66cbd0, #152024, DARK",
        "#203040, #000000, DARK",
        "#7a3b8f, #1e1e2e, DARK"
    })
    void textsAndWhatCanBeChosenReachTheHighestLevel(String accent, String surface, Scheme scheme) {
        Theme more = accented(accent, surface).moreContrast();
        for (Role text : List.of(Role.TEXT, Role.MUTED, Role.ACCENT)) {
            for (Role ground : List.of(Role.SURFACE, Role.BACKGROUND, Role.QUIET, Role.TINT)) {
                double ratio = more.colour(scheme, text).contrastWith(more.colour(scheme, ground));
                assertTrue(ratio >= 7, text + " on " + ground + ": " + ratio);
            }
        }
        assertTrue(more.colour(scheme, Role.LINE).contrastWith(more.colour(scheme, Role.SURFACE)) >= 3);
        assertTrue(more.colour(scheme, Role.ACCENT_TEXT).contrastWith(more.colour(scheme, Role.ACCENT)) >= 7);
        assertEquals(Colour.parse(surface), more.colour(scheme, Role.SURFACE), "grounds stay");
    }

    @ParameterizedTest
    @EnumSource(Scheme.class)
    void whatStandsOutAlreadyStaysAndTheRestKeepsItsHue(Scheme scheme) {
        Theme more = Theme.DEFAULT.moreContrast();
        assertEquals(Theme.DEFAULT.colour(scheme, Role.TEXT), more.colour(scheme, Role.TEXT));
        assertNotEquals(Theme.DEFAULT.colour(scheme, Role.MUTED), more.colour(scheme, Role.MUTED));
        Colour accent = more.colour(scheme, Role.ACCENT);
        assertTrue(accent.green() > accent.red() && accent.blue() > accent.red(), "still a teal: " + accent.hex());
    }

    /** On a ground in the middle of all greys nothing reaches 7 to 1; then it is the farthest there is. */
    @ParameterizedTest
    @EnumSource(Scheme.class)
    void whereItCannotBeReachedItIsAsFarAsItGoes(Scheme scheme) {
        Theme more = accented("#808080", "#777777").moreContrast();
        Colour text = more.colour(scheme, Role.ACCENT);
        assertEquals(Colour.parse("#777777").ink(), text);
    }
}
