package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.text.NumberFormat;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Numbers in languages, against the platform's own tables (CLDR). */
class LocalNumbersTest {
    static Stream<String> languages() {
        return Stream.of(
                "en", "en-GB", "ja", "ko", "zh", "he", "es-MX", "de", "de-DE", "it", "pt", "pt-BR", "nl", "da", "tr",
                "el", "id", "es", "fr", "fr-CA", "sv", "nb", "fi", "cs", "sk", "uk", "ru", "de-AT", "pl", "pt-PT",
                "de-CH");
    }

    @ParameterizedTest
    @MethodSource("languages")
    void areAsThePlatformWritesThem(String language) {
        var format = NumberFormat.getNumberInstance(Locale.forLanguageTag(language));
        format.setMaximumFractionDigits(3);
        for (double number : List.of(0.0, 7.0, 12.5, 999.0, 12345.0, 1234567.0, 98765.25)) {
            String platform = format.format(number);
            String ours = new FactValue.Number(number).said(language);
            // The Canadian French of the platform has another width of space.
            assertEquals(platform.replace('\u202f', '\u00a0'), ours.replace('\u202f', '\u00a0'), language);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "en, '1,234'",
        "de, 1.234",
        "es, 1234",
        "pl, 1234",
        "de-CH, 1’234",
        "hi, 1234",
        "en-IN, 1234",
        "'', 1234",
        "xx, 1234"
    })
    void fourDigitsAreSetApartWhereThatIsUsual(String language, String said) {
        assertEquals(said, new FactValue.Number(1234).said(language));
    }

    @Test
    void otherValuesAreWhatTheySay() {
        assertEquals("1234 boats", new FactValue.Text("1234 boats").said("en"));
        assertEquals("-1,234.5", new FactValue.Number(-1234.5).said("en"));
    }
}
