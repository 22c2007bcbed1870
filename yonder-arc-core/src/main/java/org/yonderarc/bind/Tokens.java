package org.yonderarc.bind;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Colour;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Design tokens, as the Design Tokens Format Module 2025.10 (DTCG) defines them: groups and tokens with {@code $value},
 * aliases such as {@code {brand.teal}}, colours in sRGB and dimensions in px. A px is a dp here.
 */
public final class Tokens {
    /** The keys of a plan below which tokens may be named. */
    private static final Set<String> PLACES = Set.of("theme", "styles", "bars", "menus");

    private final Map<String, Value> raw = new LinkedHashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private Tokens() {}

    /** The plan's tree with each {@code "{name}"} below theme, styles, menus and bars replaced by that token's value. */
    public static MergedTree apply(Value root, Value file) {
        var tokens = new Tokens();
        tokens.collect(file, "");
        if (!(root instanceof MapValue map)) {
            return new MergedTree(root, List.of());
        }
        var entries = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry entry : map.entries()) {
            boolean mayName = PLACES.contains(entry.key());
            entries.add(mayName ? tokens.settled(entry).orElseThrow() : entry);
        }
        return new MergedTree(new MapValue(map.spot(), entries), tokens.findings);
    }

    private void collect(Value value, String path) {
        if (!(value instanceof MapValue group)) {
            return;
        }
        group.entry("$value").ifPresent(entry -> raw.put(path, entry.value()));
        for (MapValue.Entry entry : group.entries()) {
            if (!entry.key().startsWith("$")) {
                collect(entry.value(), path.isEmpty() ? entry.key() : path + "." + entry.key());
            }
        }
    }

    private Optional<MapValue.Entry> settled(MapValue.Entry entry) {
        return settled(entry.value()).map(value -> new MapValue.Entry(entry.key(), entry.keySpot(), value));
    }

    /** The value with its tokens settled; nothing where a token is unknown. */
    private Optional<Value> settled(Value value) {
        if (value instanceof MapValue map) {
            return Optional.of(new MapValue(
                    map.spot(),
                    map.entries().stream()
                            .map(this::settled)
                            .flatMap(Optional::stream)
                            .collect(toList())));
        }
        if (value instanceof ListValue list) {
            return Optional.of(new ListValue(
                    list.spot(),
                    list.items().stream()
                            .map(this::settled)
                            .flatMap(Optional::stream)
                            .collect(toList())));
        }
        return value instanceof TextValue text
                        && name(text.text()).filter(this::mayBeToken).isPresent()
                ? token(text, name(text.text()).get())
                : Optional.of(value);
    }

    /** A label may be a hole alone, {@code {observer}}: what has no dot and is no token is left to the reader. */
    private boolean mayBeToken(String name) {
        return name.indexOf('.') > 0 || raw.containsKey(name);
    }

    private Optional<Value> token(TextValue at, String name) {
        var seen = new HashSet<String>();
        String next = name;
        while (true) {
            Value value = raw.get(next);
            if (value == null) {
                return trouble(
                        at,
                        "There is no token \"" + next + "\".",
                        Suggestion.sentence(next, raw.keySet(), "Add it to the tokens file."));
            }
            Optional<String> alias = value instanceof TextValue text ? name(text.text()) : Optional.empty();
            if (alias.isEmpty()) {
                return plain(value)
                        .<Value>map(found -> found instanceof NumberValue number
                                ? new NumberValue(at.spot(), number.number())
                                : new TextValue(at.spot(), ((TextValue) found).text()))
                        .or(() -> trouble(
                                at,
                                "The token \"" + name + "\" is not a colour in sRGB, a dimension in px or a number.",
                                "Name another token, or write the value itself."));
            }
            if (!seen.add(next)) {
                return trouble(
                        at,
                        "The token \"" + name + "\" leads back to itself.",
                        "Give one of the tokens on the way a value of its own.");
            }
            next = alias.get();
        }
    }

    private Optional<Value> trouble(Value at, String message, String remedy) {
        findings.add(new Finding(Code.UNKNOWN_TOKEN, at.spot(), message, remedy));
        return Optional.empty();
    }

    private static Optional<String> name(String text) {
        boolean braced = text.length() > 2 && text.startsWith("{") && text.indexOf('}') == text.length() - 1;
        return braced ? Optional.of(text.substring(1, text.length() - 1)) : Optional.empty();
    }

    /** The value as a plan writes it. */
    private static Optional<Value> plain(Value value) {
        if (value instanceof NumberValue) {
            return Optional.of(value);
        }
        if (value instanceof TextValue text) {
            return text.text().endsWith("px") ? dimension(text.text()) : Optional.of(value);
        }
        if (!(value instanceof MapValue map)) {
            return Optional.empty();
        }
        boolean isSrgb = map.entry("colorSpace")
                .filter(space ->
                        space.value() instanceof TextValue text && text.text().equals("srgb"))
                .isPresent();
        if (isSrgb && map.entry("components").isPresent()) {
            return colour(
                    map.entry("components").get().value(), number(map, "alpha").orElse(1.0));
        }
        boolean isPx = map.entry("unit")
                .filter(unit ->
                        unit.value() instanceof TextValue text && text.text().equals("px"))
                .isPresent();
        return isPx ? number(map, "value").map(Trees::number) : Optional.empty();
    }

    private static Optional<Value> dimension(String text) {
        OptionalDouble number =
                Decimals.parse(text.substring(0, text.length() - 2).strip());
        return number.isPresent() ? Optional.of(Trees.number(number.getAsDouble())) : Optional.empty();
    }

    private static Optional<Double> number(MapValue map, String key) {
        return map.entry(key)
                .map(MapValue.Entry::value)
                .filter(NumberValue.class::isInstance)
                .map(value -> ((NumberValue) value).number());
    }

    private static Optional<Value> colour(Value components, double alpha) {
        if (!(components instanceof ListValue list) || list.items().size() != 3 || !(alpha >= 0 && alpha <= 1)) {
            return Optional.empty();
        }
        int[] channels = new int[3];
        for (int i = 0; i < 3; i++) {
            if (!(list.items().get(i) instanceof NumberValue number)
                    || !(number.number() >= 0 && number.number() <= 1)) {
                return Optional.empty();
            }
            channels[i] = (int) Math.round(number.number() * 255);
        }
        return Optional.of(Trees.text(new Colour(channels[0], channels[1], channels[2], alpha).css()));
    }
}
