package org.yonderarc.live;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.MapValue;

/** A plan that is served, and what is asked of it as a page asks. */
final class Served implements AutoCloseable {
    static final String PLAN =
            """
            # The shore.
            yonder: 1
            app: { name: Shore, start: tides }

            facts:
              drafts: 2

            screens:
              tides:            # first
                wireframe:
                  kind: list
                  rows:
                    - { title: Pool, screen: pool }
                    # the second
                    - Plain
              pool: { under: tides, icon: droplet }
              map: { title: Map, icon: map }
              crew: { icon: users }

            menus:
              main:
                - { screen: tides, icon: home }
                # to the map
                - { screen: map, badge: drafts }   # here
                - crew

            bars:
              - { menu: main, form: bottom }
              - top
            """;

    final Path file;
    final LiveServer server;
    private final HttpClient client = HttpClient.newHttpClient();

    Served(Path folder, String plan) throws Exception {
        file = folder.resolve("shore.yaml");
        Files.writeString(file, plan);
        server = LiveServer.start(file, 0, folder.resolve("keys"));
    }

    String text() throws IOException {
        return Files.readString(file);
    }

    HttpResponse<String> get(String path) throws Exception {
        return client.send(
                HttpRequest.newBuilder(server.address().resolve(path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> send(HttpRequest.Builder request) throws Exception {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(server.address().resolve(path));
    }

    MapValue post(String path, String body) throws Exception {
        return Json.read(send(request(path).POST(HttpRequest.BodyPublishers.ofString(body, StandardCharsets.UTF_8)))
                .body());
    }

    MapValue now() throws Exception {
        return (MapValue) JsonText.read(get("now").body());
    }

    /** Asks for one operation, written as a map without its braces. */
    MapValue operation(String operation) throws Exception {
        return post("edit", "{\"anyway\": true, \"operations\": [{" + operation + "}]}");
    }

    URI address() {
        return server.address();
    }

    @Override
    public void close() {
        server.close();
    }
}
