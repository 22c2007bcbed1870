package org.yonderarc.icons;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IconSearchTest {
    private final IconSearch search = new IconSearch();

    @ParameterizedTest
    @CsvSource({"book, book", "money, coin", "people, users", "Water, droplet", "shore, beach", "profile, user"})
    void findsByNameAndByMeaning(String word, String expected) {
        assertTrue(names(word, 40).contains(expected), () -> names(word, 40).toString());
    }

    @Test
    void theNameItselfComesFirstAndItsOppositeNever() {
        assertEquals("book", names("book", 5).get(0));
        assertFalse(names("book", 100).contains("book-off"));
        assertTrue(names("off", 500).contains("book-off"));
    }

    @Test
    void everyIconThatIsFoundIsThere() {
        var icons = new BundledIcons();
        assertTrue(names("water", 100).stream().allMatch(icons::has));
        assertEquals(3, names("arrow", 3).size());
        assertEquals(List.of(), names("qqqqqq", 10));
        assertTrue(search.near("watr").contains("water"));
    }

    private List<String> names(String word, int most) {
        return search.find(word, most).stream().map(IconSearch.Found::name).toList();
    }

    /** The words of every day find what people expect, best first: in singular and plural, as one word or two, and begun. */
    @ParameterizedTest
    @CsvSource({
        "boat, sailboat",
        "boats, sailboat",
        "house, home",
        "houses, home",
        "log in, login",
        "person, user",
        "persons, user",
        "people, users",
        "telescopes, telescope",
        "telesc, telescope",
        "member, user",
        "members, user",
        "money, cash",
        "calendars, calendar",
        "batteries, battery",
        "home, home",
        "map pin, map-pin"
    })
    void everydayWordsFindWhatIsExpected(String words, String first) {
        assertEquals(
                first,
                search.find(words, 5).get(0).name(),
                search.find(words, 5).toString());
    }
}
