package org.yonderarc.live;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import java.util.Set;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Request;

/**
 * Who is let in: requests to this machine by a name that no other machine can have, from a page of our own, with the secret of the
 * address. A page on the web that the same browser shows knows neither.
 */
final class AccessControl {
    private final String secret;
    private final Set<String> hosts;

    AccessControl(String secret, int port) {
        this.secret = secret;
        this.hosts = Set.of("127.0.0.1:" + port, "localhost:" + port);
    }

    /** What is asked for behind the secret; no value for who is not let in. */
    Optional<String> asked(Request request) {
        String host = request.getHeaders().get(HttpHeader.HOST);
        if (host == null || !hosts.contains(host)) {
            return Optional.empty();
        }
        String origin = request.getHeaders().get(HttpHeader.ORIGIN);
        if (origin != null && !origin.equals("http://" + host)) {
            return Optional.empty();
        }
        String path = Request.getPathInContext(request);
        int slash = path.indexOf('/', 1);
        boolean isKnown = slash > 0 && isSecret(path.substring(1, slash));
        return isKnown ? Optional.of(path.substring(slash + 1)) : Optional.empty();
    }

    /** In the same time whatever is wrong with it. */
    private boolean isSecret(String given) {
        return MessageDigest.isEqual(given.getBytes(StandardCharsets.UTF_8), secret.getBytes(StandardCharsets.UTF_8));
    }
}
