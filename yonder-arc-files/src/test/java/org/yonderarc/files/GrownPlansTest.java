package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.check.IconNames;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * Plans grown out of one with every key: values at the ends of what is allowed, keys that go, lists that get longer, one form where
 * another was. Whatever the reader takes is checked, drawn, moved and touched on every device, and nothing throws, no box is infinite.
 */
class GrownPlansTest {
    /** So many plans; more with -Dyonder.grown=50000. */
    private static final int PLANS = Integer.getInteger("yonder.grown", 80);

    private static final double[] NUMBERS = {
        -4000, -160, -64, -8, -1, 0, 0.01, 0.5, 1, 2, 3, 8, 16, 47.9, 48, 64, 100, 160, 240, 400, 999, 1500, 4000,
        100_000
    };

    private final List<String> words = new ArrayList<>();

    @Test
    void whateverIsAllowedIsDrawn() throws Exception {
        String text;
        try (var in = GrownPlansTest.class.getResourceAsStream("everything.yaml")) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        Value whole = YamlTree.parse(text);
        collect(whole);
        int drawn = 0;
        Value tree = whole;
        for (int seed = 0; seed < PLANS; seed++) {
            var random = new Random(seed);
            // What is allowed grows on; now and then it begins anew.
            tree = random.nextInt(30) == 0 ? whole : tree;
            Value next = changed(tree, random, size(tree));
            String grown = YamlText.write(next);
            try {
                Optional<Plan> plan = PlanFile.read(new SourceText("grown.yaml", grown), IconNames.ANY)
                        .plan();
                if (plan.isPresent()) {
                    tree = next;
                    show(plan.get(), random);
                    drawn++;
                }
            } catch (RuntimeException | AssertionError failed) {
                throw new AssertionError("seed " + seed + "\n" + grown, failed);
            }
        }
        assertTrue(drawn > PLANS / 4, "of " + PLANS + " plans " + drawn + " were allowed");
    }

    private void collect(Value value) {
        if (value instanceof MapValue map) {
            map.entries().forEach(entry -> collect(entry.value()));
        } else if (value instanceof ListValue list) {
            list.items().forEach(this::collect);
        } else if (value instanceof TextValue word && word.text().matches("[a-z-]{1,12}")) {
            words.add(word.text());
        }
    }

    private static int size(Value value) {
        if (value instanceof MapValue map) {
            return 1
                    + map.entries().stream()
                            .mapToInt(entry -> size(entry.value()))
                            .sum();
        }
        return value instanceof ListValue list
                ? 1 + list.items().stream().mapToInt(GrownPlansTest::size).sum()
                : 1;
    }

    /** The tree with one of its values changed; each is as likely. */
    private Value changed(Value value, Random random, int size) {
        int at = random.nextInt(size);
        if (at == 0) {
            return other(value, random);
        }
        int seen = 1;
        if (value instanceof MapValue map) {
            var entries = new ArrayList<MapValue.Entry>();
            for (MapValue.Entry entry : map.entries()) {
                int inner = size(entry.value());
                boolean isHere = at >= seen && at < seen + inner;
                seen += inner;
                if (!isHere) {
                    entries.add(entry);
                } else if (random.nextInt(12) > 0) {
                    entries.add(
                            new MapValue.Entry(entry.key(), entry.keySpot(), changed(entry.value(), random, inner)));
                }
            }
            return new MapValue(map.spot(), entries);
        }
        var items = new ArrayList<Value>();
        for (Value item : ((ListValue) value).items()) {
            int inner = size(item);
            boolean isHere = at >= seen && at < seen + inner;
            seen += inner;
            items.add(isHere ? changed(item, random, inner) : item);
        }
        return Trees.list(items);
    }

    private Value other(Value value, Random random) {
        if (value instanceof NumberValue number) {
            return Trees.number(random.nextInt(4) == 0 ? number.number() * 2 : NUMBERS[random.nextInt(NUMBERS.length)]);
        }
        if (value instanceof TextValue) {
            return Trees.text(words.get(random.nextInt(words.size())));
        }
        if (value instanceof org.yonderarc.tree.FlagValue flag) {
            return Trees.flag(!flag.on());
        }
        if (value instanceof ListValue list && !list.items().isEmpty()) {
            var items = new ArrayList<>(list.items());
            if (random.nextBoolean()) {
                items.remove(random.nextInt(items.size()));
            } else {
                items.add(items.get(random.nextInt(items.size())));
            }
            return Trees.list(items);
        }
        return value;
    }

    private static void show(Plan plan, Random random) {
        var walk = Walk.of(plan);
        List<Device> devices = Device.presets(plan);
        Device device = devices.get(random.nextInt(devices.size()));
        if (random.nextBoolean()) {
            device = device.resized(240 + random.nextInt(900), 240 + random.nextInt(900))
                    .withText(0.8 + random.nextInt(23) / 10.0);
        }
        var state = new State[] {walk.start()};
        var stage = new Stage[1];
        var now = new double[1];
        stage[0] = new Stage(walk, state[0], Surroundings.of(device), new PlainMeasure(), step -> {
            var change = walk.step(state[0], step);
            state[0] = change.after();
            stage[0].changed(change, now[0]);
            return change.moved();
        });
        List<Item> items = plan.items().toList();
        for (int i = 0; i < 12; i++) {
            now[0] += random.nextInt(300);
            switch (random.nextInt(4)) {
                case 0 -> {
                    if (!items.isEmpty()) {
                        var step = new Step.Choose(
                                items.get(random.nextInt(items.size())).id());
                        var change = walk.step(state[0], step);
                        state[0] = change.after();
                        stage[0].changed(change, now[0]);
                    }
                }
                case 1 ->
                    stage[0].take(new Input.Down(0, random.nextInt(400), random.nextInt(800), true, true), now[0]);
                case 2 -> stage[0].take(new Input.Up(0, random.nextInt(400), random.nextInt(800)), now[0]);
                default -> {
                    List<String> order = stage[0].tree().order();
                    if (!order.isEmpty()) {
                        stage[0].take(new Input.Choose(order.get(random.nextInt(order.size()))), now[0]);
                    }
                }
            }
            finite(stage[0].scene(now[0]).nodes());
            finite(stage[0].still().nodes());
            Place place = walk.shown(state[0]);
            assertTrue(plan.screens().find(place.screen()).isPresent());
        }
    }

    private static void finite(List<SceneNode> nodes) {
        for (SceneNode node : nodes) {
            node.box().ifPresent(box -> assertTrue(isFinite(box), () -> node.key() + " is at " + box));
            if (node instanceof SceneNode.Group group) {
                finite(group.children());
            }
        }
    }

    private static boolean isFinite(Box box) {
        return Double.isFinite(box.x() + box.y() + box.width() + box.height());
    }
}
