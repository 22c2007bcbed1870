package org.yonderarc.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.plan.Scheme;

class PreferencesTest {
    private static final Preferences FIRST = Preferences.first("phone");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "phone~~~~~1~~",
                "tablet~turned~true~dark~pt-BR~1.5~less~more",
                "~turned~~light~~0.8~slow~usual",
                "foldable-closed~~true~~he~3~~"
            })
    void whatIsWrittenIsRead(String text) {
        assertEquals(text, Preferences.read(text, FIRST).written());
    }

    @Test
    void aLinkFromBeforeContrastIsRead() {
        assertEquals(
                new Preferences("tablet", true, false, "dark", "de", 2, "less", ""),
                Preferences.read("tablet~turned~~dark~de~2~less", FIRST));
    }

    @ParameterizedTest
    @CsvSource({
        "'', as at first",
        "phone, as at first",
        "a~b~c~d~e~1~g~h~i, as at first",
        "tablet~~~~~0.79~~, tablet~~~~~1~~",
        "tablet~~~~~3.01~~, tablet~~~~~1~~",
        "tablet~~~~~NaN~~, tablet~~~~~1~~",
        "tablet~~~~~large~~, tablet~~~~~1~~"
    })
    void whatCannotBeReadIsAsAtFirst(String text, String expected) {
        String read = Preferences.read(text, FIRST).written();
        assertEquals(expected.equals("as at first") ? FIRST.written() : expected, read);
    }

    @Test
    void theSystemDecidesOnTheSchemeWhereNobodyElseDoes() {
        assertEquals(Scheme.DARK, FIRST.scheme(true));
        assertEquals(Scheme.LIGHT, FIRST.scheme(false));
        assertEquals(Scheme.LIGHT, Preferences.read("phone~~~light~~1~~", FIRST).scheme(true));
    }
}
