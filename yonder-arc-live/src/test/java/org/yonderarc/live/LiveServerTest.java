package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.tree.MapValue;

/** What the server does for a page, and what it does for nobody. */
class LiveServerTest {
    private static final String CHANGED = "\"changed\"";

    @TempDir
    Path folder;

    private Served served;

    @BeforeEach
    void serve() throws Exception {
        served = new Served(folder, Served.PLAN);
    }

    @AfterEach
    void end() {
        served.close();
    }

    /** Each deed changes its place in the file and nothing else, and what is taken back is as it was to the last byte. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'do':'put','thing':'item:map','key':'label','value':'Chart' | badge: drafts } | badge: drafts, label: Chart }",
                "'do':'put','thing':'item:crew','key':'label','value':'Team' | - crew | - { screen: crew, label: Team }",
                "'do':'put','thing':'item:map','key':'badge' | { screen: map, badge: drafts } | { screen: map }",
                "'do':'put','thing':'app','key':'name','value':'Quay: east' | name: Shore, | name: \"Quay: east\",",
                "'do':'rename','thing':'screen:pool','to':'basin' | screen: pool } | screen: basin }",
                "'do':'target','thing':'item:map','kind':'screen','value':'pool' | { screen: map, badge: drafts } | { screen: pool, badge: drafts, id: map }",
                "'do':'move','thing':'item:crew','to':'menu:main','before':'item:tides' | main:\\n | main:\\n    - crew\\n",
                "'do':'wrap','thing':'item:crew','count':1,'heading':'People' | - crew | - { section: People, items: [ crew ] }",
                "'do':'add','to':'screens','key':'log','value':{} | crew: { icon: users }\\n | crew: { icon: users }\\n  log: {}\\n",
                "'do':'add','to':'menu:main','before':'item:crew','value':'pool' | - crew | - pool\\n    - crew",
                "'do':'add','to':'rows:tides','value':{'title':'Weir'} | - Plain\\n | - Plain\\n        - { title: Weir }\\n",
                "'do':'copy','thing':'item:map' | # here\\n | # here\\n    - { screen: map, badge: drafts, id: map-2 }\\n",
                "'do':'drop','thing':'row:tides/1' | '        # the second\\n        - Plain\\n' | ''",
                "'do':'put','thing':'bar:main','key':'forms/tablet','value':'rail' | form: bottom } | forms: { phone: bottom, tablet: rail, desktop: bottom } }",
                "'do':'edit','edit':'set:/app/start=map' | start: tides | start: map",
            })
    void aDeedChangesWhatItIsAbout(String deed, String before, String after) throws Exception {
        MapValue answer = served.deed(deed.replace('\'', '"'));
        assertTrue(Json.flag(answer, "ok"), Json.text(answer));
        String old = before.replace("\\n", "\n");
        assertTrue(Served.PLAN.contains(old), old);
        String expected = after == null ? "" : after.replace("\\n", "\n");
        String text = served.text();
        assertTrue(text.contains(expected), text);
        assertNotEquals(Served.PLAN, text);
        assertTrue(Json.flag(served.post("undo", "{}"), "ok"));
        assertEquals(Served.PLAN, served.text());
        assertTrue(Json.flag(served.post("redo", "{}"), "ok"));
        assertEquals(text, served.text());
    }

    @Test
    void whatWouldBreakThePlanIsRefusedAndADoubtIsAskedAbout() throws Exception {
        MapValue broken = served.deed("\"do\":\"put\",\"thing\":\"app\",\"key\":\"start\",\"value\":\"nowhere\"");
        assertFalse(Json.flag(broken, "ok"));
        assertFalse(Json.flag(broken, "offers"));
        assertTrue(Json.text(broken).contains("nowhere"), Json.text(broken));
        assertEquals(Served.PLAN, served.text());

        String pale =
                "{\"deeds\":[{\"do\":\"put\",\"thing\":\"theme\",\"key\":\"light/accent\",\"value\":\"#88ddee\"}]}";
        MapValue doubted = served.post("edit", pale);
        assertFalse(Json.flag(doubted, "ok"));
        assertTrue(Json.flag(doubted, "offers"));
        assertEquals(Served.PLAN, served.text());
        MapValue anyway = served.post("edit", pale.replaceFirst("\\{", "{\"anyway\":true,"));
        assertTrue(Json.flag(anyway, "ok"));
        assertTrue(served.text().contains("#88ddee"), served.text());
    }

    @Test
    void severalDeedsAreDoneAllOrNone() throws Exception {
        MapValue answer = served.post(
                "edit",
                "{\"deeds\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"},"
                        + "{\"do\":\"put\",\"thing\":\"item:nobody\",\"key\":\"label\",\"value\":\"x\"}]}");
        assertFalse(Json.flag(answer, "ok"));
        assertTrue(Json.text(answer, "why").contains("There is no item \"nobody\""), Json.text(answer));
        assertEquals(Served.PLAN, served.text());
    }

    /** Whoever edits by hand meanwhile loses nothing: other places are merged, the same place is told. */
    @Test
    void editsByHandAreMergedAndConflictsTold() throws Exception {
        String base = Json.text(served.now(), "digest");
        Files.writeString(served.file, Served.PLAN.replace("name: Shore", "name: Coast"));
        String chart = "{\"base\":\"" + base
                + "\",\"deeds\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"}]}";
        assertTrue(Json.flag(served.post("edit", chart), "ok"));
        assertTrue(served.text().contains("name: Coast") && served.text().contains("label: Chart"), served.text());

        String before = served.text();
        String name = "{\"base\":\"" + base
                + "\",\"deeds\":[{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Pier\"}]}";
        MapValue told = served.post("edit", name);
        assertFalse(Json.flag(told, "ok"));
        assertTrue(Json.text(told, "why").contains("Somebody else has changed \"app\""), Json.text(told));
        assertEquals(before, served.text());

        // What was written by hand can be taken back here too.
        served.post("undo", "{}");
        served.post("undo", "{}");
        assertEquals(Served.PLAN, served.text());
    }

    @Test
    void aPlanWithErrorsKeepsTheLastGoodViewAndShowsTheLine() throws Exception {
        Files.writeString(served.file, Served.PLAN.replace("start: tides", "start: tidse"));
        MapValue now = waitFor(map -> !Json.flag(map, "sound"));
        assertTrue(Json.text(now).contains("\"line\" : 3"), Json.text(now));
        assertTrue(Json.text(now).contains("app: { name: Shore, start: tidse }"));
        assertEquals(
                "tides",
                Json.text(Json.get(Json.get(now, "plan").orElseThrow(), "app").orElseThrow(), "start"));
        Files.delete(served.file);
        assertTrue(Json.text(waitFor(map -> !Json.text(map, "trouble").isEmpty()), "trouble")
                .contains("no such file"));
        Files.writeString(served.file, Served.PLAN);
        waitFor(map -> Json.flag(map, "sound"));
    }

    private interface Wanted {
        boolean is(MapValue now);
    }

    private MapValue waitFor(Wanted wanted) throws Exception {
        for (int i = 0; i < 200; i++) {
            MapValue now = served.now();
            if (wanted.is(now)) {
                return now;
            }
            Thread.sleep(25);
        }
        throw new AssertionError("it never came: " + Json.text(served.now()));
    }

    @Test
    void nobodyIsLetInWithoutTheSecretOrFromAnotherPage() throws Exception {
        URI address = served.address();
        String base = "http://127.0.0.1:" + address.getPort();
        for (String path : List.of("/", "/now", "/wrong/now", "/" + "x".repeat(24) + "/now")) {
            assertEquals(
                    404,
                    served.send(HttpRequest.newBuilder(URI.create(base + path))).statusCode(),
                    path);
        }
        String put = "{\"deeds\":[{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Stolen\"}]}";
        for (String origin : List.of("https://example.org", "null", base.replace("127.0.0.1", "127.0.0.2"))) {
            int status = served.send(
                            served.request("edit").header("Origin", origin).POST(BodyPublishers.ofString(put)))
                    .statusCode();
            assertEquals(404, status, origin);
        }
        // A name that somebody else's server points at this machine is not ours.
        String answer = raw("POST " + address.getPath() + "edit HTTP/1.1\r\nHost: rebound.example:" + address.getPort()
                + "\r\nContent-Length: " + put.length() + "\r\nConnection: close\r\n\r\n" + put);
        assertTrue(answer.startsWith("HTTP/1.1 404"), answer);
        assertEquals(Served.PLAN, served.text());
        assertEquals(
                405,
                served.send(served.request("edit").method("PUT", BodyPublishers.ofString(put)))
                        .statusCode());
        assertEquals(400, served.get("../../etc/passwd").statusCode());
        assertTrue(raw("GET " + address.getPath() + "..%2f..%2fetc%2fpasswd HTTP/1.1\r\nHost: 127.0.0.1:"
                        + address.getPort() + "\r\nConnection: close\r\n\r\n")
                .startsWith("HTTP/1.1 40"));
    }

    private String raw(String request) throws Exception {
        try (var socket =
                new Socket(InetAddress.getLoopbackAddress(), served.address().getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void answersForbidWhatPagesDoNotNeed() throws Exception {
        var headers = served.get("").headers();
        String policy = headers.firstValue("Content-Security-Policy").orElseThrow();
        assertTrue(policy.startsWith("default-src 'none'; script-src 'self';"), policy);
        assertFalse(policy.contains("unsafe-eval"));
        assertEquals("nosniff", headers.firstValue("X-Content-Type-Options").orElseThrow());
        assertEquals("no-referrer", headers.firstValue("Referrer-Policy").orElseThrow());
        assertTrue(headers.firstValue("Server").isEmpty());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'><script>alert(1)</script><path d='M0 0h9'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'><path onclick='x()' d='M0 0h9'/></svg>",
                "not a drawing",
            })
    void iconsThatAreMoreThanDrawingsAreRefused(String svg) throws Exception {
        MapValue answer = served.post("upload?kind=icon&name=Bad%20one.svg", svg);
        assertFalse(Json.flag(answer, "ok"), Json.text(answer));
        assertFalse(Files.exists(folder.resolve("icons")));
    }

    @Test
    void uploadsAreKeptUnderSafeNamesAndReplaceNothing() throws Exception {
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><path d=\"M4 4h16v16z\"/></svg>";
        MapValue answer = served.post("upload?kind=icon&name=..%2F..%2FMy%20Crab.svg", svg);
        assertEquals("my-crab", Json.text(answer, "name"), Json.text(answer));
        String kept = Files.readString(folder.resolve("icons/my-crab.svg"));
        assertTrue(kept.contains("d=\"M4 4h16v16z\""), kept);
        String found = served.get("icons?find=crab").body();
        assertTrue(found.contains("\"my-crab\""), found);
        assertTrue(Json.flag(
                served.deed("\"do\":\"put\",\"thing\":\"item:crew\",\"key\":\"icon\",\"value\":\"my-crab\""), "ok"));
        MapValue other = served.post("upload?kind=icon&name=my-crab.svg", svg.replace("16", "15"));
        assertTrue(Json.text(other, "why").contains("already"), Json.text(other));
        assertEquals(kept, Files.readString(folder.resolve("icons/my-crab.svg")));
        MapValue odd = served.post("upload?kind=icon&name=run.sh", "#!/bin/sh");
        assertTrue(Json.text(odd, "why").contains(".svg"), Json.text(odd));
        int large = served.send(served.request("upload?kind=picture&name=large.png")
                        .POST(BodyPublishers.ofByteArray(new byte[7 << 20])))
                .statusCode();
        assertEquals(413, large);
    }

    @Test
    void nonsenseIsAnsweredAndChangesNothing() throws Exception {
        assertEquals(
                400,
                served.send(served.request("edit").POST(BodyPublishers.ofString("{")))
                        .statusCode());
        for (String body : List.of(
                "[]",
                "{}",
                "{\"deeds\":[]}",
                "{\"deeds\":7}",
                "null",
                "{\"deeds\":[{}]}",
                "{\"deeds\":[{\"do\":\"put\"}]}",
                "{\"deeds\":[{\"do\":\"move\",\"thing\":\"item:map\",\"to\":\"menu:none\"}]}",
                "{\"deeds\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"../../app/name\",\"value\":1}]}",
                "{\"deeds\":[{\"do\":\"wrap\",\"thing\":\"item:map\",\"count\":-3,\"heading\":\"x\"}]}",
                "{\"deeds\":[{\"do\":\"edit\",\"edit\":\"fly:/app\"}]}")) {
            int status = served.send(served.request("edit").POST(BodyPublishers.ofString(body)))
                    .statusCode();
            assertTrue(status == 200 || status == 400, body + ": " + status);
            assertEquals(Served.PLAN, served.text(), body);
        }
        assertEquals(400, served.get("make?what=edit&as=html").statusCode());
        assertEquals(404, served.get("unknown").statusCode());
    }

    @Test
    void aPortThatIsTakenIsLeftAndTheAddressStays() throws Exception {
        try (var taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            int port = taken.getLocalPort();
            try (LiveServer next = LiveServer.start(served.file, port, folder.resolve("keys"))) {
                assertTrue(next.port() > port && next.port() <= port + 20, "port " + next.port());
                assertEquals(served.address().getPath(), next.address().getPath());
            }
        }
        Path other = Files.writeString(folder.resolve("other.yaml"), Served.PLAN);
        try (LiveServer another = LiveServer.start(other, 0, folder.resolve("keys"))) {
            assertNotEquals(served.address().getPath(), another.address().getPath());
        }
        assertEquals(
                "rw-------",
                java.nio.file.attribute.PosixFilePermissions.toString(
                        Files.getPosixFilePermissions(folder.resolve("keys/live.key"))));
        assertThrows(
                org.yonderarc.files.FileException.class,
                () -> LiveServer.start(folder.resolve("none.yaml"), 0, folder));
    }

    /** A hundred pages, one of which never reads: all others are told of each change. */
    @Test
    void aHundredPagesAndOneThatNeverReads() throws Exception {
        var sockets = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 100; i++) {
                sockets.add(listening("p" + i));
            }
            for (int i = 0; i < 300; i++) {
                served.deed("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Shore " + i + "\"");
            }
            String last = Integer.toString((int) number(served.now(), "revision"));
            for (Socket socket : sockets.subList(1, 100)) {
                assertTrue(readUntil(socket.getInputStream(), "\"" + last + "\""), "page missed " + last);
            }
        } finally {
            for (Socket socket : sockets) {
                socket.close();
            }
        }
        // Those that are gone are noticed when they are written to.
        for (int i = 0; i < 100 && served.server.pages() > 0; i++) {
            served.deed("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Gone " + i + "\"");
            Thread.sleep(20);
        }
        assertEquals(0, served.server.pages());
    }

    /** More than a connection holds, and nobody reads it: whoever asks is answered, others are told, and the last of it comes in the end. */
    @Test
    void aPageThatDoesNotReadMissesOnlyWhatIsPast() throws Exception {
        String much = "x".repeat(100_000);
        try (Socket slow = listening("slow");
                Socket quick = listening("quick")) {
            // Nothing is told to a page before the server has taken it in.
            assertTrue(readUntil(slow.getInputStream(), CHANGED));
            assertTrue(readUntil(quick.getInputStream(), CHANGED));
            // 30 MB, when a connection buffers six at most.
            for (int i = 0; i < 300; i++) {
                served.post("moved", "{\"page\": \"other\", \"state\": \"" + much + i + "!\"}");
                if (i % 50 == 49) {
                    assertTrue(readUntil(quick.getInputStream(), "x" + i + "!\""), "missed " + i);
                }
            }
            String seen = readAll(slow.getInputStream(), "x299!\"");
            assertTrue(seen.length() < 20_000_000, "what was past has been sent: " + seen.length());
        }
    }

    @Test
    void aStateThatIsTooLongIsNotPassedOn() throws Exception {
        var answer = served.send(served.request("moved")
                .POST(BodyPublishers.ofString("{\"page\": \"p\", \"state\": \"" + "x".repeat(200_000) + "\"}")));
        assertEquals(413, answer.statusCode());
    }

    @Test
    void twoHundredPagesAreServedAndNoOther() throws Exception {
        var sockets = new ArrayList<Socket>();
        try {
            for (int i = 0; i < Pages.MOST; i++) {
                Socket socket = listening("p" + i);
                sockets.add(socket);
                assertTrue(readUntil(socket.getInputStream(), CHANGED), "page " + i);
            }
            try (Socket more = listening("more")) {
                assertTrue(readUntil(more.getInputStream(), "Close some"), "it isn't told why");
            }
        } finally {
            for (Socket socket : sockets) {
                socket.close();
            }
        }
    }

    /** What one run of the server has changed, another takes back, and makes again. */
    @Test
    void changesAreTakenBackAfterARestart() throws Exception {
        String first = served.text();
        served.deed("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Quay\"");
        served.deed("\"do\":\"rename\",\"thing\":\"screen:pool\",\"to\":\"basin\"");
        String last = served.text();
        served.close();
        served = new Served(folder, last);
        assertTrue(flag(served.now(), "undo"));
        assertFalse(flag(served.now(), "redo"));
        served.post("undo", "");
        served.post("undo", "");
        assertEquals(first, served.text());
        assertFalse(flag(served.now(), "undo"));
        served.post("redo", "");
        served.post("redo", "");
        assertEquals(last, served.text());
    }

    private static boolean flag(MapValue map, String key) {
        return ((org.yonderarc.tree.FlagValue) Json.get(map, key).orElseThrow()).on();
    }

    /** A page that listens, with little room for what it doesn't read. */
    private Socket listening(String page) throws Exception {
        var socket = new Socket();
        socket.setReceiveBufferSize(4096);
        socket.connect(new java.net.InetSocketAddress(
                InetAddress.getLoopbackAddress(), served.address().getPort()));
        socket.setSoTimeout(10_000);
        String ask = "GET " + served.address().getPath() + "events?page=" + page + " HTTP/1.1\r\nHost: 127.0.0.1:"
                + served.address().getPort() + "\r\nUpgrade: websocket\r\nConnection: Upgrade\r\n"
                + "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==\r\nSec-WebSocket-Version: 13\r\n\r\n";
        socket.getOutputStream().write(ask.getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    private static double number(MapValue map, String key) {
        return ((org.yonderarc.tree.NumberValue) Json.get(map, key).orElseThrow()).number();
    }

    private static boolean readUntil(InputStream in, String wanted) throws Exception {
        return readAll(in, wanted).contains(wanted);
    }

    /** What comes until something wanted has come, or the end. */
    private static String readAll(InputStream in, String wanted) throws Exception {
        var seen = new StringBuilder();
        var buffer = new byte[65536];
        long start = System.nanoTime();
        while (seen.indexOf(wanted, Math.max(0, seen.length() - buffer.length - wanted.length())) < 0) {
            int read = in.read(buffer);
            // Signs of life go on for ever; what is wanted doesn't take that long.
            if (read < 0 || System.nanoTime() - start > 60_000_000_000L) {
                break;
            }
            seen.append(new String(buffer, 0, read, StandardCharsets.UTF_8));
        }
        return seen.toString();
    }

    @Test
    void whatIsHandedOverIsMade() throws Exception {
        var answer = served.get("make?what=draw&as=svg&device=phone&scheme=dark");
        assertTrue(answer.body().startsWith("<?xml"), answer.body());
        assertEquals(
                "image/svg+xml", answer.headers().firstValue("Content-Type").orElseThrow());
        assertTrue(
                answer.headers().firstValue("Content-Disposition").orElseThrow().contains("shore-draw-phone-dark.svg"));
        var places = served.get("make?what=export&as=java");
        assertTrue(places.body().contains("public final class Places"), places.body());
        assertEquals(
                "attachment; filename=\"Places.java\"; filename*=UTF-8''Places.java",
                places.headers().firstValue("Content-Disposition").orElseThrow());
        var film = served.get("make?what=film&as=gif&word=choose:crew&scale=0.25");
        assertTrue(film.body().startsWith("GIF89a"), film.body());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "what=draw&as=png&scale=x          | 409 | Scale: \"x\" is not a number.",
                "what=draw&as=png&scale=99         | 409 | Scale: 99.0 is outside of 0.25 to 8.0.",
                "what=draw&as=csv                  | 409 | .csv is not made here; choose .svg or .png.",
                "what=draw&as=svg&device=fone      | 409 | There is no device \"fone\". Choose \"phone\"",
                "what=film&as=gif                  | 409 | There is nothing to film.",
                "what=film&as=gif&word=--output=/x | 409 | --output=/x:",
                "what=measure&as=csv&word=nowhere  | 409 | nowhere",
                "what=edit&as=svg                  | 400 | Nothing of this kind is made.",
                "what=draw&as=exe                  | 400 | Nothing of this kind is made.",
            })
    void whatCannotBeMadeIsTold(String query, int status, String reason) throws Exception {
        var answer = served.get("make?" + query);
        assertEquals(status, answer.statusCode(), answer.body());
        assertTrue(answer.body().contains(reason), answer.body());
    }

    /** The plan as it is in its file, and not as it was when it had no errors. */
    @Test
    void aPlanWithErrorsIsNotHandedOver() throws Exception {
        Files.writeString(served.file, Served.PLAN.replace("start: ", "start: no-"));
        long end = System.nanoTime() + 20_000_000_000L;
        var answer = served.get("make?what=draw&as=svg");
        while (answer.statusCode() == 200 && System.nanoTime() < end) {
            answer = served.get("make?what=draw&as=svg");
        }
        assertEquals(409, answer.statusCode());
        assertTrue(answer.body().contains("The plan has errors; nothing was made of it."), answer.body());
    }

    @Test
    void changesAreToldInWordsSinceTheStartAndAgainstOtherFiles() throws Exception {
        Files.writeString(folder.resolve("older.yaml"), Served.PLAN.replace("- crew\n", ""));
        served.deed("\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"");
        String since = Json.text(served.post("compare", "{}"));
        assertTrue(since.contains("label is now \\\"Chart\\\""), since);
        String against = Json.text(served.post("compare", "{\"with\":\"file:older.yaml\"}"));
        assertTrue(against.contains("item crew") || against.contains("Item crew"), against);
        String outside = Json.text(served.post("compare", "{\"with\":\"file:../keys/live.key\"}"));
        assertTrue(outside.contains("There is no plan"), outside);
        assertTrue(Json.text(served.post("compare", "{\"with\":\"commit:HEAD;ls\"}"))
                .contains("no such plan"));
    }
}
