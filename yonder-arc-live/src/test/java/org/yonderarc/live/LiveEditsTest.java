package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.tree.MapValue;

/** What the live server makes of requests for edits and downloads. */
class LiveEditsTest extends LiveServerFixture {
    /** Each operation changes its place in the file and nothing else, and what is taken back is as it was to the last byte. */
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
    void aOperationChangesWhatItIsAbout(String operation, String before, String after) throws Exception {
        MapValue answer = served.operation(operation.replace('\'', '"'));
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
        MapValue broken = served.operation("\"do\":\"put\",\"thing\":\"app\",\"key\":\"start\",\"value\":\"nowhere\"");
        assertFalse(Json.flag(broken, "ok"));
        assertFalse(Json.flag(broken, "offers"));
        assertTrue(Json.text(broken).contains("nowhere"), Json.text(broken));
        assertEquals(Served.PLAN, served.text());

        String pale =
                "{\"operations\":[{\"do\":\"put\",\"thing\":\"theme\",\"key\":\"light/accent\",\"value\":\"#88ddee\"}]}";
        MapValue doubted = served.post("edit", pale);
        assertFalse(Json.flag(doubted, "ok"));
        assertTrue(Json.flag(doubted, "offers"));
        assertEquals(Served.PLAN, served.text());
        MapValue anyway = served.post("edit", pale.replaceFirst("\\{", "{\"anyway\":true,"));
        assertTrue(Json.flag(anyway, "ok"));
        assertTrue(served.text().contains("#88ddee"), served.text());
    }

    @Test
    void severalOperationsAreDoneAllOrNone() throws Exception {
        MapValue answer = served.post(
                "edit",
                "{\"operations\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"},"
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
                + "\",\"operations\":[{\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"}]}";
        assertTrue(Json.flag(served.post("edit", chart), "ok"));
        assertTrue(served.text().contains("name: Coast") && served.text().contains("label: Chart"), served.text());

        String before = served.text();
        String name = "{\"base\":\"" + base
                + "\",\"operations\":[{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Pier\"}]}";
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

    /** What one run of the server has changed, another takes back, and makes again. */
    @Test
    void changesAreTakenBackAfterARestart() throws Exception {
        String first = served.text();
        served.operation("\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"Quay\"");
        served.operation("\"do\":\"rename\",\"thing\":\"screen:pool\",\"to\":\"basin\"");
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
        served.operation("\"do\":\"put\",\"thing\":\"item:map\",\"key\":\"label\",\"value\":\"Chart\"");
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
