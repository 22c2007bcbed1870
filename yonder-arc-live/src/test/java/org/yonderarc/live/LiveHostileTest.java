package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.InetAddress;
import java.net.Socket;
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
                    served.operation("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Quay\""), "ok"));
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
