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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.tree.MapValue;

/** What the server does for a page, and what it does for nobody. */
class LiveServerTest extends LiveServerFixture {
    private static final String CHANGED = "\"changed\"";

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
        String put = "{\"operations\":[{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Stolen\"}]}";
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
                served.operation("\"do\":\"put\",\"thing\":\"item:crew\",\"key\":\"icon\",\"value\":\"my-crab\""),
                "ok"));
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
                "{\"operations\":[]}",
                "{\"operations\":7}",
                "null",
                "{\"operations\":[{}]}",
                "{\"operations\":[{\"do\":\"put\"}]}",
                "{\"operations\":[{\"do\":\"move\",\"thing\":\"item:map\",\"to\":\"menu:none\"}]}",
                "{\"operations\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"../../app/name\",\"value\":1}]}",
                "{\"operations\":[{\"do\":\"wrap\",\"thing\":\"item:map\",\"count\":-3,\"heading\":\"x\"}]}",
                "{\"operations\":[{\"do\":\"edit\",\"edit\":\"fly:/app\"}]}")) {
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
                served.operation("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Shore " + i + "\"");
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
            served.operation("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Gone " + i + "\"");
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
}
