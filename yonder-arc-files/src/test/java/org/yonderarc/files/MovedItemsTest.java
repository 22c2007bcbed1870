package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Severity;

/** What several screens have stands at one edge, in one order. */
class MovedItemsTest {
    /** The bars of two screens, and what is told; phones are looked at first. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ menu: a, form: bottom } | { id: z, menu: a, form: rail } | menu \"a\" stands at the lower edge on \"Tides\" (one), and at the leading edge on \"Two\"",
                "{ menu: a, form: bottom } | { id: z, menu: b, form: bottom } | lower edge leads to \"Tides\" (one), \"Two\" on \"Tides\" (one), but to \"Two\", \"Tides\" (one) on \"Two\"",
                "{ menu: a, form: bottom } | { id: z, menu: a, form: bottom, order: [ two ] } | lower edge leads to \"Tides\" (one), \"Two\" on \"Tides\" (one), but to \"Two\", \"Tides\" (one) on \"Two\"",
                "{ menu: a, form: bottom } | { id: z, menu: c, form: bottom } | ",
                "{ menu: a, form: bottom } | { id: z, menu: b, form: rail } | ",
                "{ menu: a, forms: { phone: bottom, tablet: rail } } | { id: z, menu: a, forms: { phone: bottom, tablet: rail } } | ",
                "{ menu: a, form: bottom } | { id: z, menu: a, forms: { tablet: rail, desktop: bottom } } | menu \"a\" stands at",
            })
    void whatMovesIsTold(String first, String second, String told) {
        var file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Quay, start: one }
                        screens: { one: { title: Tides, bars: [ a ] }, two: { bars: [ z ] }, three: { bars: [ z ] } }
                        menus: { a: [ one, two ], b: [ two, one ], c: [ one, three, two ] }
                        bars: [ %s, %s ]
                        """
                                .formatted(first, second)),
                IconNames.ANY);
        assertEquals(0, file.count(Severity.ERROR), () -> file.findings().toString());
        String all = file.findings().stream()
                .filter(finding -> finding.code() == Code.MOVED_ITEMS)
                .map(finding -> finding.message())
                .reduce("", (one, other) -> one + other);
        assertEquals(told == null ? "" : told, told == null ? all : all.contains(told) ? told : all);
    }
}
