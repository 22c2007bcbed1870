package org.yonderarc.walk;

/** Takes path and query out of addresses as they come from outside (RFC 3986, section 3). */
final class Addresses {
    private Addresses() {}

    /** The path of an address and its query; the scheme, the host and the fragment are left out. */
    static String path(String address) {
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
