package org.yonderarc.walk;

/** Takes the path out of addresses as they come from outside (RFC 3986, section 3). */
final class Addresses {
    private Addresses() {}

    /** The path of an address; the scheme, the host, the query and the fragment are left out. */
    static String path(String address) {
        String rest = address.strip();
        int colon = rest.indexOf(':');
        int slash = rest.indexOf('/');
        boolean hasScheme = colon > 0 && (slash < 0 || colon < slash);
        if (hasScheme) {
            rest = rest.substring(colon + 1);
        }
        if (rest.startsWith("//")) {
            int end = rest.indexOf('/', 2);
            rest = end < 0 ? "/" : rest.substring(end);
        }
        for (char mark : new char[] {'#', '?'}) {
            int at = rest.indexOf(mark);
            rest = at < 0 ? rest : rest.substring(0, at);
        }
        boolean slashAtEnd = rest.length() > 1 && rest.endsWith("/");
        rest = slashAtEnd ? rest.substring(0, rest.length() - 1) : rest;
        return rest.startsWith("/") ? rest : "/" + rest;
    }
}
