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
        int colon = address.indexOf(':');
        int host = colon < 0 ? -1 : address.indexOf("//", colon);
        boolean isWeb =
                colon > 0 && WEB.contains(address.substring(0, colon).strip().toLowerCase(Locale.ROOT));
        if (isWeb || host != colon + 1 || colon <= 0) {
            return List.of(path);
        }
        String whole = path(address.substring(0, colon) + ":/" + address.substring(host + 2));
        return whole.equals(path) ? List.of(path) : List.of(whole, path);
    }

    private static String path(String address) {
        String rest = address.strip();
        int colon = rest.indexOf(':');
        int slash = rest.indexOf('/');
        boolean hasScheme = colon > 0 && (slash < 0 || colon < slash);
        if (hasScheme) {
            rest = rest.substring(colon + 1);
        }
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
