package org.yonderarc.walk;

import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Takes path and query out of addresses as they come from outside (RFC 3986, section 3). */
final class Addresses {
    private static final Set<String> WEB = Set.of("http", "https");

    private Addresses() {}

    /**
     * The paths that an address can mean, with its query, the likelier one first. Scheme and fragment are left out; the host, too,
     * in addresses on the web. In those of an app's own scheme it is the first part of the path, {@code loam://beds/3}, unless no
     * screen has such a path.
     */
    static List<String> paths(String address) {
        String path = path(address);
        String text = address.strip();
        int colon = scheme(text);
        boolean isWeb = colon > 0 && WEB.contains(text.substring(0, colon).toLowerCase(Locale.ROOT));
        if (colon < 0 || isWeb || !text.startsWith("//", colon + 1)) {
            return List.of(path);
        }
        String whole = path("/" + text.substring(colon + 3));
        return whole.equals(path) ? List.of(path) : List.of(whole, path);
    }

    /** Where the scheme of an address ends (RFC 3986, section 3.1); -1 where it has none. */
    private static int scheme(String address) {
        int colon = address.indexOf(':');
        boolean isScheme = colon > 0
                && isLetter(address.charAt(0))
                && address.chars()
                        .limit(colon)
                        .allMatch(c -> isLetter(c) || c >= '0' && c <= '9' || "+-.".indexOf(c) >= 0);
        return isScheme ? colon : -1;
    }

    private static boolean isLetter(int c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    private static String path(String address) {
        String rest = address.strip();
        rest = rest.substring(scheme(rest) + 1);
        if (rest.startsWith("//")) {
            int end = 2;
            while (end < rest.length() && "/?#".indexOf(rest.charAt(end)) < 0) {
                end++;
            }
            rest = rest.substring(end);
        }
        int fragment = rest.indexOf('#');
        rest = fragment < 0 ? rest : rest.substring(0, fragment);
        int mark = rest.indexOf('?');
        String query = mark < 0 ? "" : rest.substring(mark);
        String path = mark < 0 ? rest : rest.substring(0, mark);
        boolean slashAtEnd = path.length() > 1 && path.endsWith("/");
        path = slashAtEnd ? path.substring(0, path.length() - 1) : path;
        return (path.startsWith("/") ? path : "/" + path) + query;
    }
}
