package org.yonderarc.tree;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.LinkedHashMap;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TreesTest {
    /** The document and the pointers of RFC 6901, section 5, as far as their keys differ. */
    @Test
    void pointersAreThoseOfTheSpecification() {
        var document = new LinkedHashMap<String, Value>();
        document.put("foo", Trees.texts(List.of("bar", "baz")));
        for (String key : List.of("", "a/b", "c%d", "e^f", "g|h", "i\\j", "k\"l", " ", "m~n")) {
            document.put(key, Trees.number(0));
        }
        MapValue root = (MapValue) Trees.pointed(Trees.map(document));
        assertEquals(
                List.of("/foo", "/", "/a~1b", "/c%d", "/e^f", "/g|h", "/i\\j", "/k\"l", "/ ", "/m~0n"),
                root.entries().stream()
                        .map(entry -> entry.value().spot().pointer())
                        .toList());
        var foo = (ListValue) root.entries().get(0).value();
        assertEquals("/foo/1", foo.items().get(1).spot().pointer());
    }

    /** A map with one key at line 2, a scalar at line 3, and a list whose items stand at lines 4 and 5. */
    @ParameterizedTest
    @CsvSource({
        "'', 1",
        "/a, 2",
        "/a/b, 3",
        "/a/b/deeper, 3",
        "/a/c, 6",
        "/a/c/0, 4",
        "/a/c/1, 5",
        "/a/c/7, 6",
        "/a/c/x, 6",
        "/z, 1"
    })
    void theNearestValueAboveAnswersForWhatIsNotThere(String pointer, int line) {
        var list = new ListValue(spot(9), List.of(new TextValue(spot(4), "x"), new TextValue(spot(5), "y")));
        var inner = new MapValue(
                spot(8),
                List.of(
                        new MapValue.Entry("b", spot(7), new TextValue(spot(3), "text")),
                        new MapValue.Entry("c", spot(6), list)));
        var root = new MapValue(spot(1), List.of(new MapValue.Entry("a", spot(2), inner)));
        assertEquals(line, Locator.locate(root, pointer).line());
    }

    private static Spot spot(int line) {
        return new Spot("", line, 1, 1);
    }
}
