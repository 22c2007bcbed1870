package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.InetAddress;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.tree.MapValue;

/** Requests to the live server that make no sense, or ask too much. */
class LiveRequestsTest {
    @TempDir
    Path folder;

    /** Requests of nonsense get an answer of the 400s in words, without a name of Java's, and leave nothing behind. */
    @Test
    void requestsThatMakeNoSenseAreToldSo() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            String long5000 = "x".repeat(5_000);
            var bad = new ArrayList<String>();
            for (String name : List.of(
                    "",
                    ".",
                    "..",
                    ".svg",
                    "svg",
                    "%25",
                    "%25%32%66",
                    "a%00b.svg",
                    "%F0%9F%A6%80.svg",
                    long5000 + ".svg",
                    "a." + long5000,
                    "a/b.svg",
                    "..%2F..%2Fx.svg",
                    "con.svg",
                    "-.svg")) {
                for (String kind : List.of("", "icon", "picture", "font", "none", "%0a")) {
                    bad.add("POST upload?kind=" + kind + "&name=" + name);
                }
            }
            for (String what : List.of("", "page", "draw", "none", "%00", long5000)) {
                for (String as : List.of("", "png", "exe", "%F0%9F", "..%2Fx")) {
                    bad.add("GET make?what=" + what + "&as=" + as + "&device=none&screen=" + as);
                }
            }
            bad.addAll(List.of(
                    "GET icons?find=%&in=%",
                    "GET icons?find=%ff&in=none",
                    "GET choices?bar=none&kind=none&scheme=none",
                    "GET choices",
                    "GET view?kind=%00",
                    "GET now?since=-1",
                    "GET now?since=99999999999",
                    "GET now?%",
                    "GET now?since=%zz",
                    "GET events",
                    "GET %2e%2e/now",
                    "GET now/../../x",
                    "POST moved",
                    "POST compare",
                    "POST upload",
                    "POST edit",
                    "POST undo?%zz",
                    "POST nothing"));
            var server = new ArrayList<String>();
            for (String one : bad) {
                String answer = raw(served, one, "{\"x\":[1,{}],\"with\":[],\"page\":{},\"state\":7}");
                if (!answer.matches("(?s)HTTP/1.1 (200|4\\d\\d) .*")
                        || answer.contains("Exception")
                        || answer.contains("java.")) {
                    server.add(one.substring(0, Math.min(80, one.length())) + " -> " + answer);
                }
            }
            assertEquals(List.of(), server);
            assertEquals(Served.PLAN, served.text());
        }
        try (Stream<Path> left = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            assertEquals(
                    List.of(),
                    left.filter(one -> one.getFileName().toString().matches("yonder-(made|upload).*"))
                            .toList());
        }
    }

    private static String raw(Served served, String ask, String body) throws Exception {
        String[] parts = ask.split(" ", 2);
        String head = parts[0] + " " + served.address().getPath() + parts[1] + " HTTP/1.1\r\nHost: 127.0.0.1:"
                + served.address().getPort() + "\r\nConnection: close\r\n";
        String all = head + (parts[0].equals("POST") ? "Content-Length: " + body.length() + "\r\n\r\n" + body : "\r\n");
        try (var socket =
                new Socket(InetAddress.getLoopbackAddress(), served.address().getPort())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(all.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static final List<String> NONSENSE = List.of(
            "{\"operations\":[{\"do\":\"put\"}]}",
            "{\"operations\":[{\"do\":\"put\",\"thing\":7,\"key\":[],\"value\":{}}]}",
            "{\"operations\":[{\"do\":\"put\",\"thing\":\"\",\"key\":\"\"}]}",
            "{\"operations\":[{\"do\":\"put\",\"thing\":\"item:\",\"key\":\"label\",\"value\":null}]}",
            "{\"operations\":[{\"do\":\"put\",\"thing\":\":\",\"key\":\"/\",\"value\":\"\\ud800\"}]}",
            "{\"operations\":[{\"do\":\"put\",\"thing\":\"section:main/99\",\"key\":\"section\",\"value\":\"x\"}]}",
            "{\"operations\":[{\"do\":\"drop\",\"thing\":\"row:tides/-1\"}]}",
            "{\"operations\":[{\"do\":\"drop\",\"thing\":\"app\"}]}",
            "{\"operations\":[{\"do\":\"drop\"}]}",
            "{\"operations\":[{\"do\":\"rename\",\"thing\":\"item:map\",\"to\":\"\"}]}",
            "{\"operations\":[{\"do\":\"rename\",\"thing\":\"app\",\"to\":\"x\"}]}",
            "{\"operations\":[{\"do\":\"target\",\"thing\":\"map\",\"kind\":\"none\",\"value\":\"x\"}]}",
            "{\"operations\":[{\"do\":\"target\",\"thing\":\"item:map\"}]}",
            "{\"operations\":[{\"do\":\"move\",\"thing\":\"app\",\"to\":\"bars\"}]}",
            "{\"operations\":[{\"do\":\"move\",\"thing\":\"item:map\",\"to\":\"rows:none\",\"before\":\"item:map\"}]}",
            "{\"operations\":[{\"do\":\"move\",\"thing\":\"screen:map\",\"to\":\"screens\"}]}",
            "{\"operations\":[{\"do\":\"add\",\"to\":\"screens\",\"value\":{}}]}",
            "{\"operations\":[{\"do\":\"add\",\"to\":\"facts\",\"value\":1}]}",
            "{\"operations\":[{\"do\":\"add\",\"to\":\"app\",\"key\":\"x\",\"value\":[[[[]]]]}]}",
            "{\"operations\":[{\"do\":\"copy\",\"thing\":\"app\"}]}",
            "{\"operations\":[{\"do\":\"copy\",\"thing\":\"section:main/0\"}]}",
            "{\"operations\":[{\"do\":\"copy\",\"thing\":\"theme\"}]}",
            "{\"operations\":[{\"do\":\"wrap\",\"thing\":\"app\",\"count\":1e300,\"heading\":[]}]}",
            "{\"operations\":[{\"do\":\"wrap\",\"thing\":\"item:map\",\"count\":1e300,\"heading\":\"x\"}]}",
            "{\"operations\":[{\"do\":\"unwrap\",\"thing\":\"app\"}]}",
            "{\"operations\":[{\"do\":\"unwrap\",\"thing\":\"item:map\"}]}",
            "{\"operations\":[{\"do\":\"unwrap\",\"thing\":\"row:tides/0\"}]}",
            "{\"operations\":[{\"do\":\"edit\",\"edit\":\"set:=\"}]}",
            "{\"operations\":[{\"do\":\"edit\",\"edit\":\":\"}]}",
            "{\"operations\":[{\"do\":\"edit\",\"edit\":\"section:/menus/main/5..1=x\"}]}",
            "{\"operations\":[{\"do\":\"edit\",\"edit\":\"move:/app=3\"}]}",
            "{\"operations\":[\"put\",7,null,[[]]]}");

    @Test
    void operationsThatMakeNoSenseAreRefusedInWords() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            for (String body : NONSENSE) {
                var answer = served.send(served.request("edit").POST(BodyPublishers.ofString(body)));
                assertTrue(answer.statusCode() == 200 || answer.statusCode() == 400, body + answer.body());
                assertFalse(answer.body().contains("Exception"), answer.body());
                assertEquals(Served.PLAN, served.text(), body + answer.body());
            }
        }
    }

    /** One request holds others up no longer than a moment, however much it asks for. */
    @Test
    void aRequestIsBoundedInWhatItAsks() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            String copy = "{\"do\":\"copy\",\"thing\":\"item:map\"},";
            for (int count : List.of(3_000, EditService.MOST)) {
                String body = "{\"operations\":[" + copy.repeat(count - 1) + copy.replace("},", "}") + "]}";
                MapValue answer = served.post("edit", body);
                if (count > EditService.MOST) {
                    assertTrue(Json.text(answer, "why").contains("At most 200"), Json.text(answer));
                    assertEquals(Served.PLAN, served.text());
                }
            }
            // Whoever sends much is still there to hear why it was refused.
            for (int size : List.of(2 << 20, 30 << 20)) {
                int large = served.send(served.request("edit")
                                .POST(BodyPublishers.ofString("{\"operations\":[\"" + "x".repeat(size) + "\"]}")))
                        .statusCode();
                assertEquals(413, large);
            }
        }
    }
}
