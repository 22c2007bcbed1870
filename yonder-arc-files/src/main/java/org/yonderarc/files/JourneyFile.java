package org.yonderarc.files;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.Device;
import org.yonderarc.journey.Journey;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/**
 * Reads journeys: a YAML file with the keys {@code device}, {@code facts} and {@code journeys}, a map from names to
 * lists of legs. A leg has the key {@code do}, a step, and what is expected after it: {@code at}, {@code title},
 * {@code selected}, {@code shown}, {@code hidden}, {@code effect}, {@code back} or {@code refused}.
 */
public final class JourneyFile {
    private final Path file;

    private JourneyFile(Path file) {
        this.file = file;
    }

    /**
     * The journeys of a file, in order.
     *
     * @throws FileTrouble with the place and the reason, if it can't be read
     */
    public static List<Journey> read(Path file) throws FileTrouble {
        SourceText source = SourceText.read(file);
        try {
            return new JourneyFile(file).journeys(map(file, YamlTree.parse(source.text())));
        } catch (ParseTrouble trouble) {
            throw new FileTrouble(
                    file,
                    "line " + trouble.finding().spot().line() + ": "
                            + trouble.finding().message(),
                    trouble.finding().remedy());
        }
    }

    private static MapValue map(Path file, Value value) throws FileTrouble {
        if (value instanceof MapValue map) {
            return map;
        }
        throw new FileTrouble(
                file,
                "line " + value.spot().line() + ": here is " + value.kind() + ", but a map is wanted.",
                "Write \"journeys: { name: [ { do: back, at: tides } ] }\".");
    }

    private FileTrouble trouble(Value at, String reason, String remedy) {
        return new FileTrouble(file, "line " + at.spot().line() + ": " + reason, remedy);
    }

    private List<Journey> journeys(MapValue root) throws FileTrouble {
        for (MapValue.Entry entry : root.entries()) {
            List<String> known = List.of("device", "facts", "journeys");
            if (!known.contains(entry.key())) {
                throw trouble(
                        entry.value(),
                        "there is no key \"" + entry.key() + "\".",
                        Suggestion.sentence(entry.key(), known, "It takes " + Suggestion.choice(known) + "."));
            }
        }
        Device device = Device.PHONE;
        Optional<MapValue.Entry> named = root.entry("device");
        if (named.isPresent()) {
            String id = text(named.get().value());
            device = Device.preset(id)
                    .orElseThrow(() -> trouble(
                            named.get().value(),
                            "there is no device \"" + id + "\".",
                            Suggestion.sentence(
                                    id, Device.presetNames(), "Choose " + Suggestion.choice(Device.presetNames()))));
        }
        var facts = new ArrayList<String>();
        if (root.entry("facts").isPresent()) {
            for (MapValue.Entry fact :
                    map(file, root.entry("facts").get().value()).entries()) {
                facts.add(fact.key() + "=" + text(fact.value()));
            }
        }
        Optional<MapValue.Entry> all = root.entry("journeys");
        if (all.isEmpty()) {
            throw trouble(root, "there are no journeys.", "Write \"journeys: { name: [ { do: back, at: tides } ] }\".");
        }
        var journeys = new ArrayList<Journey>();
        for (MapValue.Entry journey : map(file, all.get().value()).entries()) {
            if (!(journey.value() instanceof ListValue legs)) {
                throw trouble(journey.value(), "a journey is a list of legs.", "Put \"- \" before each leg.");
            }
            var list = new ArrayList<Journey.Leg>();
            for (Value leg : legs.items()) {
                list.add(leg(leg));
            }
            journeys.add(new Journey(journey.key(), device, facts, list));
        }
        return journeys;
    }

    private Journey.Leg leg(Value value) throws FileTrouble {
        if (value instanceof TextValue step) {
            return new Journey.Leg(step.text(), List.of(), value.spot().line());
        }
        String step = "";
        var expected = new ArrayList<Journey.Expectation>();
        for (MapValue.Entry entry : map(file, value).entries()) {
            if (entry.key().equals("do")) {
                step = text(entry.value());
                continue;
            }
            List<String> words =
                    Stream.of(Journey.What.values()).map(Journey.What::word).toList();
            Journey.What what = Stream.of(Journey.What.values())
                    .filter(one -> one.word().equals(entry.key()))
                    .findFirst()
                    .orElseThrow(() -> trouble(
                            entry.value(),
                            "nothing called \"" + entry.key() + "\" can be expected.",
                            Suggestion.sentence(
                                    entry.key(), words, "Write do, or one of " + Suggestion.choice(words))));
            List<Value> values = entry.value() instanceof ListValue list ? list.items() : List.of(entry.value());
            for (Value one : values) {
                expected.add(new Journey.Expectation(what, text(one)));
            }
        }
        return new Journey.Leg(step, expected, value.spot().line());
    }

    private String text(Value value) throws FileTrouble {
        if (value instanceof TextValue text) {
            return text.text();
        }
        if (value instanceof NumberValue number) {
            return NumberValue.plain(number.number());
        }
        if (value instanceof FlagValue flag) {
            return Boolean.toString(flag.on());
        }
        throw trouble(value, "here is " + value.kind() + ", but a text is wanted.", "Write one value.");
    }
}
