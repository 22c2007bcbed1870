package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AddressTest {
    /** RFC 6570, section 3.2.2, simple string expansion: the document's own values. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "value         | /value",
                "Hello World!  | /Hello%20World%21",
                "/foo/bar      | /%2Ffoo%2Fbar",
                "50%           | /50%25",
            })
    void expandsAsTheSpecificationDoes(String value, String expected) {
        assertEquals(expected, PathTemplate.parse("/{var}").expand(Map.of("var", value)));
        assertEquals(
                Optional.of(Map.of("var", value)), PathTemplate.parse("/{var}").match(expected));
    }

    /** RFC 3986, section 2.3 and 2.5: unreserved characters, and the example of UTF-8 octets. */
    @Test
    void encodesAsTheSpecificationDoes() {
        String unreserved = "ABCXYZabcxyz0189-._~";
        assertEquals(unreserved, Percent.encode(unreserved));
        assertEquals("%C3%80", Percent.encode("\u00C0"));
        assertEquals("%E3%82%A2", Percent.encode("\u30A2"));
        assertEquals(Optional.of("\u30A2"), Percent.decode("%e3%82%a2"));
        for (String broken : new String[] {"%", "%4", "%zz", "%C3", "%FF"}) {
            assertEquals(Optional.empty(), Percent.decode(broken), broken);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "surveys    | a path starts with \"/\"",
                "/a/        | a path has no empty segment",
                "/a//b      | a path has no empty segment",
                "/../a      | a path has no \".\" or \"..\" segment",
                "/a b       | the segment \"a b\"",
                "/a?b       | the segment \"a?b\"",
                "/{a}{b}    | parameter \"a}{b\"",
                "/{A}       | parameter \"A\"",
                "/{a}/{a}   | the parameter {a} stands twice",
            })
    void pathsThatBrowsersWouldBendAreRefused(String path, String reason) {
        var wrong = assertThrows(IllegalArgumentException.class, () -> PathTemplate.parse(path));
        assertTrue(wrong.getMessage().startsWith(reason), wrong.getMessage());
    }

    @Test
    void placesReadBackAsTheyWereWritten() {
        var place = new Place("survey", Map.of("survey", "a&b=c d", "n", "\u00FC%"));
        assertEquals("survey?n=%C3%BC%25&survey=a%26b%3Dc%20d", place.text());
        assertEquals(place, Place.parse(place.text()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Survey {survey} | Survey 41",
                "{survey}        | 41",
                "{a}{survey}     | 41",
                "plain           | plain",
            })
    void templatesAreFilled(String template, String expected) {
        assertEquals(
                expected,
                Template.parse(template).fill(name -> name.equals("survey") ? Optional.of("41") : Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"a {b", "a } b", "{}", "{B}"})
    void brokenTemplatesAreRefused(String template) {
        assertThrows(IllegalArgumentException.class, () -> Template.parse(template));
    }
}
