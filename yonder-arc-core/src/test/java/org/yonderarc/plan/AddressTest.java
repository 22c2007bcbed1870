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

    /** RFC 6570, section 3.2.8, form-style query expansion: the document's own values, those without a value left out. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/{?who}   | /?who=fred",
                "/{?half}  | /?half=50%25",
                "/{?x,y}   | /?x=1024&y=768",
                "/{?x,y,undef} | /?x=1024&y=768",
                "/map/{who}{?y,x} | /map/fred?y=768&x=1024",
            })
    void expandsAndMatchesQueries(String path, String expected) {
        var values = Map.of("who", "fred", "half", "50%", "x", "1024", "y", "768");
        var template = PathTemplate.parse(path);
        assertEquals(expected, template.expand(values));
        var known = new java.util.HashMap<>(values);
        known.keySet().retainAll(template.names());
        assertEquals(Optional.of(known), template.match(expected));
        assertEquals(Optional.of(known), template.match(expected + "&utm=1&x=2&half=&y"), "what else stands there");
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
                "/{a}{?a}   | the parameter {a} stands twice",
                "/{?a}/b    | parameters that may be left out stand at the end",
                "/{?a,}     | parameter \"\"",
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

    @Test
    void parametersAreReadAsWhatTheyAre() {
        Place place = Place.parse("survey?page=2.5&open=true&name=Gull%20Point");
        assertEquals(Optional.of(2.5), place.number("page"));
        assertEquals(Optional.of(true), place.flag("open"));
        assertEquals(Optional.of("Gull Point"), place.text("name"));
        assertEquals(Optional.empty(), place.number("none"));
        var wrong = assertThrows(IllegalArgumentException.class, () -> place.number("name"));
        assertEquals("{name} is \"Gull Point\" and not a number", wrong.getMessage());
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
