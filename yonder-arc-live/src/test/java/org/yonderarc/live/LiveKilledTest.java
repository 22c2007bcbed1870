package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.edit.PlanStore;

/** A server that is killed while it writes leaves the plan as it was before an edit or as it is after it. */
class LiveKilledTest {
    /** So often it is killed; more often with -Dyonder.kills=300. */
    private static final int KILLS = Integer.getInteger("yonder.kills", 3);

    private static final int MOST_EDITS = 400;

    @TempDir
    Path folder;

    @Test
    void thePlanIsAlwaysEitherBeforeOrAfter() throws Exception {
        Path plan = folder.resolve("shore.yaml");
        Files.writeString(plan, Served.PLAN);
        var random = new Random(7340);
        int count = 0;
        int inFlight = 0;
        for (int i = 0; i < KILLS; i++) {
            int acknowledged = run(plan, count, random.nextInt(500));
            String text = Files.readString(plan);
            boolean isBefore = text.equals(named(acknowledged));
            assertTrue(isBefore || text.equals(named(acknowledged + 1)), "after kill " + i + ":\n" + text);
            inFlight += isBefore ? 0 : 1;
            count = isBefore ? acknowledged : acknowledged + 1;
        }
        System.out.println(
                "Killed " + KILLS + " times over " + count + " edits; " + inFlight + " were written and not answered.");
        for (int i = 0; i < count; i++) {
            try (var store = PlanStore.open(plan)) {
                store.undo();
            }
        }
        assertEquals(Served.PLAN, Files.readString(plan));
        try (Stream<Path> all = Files.list(folder)) {
            // What a killed run left half is tidied by the next.
            assertTrue(all.filter(one -> one.toString().endsWith(".part")).count() <= 1);
        }
    }

    private static String named(int count) {
        return count == 0 ? Served.PLAN : Served.PLAN.replace("name: Shore", "name: N" + count);
    }

    /** Edits until the server is killed; gives the number of the last edit that was answered. */
    private static int run(Path plan, int from, int after) throws Exception {
        Process server = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-Xshare:auto",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ServedAlone.class.getName(),
                        plan.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        int done = from;
        try (var out = new BufferedReader(new InputStreamReader(server.getInputStream()))) {
            URI address = URI.create(out.readLine());
            HttpClient client = HttpClient.newHttpClient();
            for (int i = 0; i < MOST_EDITS; i++) {
                if (i == 1) {
                    // From the second edit on, at any moment of it.
                    var killer = new Thread(() -> {
                        try {
                            Thread.sleep(after);
                        } catch (InterruptedException never) {
                            return;
                        }
                        server.destroyForcibly();
                    });
                    killer.start();
                }
                String body =
                        "{\"anyway\":true,\"operations\":[{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"N"
                                + (done + 1) + "\"}]}";
                var request = HttpRequest.newBuilder(address.resolve("edit"))
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build();
                var answer = Json.read(client.send(request, HttpResponse.BodyHandlers.ofString())
                        .body());
                assertTrue(Json.flag(answer, "ok"), Json.text(answer));
                done++;
            }
        } catch (IOException killed) {
            // That is what is tried.
            return waited(server, done);
        } finally {
            server.destroyForcibly();
        }
        throw new AssertionError("it was never killed");
    }

    private static int waited(Process server, int done) throws InterruptedException {
        assertTrue(server.waitFor(20, TimeUnit.SECONDS));
        return done;
    }
}
