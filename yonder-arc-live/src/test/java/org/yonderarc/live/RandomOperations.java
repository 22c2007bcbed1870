package org.yonderarc.live;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** What somebody could do next with a plan, at random; not all of it makes sense. */
final class RandomOperations {
    private static final List<String> WORDS =
            List.of("Weir", "Quay: east", "#4", "off", "Été", "{drafts}", "12:10", "Ünder \"way\"", "🦀", "null");
    private static final List<String> ICONS = List.of("home", "map", "users", "bell", "book", "anchor");
    private static final List<String> FORMS = List.of("bottom", "rail", "drawer", "radial");
    private static final List<String> KINDS = List.of("phone", "tablet", "desktop");

    private final Random random;
    private Value plan;
    private int fresh;

    RandomOperations(long seed) {
        random = new Random(seed);
    }

    /** One operation, as a page writes it. */
    String next(Value now) {
        plan = now;
        String item = one(items());
        String screen = one(keys("screens"));
        return switch (random.nextInt(24)) {
            case 0, 1 -> put("item:" + item, "label", quoted(one(WORDS)));
            case 2 -> put("item:" + item, "icon", quoted(one(ICONS)));
            case 3 -> put("item:" + item, "badge", random.nextBoolean() ? null : quoted(one(keys("facts"))));
            case 4 -> put("item:" + item, "when", random.nextBoolean() ? null : quoted(one(keys("facts")) + " > 0"));
            case 5 -> put("item:" + item, "hide-on", random.nextBoolean() ? null : "[" + quoted(one(KINDS)) + "]");
            case 6, 7, 8 ->
                operation("move", "item:" + item, "\"to\":\"menu:main\",\"before\":\"item:" + one(items()) + "\"");
            case 9 -> operation("wrap", "item:" + item, "\"count\":1,\"heading\":" + quoted(one(WORDS)));
            case 10 -> operation("unwrap", "section:main/" + random.nextInt(6), "\"x\":1");
            case 11 -> operation("copy", random.nextBoolean() ? "item:" + item : "screen:" + screen, "\"x\":1");
            case 12 -> operation("drop", "item:" + item, "\"x\":1");
            case 13 -> operation("drop", "screen:" + screen, "\"x\":1");
            case 14 -> operation("rename", "screen:" + screen, "\"to\":\"s" + fresh++ + "\"");
            case 15 ->
                operation(
                        "rename",
                        random.nextBoolean() ? "item:" + item : "fact:" + one(keys("facts")),
                        "\"to\":\"n" + fresh++ + "\"");
            case 16 ->
                "{\"do\":\"add\",\"to\":\"screens\",\"key\":\"s" + fresh++ + "\",\"value\":{\"icon\":\"anchor\"}}";
            case 17 ->
                "{\"do\":\"add\",\"to\":\"menu:main\",\"value\":{\"screen\":\"" + screen + "\",\"id\":\"n" + fresh++
                        + "\"}}";
            case 18 -> put("screen:" + screen, "title", quoted(one(WORDS)));
            case 19 -> put("screen:" + screen, "under", random.nextBoolean() ? null : quoted(one(keys("screens"))));
            case 20 ->
                "{\"do\":\"add\",\"to\":\"rows:" + screen + "\",\"value\":{\"title\":" + quoted(one(WORDS)) + "}}";
            case 21 ->
                operation(
                        "move",
                        "row:" + screen + "/" + random.nextInt(4),
                        "\"to\":\"rows:" + screen + "\",\"before\":\"row:" + screen + "/" + random.nextInt(4) + "\"");
            case 22 -> put("bar:main", "forms/" + one(KINDS), quoted(one(FORMS)));
            default ->
                random.nextBoolean()
                        ? put(
                                "theme",
                                one(List.of("light", "dark")) + "/accent",
                                quoted("#" + (100000 + random.nextInt(899999))))
                        : put("motion", "select/duration", Integer.toString(random.nextInt(900)));
        };
    }

    private static String put(String thing, String key, String value) {
        return operation("put", thing, "\"key\":\"" + key + "\"" + (value == null ? "" : ",\"value\":" + value));
    }

    private static String operation(String what, String thing, String rest) {
        return "{\"do\":\"" + what + "\",\"thing\":\"" + thing + "\"," + rest + "}";
    }

    private static String quoted(String text) {
        return "\"" + text.replace("\"", "\\\"") + "\"";
    }

    private String one(List<String> all) {
        return all.isEmpty() ? "none" : all.get(random.nextInt(all.size()));
    }

    private List<String> keys(String catalog) {
        return Json.get(plan, catalog)
                .filter(MapValue.class::isInstance)
                .map(map -> ((MapValue) map)
                        .entries().stream().map(MapValue.Entry::key).toList())
                .orElse(List.of());
    }

    private List<String> items() {
        var out = new ArrayList<String>();
        Json.get(plan, "menus").flatMap(menus -> Json.get(menus, "main")).ifPresent(list -> collect(list, out));
        return out;
    }

    private static void collect(Value list, List<String> out) {
        for (Value line : ((ListValue) list).items()) {
            if (line instanceof TextValue text) {
                out.add(text.text());
            } else if (Json.get(line, "items").isPresent()) {
                collect(Json.get(line, "items").get(), out);
            } else {
                String id = Json.text(line, "id");
                out.add(id.isEmpty() ? Json.text(line, "screen").replaceAll("\\?.*", "") : id);
            }
        }
    }
}
