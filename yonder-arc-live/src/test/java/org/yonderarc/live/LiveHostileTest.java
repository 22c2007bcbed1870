package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.InetAddress;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.tree.MapValue;

/** Folders, requests and files as somebody makes them who means no good. */
class LiveHostileTest {
    @TempDir
    Path folder;

    private static void run(Path folder, String... command) throws Exception {
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(process.waitFor(20, TimeUnit.SECONDS) && process.exitValue() == 0, said);
    }

    /** Each has git itself start a program at one time or another; whoever reads history here starts none. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "[log]\n showSignature = true\n[gpg]\n program = EVIL",
                "[log]\n showSignature = true\n[gpg]\n format = ssh\n[gpg \"ssh\"]\n program = EVIL",
                "[core]\n fsmonitor = EVIL",
                "[core]\n pager = EVIL",
                "[pager]\n log = EVIL\n show = EVIL",
                "[core]\n hooksPath = HOOKS",
                "[diff]\n external = EVIL",
                "[diff \"evil\"]\n textconv = EVIL\n command = EVIL",
                "[filter \"evil\"]\n smudge = EVIL\n clean = EVIL\n process = EVIL\n required = true",
                "[core]\n sshCommand = EVIL\n gitProxy = EVIL\n askPass = EVIL\n editor = EVIL",
                "[credential]\n helper = EVIL",
                "[alias]\n log = !EVIL\n show = !EVIL",
                "[extensions]\n partialClone = origin\n[remote \"origin\"]\n url = ext::EVIL\n promisor = true\n uploadpack = EVIL\n[protocol \"ext\"]\n allow = always",
                "[include]\n path = /dev/zero.d",
            })
    void noRepositoryStartsAProgram(String settings) throws Exception {
        Path ran = folder.resolve("ran");
        Path hooks = Files.createDirectories(folder.resolve("hooks"));
        Path evil = Files.writeString(folder.resolve("evil.sh"), "#!/bin/sh\ntouch " + ran + "\n");
        Files.setPosixFilePermissions(evil, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.copy(evil, hooks.resolve("post-index-change"));
        String config = settings.replace("EVIL", evil.toString()).replace("HOOKS", hooks.toString());
        Path work = Files.createDirectory(folder.resolve("work"));
        Files.writeString(work.resolve("shore.yaml"), Served.PLAN.replace("name: Shore", "name: Earlier"));
        Files.writeString(work.resolve(".gitattributes"), "*.yaml diff=evil filter=evil\n");
        run(work, "git", "init", "-q");
        run(work, "git", "add", "-A");
        run(work, "git", "-c", "user.name=a", "-c", "user.email=a@b.example", "commit", "-q", "-m", "First draft");
        Files.writeString(work.resolve(".git/config"), "[core]\n repositoryformatversion = 0\n" + config + "\n");
        Path plan = Files.writeString(work.resolve("shore.yaml"), Served.PLAN);
        MapValue commit = new Commits(plan).latest().get(0);
        assertEquals("First draft", Json.text(commit, "subject"));
        String then = new Commits(plan).text(Json.text(commit, "id")).orElseThrow();
        assertTrue(then.contains("Earlier"), then);
        // The same beside the plan, as a bare repository that an archive brings.
        Path bare = Files.createDirectory(folder.resolve("bare"));
        run(folder, "cp", "-r", "work/.git/.", "bare");
        Path beside = Files.writeString(bare.resolve("shore.yaml"), Served.PLAN);
        assertEquals(List.of(), new Commits(beside).latest());
        assertEquals(Optional.empty(), new Commits(beside).text(Json.text(commit, "id")));
        assertFalse(Files.exists(ran), "a program of the folder was started");
        try (Stream<Path> left = Files.list(work.resolve(".git"))) {
            assertEquals(
                    0, left.filter(one -> one.toString().contains(".probe")).count(), "a disk was tried");
        }
    }

    /** A key that others can read or write, or that is none, is replaced. */
    @Test
    void aKeyThatIsNotOnesOwnIsReplaced() throws Exception {
        Path keys = folder.resolve("keys");
        Path plan = folder.resolve("shore.yaml");
        String first = SecretStore.secret(keys, plan);
        assertEquals(first, SecretStore.secret(keys, plan));
        Path file = keys.resolve("live.key");
        assertEquals("rwx------", PosixFilePermissions.toString(Files.getPosixFilePermissions(keys)));

        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-rw-"));
        String second = SecretStore.secret(keys, plan);
        assertNotEquals(first, second);
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
        for (byte[] bad : new byte[][] {new byte[32], new byte[0], new byte[7]}) {
            Files.write(file, bad);
            String fresh = SecretStore.secret(keys, plan);
            assertNotEquals(second, fresh);
            assertEquals(fresh, SecretStore.secret(keys, plan));
        }
        Path elsewhere = Files.write(folder.resolve("elsewhere"), new byte[32]);
        Files.delete(file);
        Files.createSymbolicLink(file, elsewhere);
        SecretStore.secret(keys, plan);
        assertEquals(32, Files.size(elsewhere));
        Files.setPosixFilePermissions(keys, PosixFilePermissions.fromString("rwxrwxrwx"));
        assertNotEquals(
                SecretStore.secret(keys, plan), SecretStore.secret(keys, plan), "anybody could put a key there");
    }

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
            "{\"deeds\":[{\"do\":\"put\"}]}",
            "{\"deeds\":[{\"do\":\"put\",\"thing\":7,\"key\":[],\"value\":{}}]}",
            "{\"deeds\":[{\"do\":\"put\",\"thing\":\"\",\"key\":\"\"}]}",
            "{\"deeds\":[{\"do\":\"put\",\"thing\":\"item:\",\"key\":\"label\",\"value\":null}]}",
            "{\"deeds\":[{\"do\":\"put\",\"thing\":\":\",\"key\":\"/\",\"value\":\"\\ud800\"}]}",
            "{\"deeds\":[{\"do\":\"put\",\"thing\":\"section:main/99\",\"key\":\"section\",\"value\":\"x\"}]}",
            "{\"deeds\":[{\"do\":\"drop\",\"thing\":\"row:tides/-1\"}]}",
            "{\"deeds\":[{\"do\":\"drop\",\"thing\":\"app\"}]}",
            "{\"deeds\":[{\"do\":\"drop\"}]}",
            "{\"deeds\":[{\"do\":\"rename\",\"thing\":\"item:map\",\"to\":\"\"}]}",
            "{\"deeds\":[{\"do\":\"rename\",\"thing\":\"app\",\"to\":\"x\"}]}",
            "{\"deeds\":[{\"do\":\"target\",\"thing\":\"map\",\"kind\":\"none\",\"value\":\"x\"}]}",
            "{\"deeds\":[{\"do\":\"target\",\"thing\":\"item:map\"}]}",
            "{\"deeds\":[{\"do\":\"move\",\"thing\":\"app\",\"to\":\"bars\"}]}",
            "{\"deeds\":[{\"do\":\"move\",\"thing\":\"item:map\",\"to\":\"rows:none\",\"before\":\"item:map\"}]}",
            "{\"deeds\":[{\"do\":\"move\",\"thing\":\"screen:map\",\"to\":\"screens\"}]}",
            "{\"deeds\":[{\"do\":\"add\",\"to\":\"screens\",\"value\":{}}]}",
            "{\"deeds\":[{\"do\":\"add\",\"to\":\"facts\",\"value\":1}]}",
            "{\"deeds\":[{\"do\":\"add\",\"to\":\"app\",\"key\":\"x\",\"value\":[[[[]]]]}]}",
            "{\"deeds\":[{\"do\":\"copy\",\"thing\":\"app\"}]}",
            "{\"deeds\":[{\"do\":\"copy\",\"thing\":\"section:main/0\"}]}",
            "{\"deeds\":[{\"do\":\"copy\",\"thing\":\"theme\"}]}",
            "{\"deeds\":[{\"do\":\"wrap\",\"thing\":\"app\",\"count\":1e300,\"heading\":[]}]}",
            "{\"deeds\":[{\"do\":\"wrap\",\"thing\":\"item:map\",\"count\":1e300,\"heading\":\"x\"}]}",
            "{\"deeds\":[{\"do\":\"unwrap\",\"thing\":\"app\"}]}",
            "{\"deeds\":[{\"do\":\"unwrap\",\"thing\":\"item:map\"}]}",
            "{\"deeds\":[{\"do\":\"unwrap\",\"thing\":\"row:tides/0\"}]}",
            "{\"deeds\":[{\"do\":\"edit\",\"edit\":\"set:=\"}]}",
            "{\"deeds\":[{\"do\":\"edit\",\"edit\":\":\"}]}",
            "{\"deeds\":[{\"do\":\"edit\",\"edit\":\"section:/menus/main/5..1=x\"}]}",
            "{\"deeds\":[{\"do\":\"edit\",\"edit\":\"move:/app=3\"}]}",
            "{\"deeds\":[\"put\",7,null,[[]]]}");

    @Test
    void deedsThatMakeNoSenseAreRefusedInWords() throws Exception {
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
                String body = "{\"deeds\":[" + copy.repeat(count - 1) + copy.replace("},", "}") + "]}";
                MapValue answer = served.post("edit", body);
                if (count > EditService.MOST) {
                    assertTrue(Json.text(answer, "why").contains("At most 200"), Json.text(answer));
                    assertEquals(Served.PLAN, served.text());
                }
            }
            // Whoever sends much is still there to hear why it was refused.
            for (int size : List.of(2 << 20, 30 << 20)) {
                int large = served.send(served.request("edit")
                                .POST(BodyPublishers.ofString("{\"deeds\":[\"" + "x".repeat(size) + "\"]}")))
                        .statusCode();
                assertEquals(413, large);
            }
        }
    }

    /** Whoever sends a letter at a time holds nobody up, and is sent away. */
    @Test
    void slowBodiesHoldNobodyUp() throws Exception {
        var sockets = new ArrayList<Socket>();
        try (var served = new Served(folder, Served.PLAN)) {
            for (int i = 0; i < 60; i++) {
                var socket = new Socket(
                        InetAddress.getLoopbackAddress(), served.address().getPort());
                sockets.add(socket);
                socket.setSoTimeout(60_000);
                socket.getOutputStream()
                        .write(("POST " + served.address().getPath()
                                        + "upload?kind=icon&name=a.svg HTTP/1.1\r\nHost: 127.0.0.1:"
                                        + served.address().getPort() + "\r\nContent-Length: 60000\r\n\r\n<svg")
                                .getBytes(StandardCharsets.UTF_8));
            }
            assertTrue(Json.flag(
                    served.deed("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Quay\""), "ok"));
            assertTrue(served.text().contains("name: Quay"));
            String told = new String(sockets.get(59).getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertTrue(told.startsWith("HTTP/1.1 408"), told);
        } finally {
            for (Socket socket : sockets) {
                socket.close();
            }
        }
    }

    /** What is kept is what the reader made of it; what it can't use isn't kept. */
    @Test
    void uploadsAreKeptCleaned() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            String svg =
                    "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><!-- secret --><metadata>place</metadata>"
                            + "<path fill='red' d='M0 0h9v9z'/></svg>";
            assertTrue(Json.flag(served.post("upload?kind=picture&name=a.svg", svg), "ok"));
            String kept = Files.readString(folder.resolve("pictures/a.svg"));
            assertTrue(kept.contains("M0 0h9v9z") && !kept.contains("secret") && !kept.contains("place"), kept);
            MapValue script = served.post(
                    "upload?kind=picture&name=b.svg",
                    svg.replace("<path", "<script>alert(1)</script><path onload='x()'"));
            assertFalse(
                    Files.exists(folder.resolve("pictures/b.svg"))
                            && Files.readString(folder.resolve("pictures/b.svg"))
                                    .matches("(?s).*(script|onload).*"),
                    Json.text(script));
            for (String name : List.of("a.gif", "a.png", "a.jpg", "a.woff")) {
                MapValue empty = served.post("upload?kind=picture&name=" + name, "");
                assertFalse(Json.flag(empty, "ok"), name + Json.text(empty));
            }
            assertFalse(Json.flag(served.post("upload?kind=font&name=a.ttf", "OTTOxxxxxxxxxxxx"), "ok"));
        }
    }

    /** RFC 6266 with RFC 8187: a name of any letters comes through, and ends no header. */
    @Test
    void aNameOfAnyLettersIsHandedOver() throws Exception {
        Path plan = Files.writeString(folder.resolve("K\u00fcste \"1\"; x.yaml"), Served.PLAN);
        try (var live = LiveServer.start(plan, 0, folder.resolve("keys"))) {
            var client = java.net.http.HttpClient.newHttpClient();
            var answer = client.send(
                    java.net.http.HttpRequest.newBuilder(live.address().resolve("make?what=draw&as=svg"))
                            .build(),
                    java.net.http.HttpResponse.BodyHandlers.ofString());
            assertEquals(
                    "attachment; filename=\"K_ste__1___x-draw.svg\";"
                            + " filename*=UTF-8''K%C3%BCste%20%221%22%3B%20x-draw.svg",
                    answer.headers().firstValue("Content-Disposition").orElseThrow());
        }
    }
}
