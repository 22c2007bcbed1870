package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;

/** What is read of YAML 1.2 and what is refused with a reason, where parsers differ. */
class YamlTreeTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "a:\\tx|x",
                "a: x\\t# said|x",
                "a:\\t\\t\"x\\ty\"\\t|x\\ty",
                "a: \"x\\205y\"|x\\205y",
                "a: !!str 12|12",
                "a: ! 12|12",
                "%YAML 1.2\\n---\\na: x|x"
            })
    void isRead(String written, String value) throws ParseException {
        var map = (MapValue) YamlTree.parse(written.translateEscapes());
        assertEquals(value.translateEscapes(), ((TextValue) map.entries().get(0).value()).text());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "a:\\n\\tb: x|This is not YAML: found character '\\\\t(TAB)' that cannot start any token. (Do not use \\\\t(TAB) for"
                        + " indentation), while scanning for the next token.",
                "a: !own x|The tag \"!own\" means nothing in a plan.",
                "a: !!binary VA==|The tag \"!!binary\" means nothing in a plan.",
                "a: !!set { x }|The tag \"!!set\" means nothing in a plan.",
                "%YAML 1.1\\n---\\na: yes|The file calls itself YAML 1.1, but plans are YAML 1.2."
            })
    void isRefused(String written, String why) {
        var trouble = assertThrows(ParseException.class, () -> YamlTree.parse(written.translateEscapes()));
        assertEquals(why.translateEscapes(), trouble.getMessage());
    }
}
