package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextFitTest {
    private static final Type TYPE = Type.regular(10);

    /** One dp for each UTF-16 unit, so that a width says where a text would be cut. */
    private final TextMeasure units = (text, type) -> text.length();

    @ParameterizedTest
    @CsvSource({
        "Surveys, 7, Surveys",
        "Surveys, 6, Surve\u2026",
        "Low tide, 5, Low\u2026",
        "Surveys, 0, ''",
        "e\u0301e\u0301e\u0301, 4, e\u0301\u2026",
        "\uD83D\uDC1A\uD83D\uDC1A, 4, \uD83D\uDC1A\uD83D\uDC1A",
        "\uD83D\uDC1A\uD83D\uDC1A, 3, \uD83D\uDC1A\u2026",
        "\uD83D\uDC69\u200D\uD83D\uDD2Cabc, 5, \u2026",
    })
    void shorteningKeepsWholeCharacters(String text, double width, String expected) {
        assertEquals(expected, TextFit.shorten(text, TYPE, width, units));
    }

    @Test
    void wrappingBreaksAtSpacesAndShortensTheLastLine() {
        assertEquals(
                List.of("along the", "rope, from", "the water\u2026"),
                TextFit.wrap("along the rope, from the water's edge", TYPE, 10, 3, units));
        assertEquals(List.of("Unbreakab\u2026", "end"), TextFit.wrap("Unbreakable end", TYPE, 10, 3, units));
        assertEquals(List.of(), TextFit.wrap("  ", TYPE, 10, 3, units));
    }
}
