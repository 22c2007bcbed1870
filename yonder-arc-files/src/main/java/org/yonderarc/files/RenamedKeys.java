package org.yonderarc.files;

import static java.util.stream.Collectors.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/**
 * The keys and words that had another name in earlier versions. A plan that is written in those is read as if it were written in those of today,
 * and a finding with a fix tells each.
 */
final class RenamedKeys {
    private static final String BAR = "/bars/\\d+";
    private static final String FORM = BAR + "(/forms/[^/]+)?";
    private static final String ITEM = "/menus/[^/]+/\\d+(/items/\\d+)?";
    private static final String STYLE = "(/styles/[^/]+|/theme/style|(" + ITEM + "|" + FORM + "(/overflow)?)/style)";
    private static final String SHOWN = "(" + ITEM + "|" + BAR + ")";
    private static final String PERSON = FORM + "(/profile|/header|/overflow/profile)";

    /** Keys by their old name; where they stand is told by the JSON Pointer of their map, in the names of today. */
    private static final Map<String, List<Rename>> KEYS = table(Stream.of(
            key("", "kinds", "device-kinds"),
            key("/app", "texts", "text-files"),
            key("/app", "links", "link-schemes"),
            key("/app", "says", "built-in-texts"),
            key("/theme", "icons", "icon-set"),
            key("/theme", "tokens", "token-file"),
            key(STYLE, "ground", "background"),
            key(STYLE, "badge-at", "badge-position"),
            key(STYLE + "/indicator", "along", "length"),
            key(STYLE + "/background", "edge", "border"),
            key(".*/through/\\d+", "at", "offset"),
            key("/motion", "screens", "transition"),
            key("/devices/[^/]+", "scale", "pixel-ratio"),
            key("/screens/[^/]+/wireframe/rows/\\d+", "to", "screen"),
            key(ITEM, "goes", "navigates"),
            key(ITEM, "opens", "open-in"),
            key(ITEM, "tells", "sets"),
            key(ITEM, "short", "short-label"),
            key(ITEM, "spoken", "spoken-label"),
            key(ITEM, "each", "repeat"),
            key(ITEM, "most", "max-items"),
            key(ITEM, "every", "all-screens"),
            key(ITEM, "folds", "collapsible"),
            key(ITEM + "/all-screens", "without", "except"),
            key(ITEM + "/badge", "style", "kind"),
            key(SHOWN, "on", "show-on"),
            key(SHOWN, "off", "hide-on"),
            key(SHOWN, "min-width", "min-window-width"),
            key(SHOWN, "max-width", "max-window-width"),
            key(BAR, "spoken", "spoken-label"),
            key(BAR, "first", "default-item"),
            key(FORM, "most", "max-items"),
            key(FORM, "icons", "icon-position"),
            key(FORM, "scrolling", "on-scroll"),
            key(FORM, "items", "align-items"),
            key(FORM, "line", "border"),
            key(FORM, "align", "align-title"),
            key(FORM, "title", "title-shows"),
            key(FORM, "below", "own-row"),
            key(FORM, "widths", "item-widths"),
            key(FORM, "edge", "side"),
            key(FORM, "logo", "show-logo"),
            key(FORM, "collapsed", "collapsed-width"),
            key(FORM, "share", "width"),
            key(FORM, "screens", "on-screens"),
            key(FORM + "(/overflow)?", "tiles", "layout"),
            key(FORM, "at", "position"),
            key(FORM + "/floating", "lower", "bottom-offset"),
            key(FORM + "/floating", "widest", "max-width"),
            key(FORM + "/floating", "over", "over-content"),
            key(FORM + "/filter", "label", "placeholder"),
            key(FORM + "/beneath", "share", "shift"),
            key(FORM + "/overflow", "after", "items-before"),
            key(FORM + "/overflow", "opens", "presentation"),
            key(PERSON, "photo", "photo-fact")));

    /** Words by what they were; where they stand is told by the pointer of the value. */
    private static final Map<String, List<Rename>> WORDS = table(Stream.of(
            key(ITEM + "/collapsible", "folded", "collapsed"),
            key(ITEM + "/open-in", "inside", "app"),
            key(FORM + "/on-scroll", "stays", "stay"),
            key(FORM + "/on-scroll", "leaves", "hide"),
            key(FORM + "/opens", "kept", "always"),
            key("/accepted/\\d+/code", "no-twin", "no-filled-icon")));

    private static final Pattern WIDTH = Pattern.compile(FORM + "/width");

    private record Rename(Pattern where, String old, String now) {}

    private final Map<String, Finding> findings = new LinkedHashMap<>();
    private final Map<String, String> pointers = new HashMap<>();

    private final boolean isJson;

    private RenamedKeys(boolean isJson) {
        this.isJson = isJson;
    }

    private static Rename key(String where, String old, String now) {
        return new Rename(Pattern.compile(where), old, now);
    }

    private static Map<String, List<Rename>> table(Stream<Rename> renames) {
        var table = new HashMap<String, List<Rename>>();
        renames.forEach(one ->
                table.computeIfAbsent(one.old(), any -> new ArrayList<>()).add(one));
        return table;
    }

    /**
     * The plan in the names of today, and a finding for each that is old.
     *
     * @param isJson whether it is written in JSON, where every text has quotes
     */
    static PlanTree today(Value root, boolean isJson) {
        if (!isOld(root)) {
            return new PlanTree(root, List.of());
        }
        var run = new RenamedKeys(isJson);
        Value renamed = run.value(root, "");
        Value accepted = run.accepted(renamed);
        return new PlanTree(accepted, List.copyOf(run.findings.values()));
    }

    /** The key of a text in a file of translations. */
    static String textKey(String old) {
        return old.startsWith("says.")
                ? "built-in-texts" + old.substring("says".length())
                : old.endsWith(".short") || old.endsWith(".spoken") ? old + "-label" : old;
    }

    /** Whether something in a tree has an old name: most plans have none, and are looked through without being copied. */
    private static boolean isOld(Value value) {
        String pointer = value.spot().pointer();
        if (value instanceof MapValue map) {
            for (MapValue.Entry entry : map.entries()) {
                if (now(KEYS, entry.key(), pointer).isPresent() || isOld(entry.value())) {
                    return true;
                }
            }
            return false;
        }
        return value instanceof ListValue list
                ? list.items().stream().anyMatch(RenamedKeys::isOld)
                : value instanceof TextValue text
                        && now(WORDS, text.text(), pointer).isPresent();
    }

    private static Optional<String> now(Map<String, List<Rename>> table, String old, String pointer) {
        List<Rename> renames = table.get(old);
        return renames == null
                ? Optional.empty()
                : renames.stream()
                        .filter(one -> one.where().matcher(pointer).matches())
                        .map(Rename::now)
                        .findFirst();
    }

    private Value value(Value value, String pointer) {
        Spot spot = moved(value.spot(), pointer);
        if (value instanceof MapValue map) {
            var entries = new ArrayList<MapValue.Entry>();
            for (MapValue.Entry entry : map.entries()) {
                entries.add(entry(entry, pointer));
            }
            return new MapValue(spot, entries);
        }
        if (value instanceof ListValue list) {
            var items = new ArrayList<Value>();
            for (int i = 0; i < list.items().size(); i++) {
                items.add(value(list.items().get(i), pointer + "/" + i));
            }
            return new ListValue(spot, items);
        }
        if (value instanceof TextValue text) {
            Optional<String> now = now(WORDS, text.text(), pointer);
            now.ifPresent(word -> told(spot, text.text(), word));
            return new TextValue(spot, now.orElse(text.text()));
        }
        return value instanceof NumberValue number
                ? new NumberValue(spot, number.number())
                : value instanceof FlagValue flag ? new FlagValue(spot, flag.on()) : new NullValue(spot);
    }

    private MapValue.Entry entry(MapValue.Entry entry, String pointer) {
        Optional<String> now = now(KEYS, entry.key(), pointer);
        String key = now.orElse(entry.key());
        String inner = JsonPointer.child(pointer, key);
        now.ifPresent(name -> {
            told(entry.keySpot(), entry.key(), name);
            pointers.put(entry.value().spot().pointer(), inner);
        });
        boolean isShare = entry.key().equals("share") && WIDTH.matcher(inner).matches();
        Value value = isShare && entry.value() instanceof NumberValue share
                ? percent(share, inner)
                : value(entry.value(), inner);
        return new MapValue.Entry(key, moved(entry.keySpot(), inner), value);
    }

    /** A share of the window's width, from 0 to 1, is a percentage today. */
    private Value percent(NumberValue share, String pointer) {
        String percent = NumberValue.plain(share.number() * 100) + "%";
        Spot spot = moved(share.spot(), pointer);
        told(spot, NumberValue.plain(share.number()), isJson ? "\"" + percent + "\"" : percent);
        return new TextValue(spot, percent);
    }

    private static Spot moved(Spot spot, String pointer) {
        return new Spot(pointer, spot.line(), spot.column(), spot.length());
    }

    private void told(Spot spot, String old, String now) {
        findings.putIfAbsent(
                spot.line() + ":" + spot.column(),
                new Finding(
                        Code.RENAMED_KEY,
                        spot,
                        "\"" + old + "\" is called \"" + now.replace("\"", "") + "\" now.",
                        "Write \"" + now.replace("\"", "") + "\"; `yonder check --fix` rewrites all of them.",
                        Optional.of(new Finding.Fix(old, now))));
    }

    /** What is accepted is named by JSON Pointers, which have the old names in them too. */
    private Value accepted(Value root) {
        if (!(root instanceof MapValue map)
                || !(map.entry("accepted").map(MapValue.Entry::value).orElse(root) instanceof ListValue list)) {
            return root;
        }
        var items = new ArrayList<Value>();
        for (Value item : list.items()) {
            items.add(item instanceof MapValue one ? replaced(one, "at", this::pointer) : item);
        }
        return replaced(map, "accepted", any -> new ListValue(list.spot(), items));
    }

    private Value pointer(Value at) {
        if (!(at instanceof TextValue text)) {
            return at;
        }
        String now = "";
        String old = "";
        for (String part : text.text().split("/", -1)) {
            if (!part.isEmpty()) {
                old = old + "/" + part;
                now = pointers.getOrDefault(old, now + "/" + part);
            }
        }
        if (now.equals(text.text())) {
            return at;
        }
        told(text.spot(), text.text(), now);
        return new TextValue(text.spot(), now);
    }

    private static MapValue replaced(MapValue map, String key, UnaryOperator<Value> with) {
        return new MapValue(
                map.spot(),
                map.entries().stream()
                        .map(entry -> entry.key().equals(key)
                                ? new MapValue.Entry(key, entry.keySpot(), with.apply(entry.value()))
                                : entry)
                        .collect(toList()));
    }
}
