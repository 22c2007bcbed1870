package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressesTest {
    @ParameterizedTest
    @CsvSource({
        "https://quay.example/boats/7?tab=log#top, /boats/7?tab=log",
        "HTTP://quay.example/boats, /boats",
        "//quay.example/boats, /boats",
        "https://quay.example, /",
        "https://quay.example?tab=log, /?tab=log",
        "https://quay.example#top, /",
        "'  /boats ', /boats",
        "boats, /boats",
        "boats/, /boats",
        "/, /",
        "'', /",
        "/boats#top?tab=log, /boats",
        "/boats/?tab=log, /boats?tab=log",
        "quay:boats/3, /boats/3",
        "quay:/boats/3, /boats/3"
    })
    void pathAndQueryAreTakenOut(String address, String path) {
        assertEquals(List.of(path), Addresses.paths(address));
    }

    @ParameterizedTest
    @CsvSource({
        "quay://boats/3, /boats/3, /3",
        "quay://boats, /boats, /",
        "quay://boats?sort=name, /boats?sort=name, /?sort=name"
    })
    void theHostOfAnAppsOwnSchemeMayBeTheFirstPartOfThePath(String address, String whole, String rest) {
        assertEquals(List.of(whole, rest), Addresses.paths(address));
    }

    /** The first and the last of each kind of character that RFC 3986, section 3.1 allows. */
    @ParameterizedTest
    @ValueSource(strings = {"az", "za", "AZ", "ZA", "a0", "a9", "a+", "a-", "a."})
    void whatASchemeMayBe(String scheme) {
        assertEquals(List.of("/h/p", "/p"), Addresses.paths(scheme + "://h/p"));
    }

    /** Their neighbours, and what can't come first. */
    @ParameterizedTest
    @ValueSource(strings = {"0a", "9a", "+a", "@a", "a@", "a[", "a`", "a{", "a/", "a,", "a b", "[a", "`a", "{a", ""})
    void whatASchemeMayNotBe(String scheme) {
        assertEquals(List.of("/" + scheme + ":x"), Addresses.paths(scheme + ":x"));
    }
}
