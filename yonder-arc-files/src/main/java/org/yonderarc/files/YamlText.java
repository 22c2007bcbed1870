package org.yonderarc.files;

import static java.util.stream.Collectors.toList;

import java.util.List;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.api.StreamDataWriter;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import org.snakeyaml.engine.v2.nodes.Tag;
import org.snakeyaml.engine.v2.resolver.CoreScalarResolver;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Writes neutral trees as YAML 1.2: short maps of scalars on one line, everything else in blocks. */
final class YamlText {
    /** Maps with more text than this are written in blocks, as nobody reads longer lines. */
    private static final int LONGEST_FLOW = 96;

    private final CoreScalarResolver resolver = new CoreScalarResolver();

    private YamlText() {}

    static String write(Value root) {
        var settings = DumpSettings.builder()
                .setDefaultFlowStyle(FlowStyle.BLOCK)
                .setWidth(160)
                .setIndent(2)
                .setIndicatorIndent(2)
                .setIndentWithIndicator(true)
                .setSplitLines(false)
                .build();
        var out = new StringBuilder();
        new Dump(settings).dumpNode(new YamlText().node(root, 0), new StreamDataWriter() {
            @Override
            public void write(String text) {
                out.append(text);
            }

            @Override
            public void write(String text, int from, int length) {
                out.append(text, from, from + length);
            }
        });
        return out.toString();
    }

    private Node node(Value value, int depth) {
        if (value instanceof MapValue map) {
            List<NodeTuple> tuples = map.entries().stream()
                    .map(entry -> new NodeTuple(text(entry.key()), node(entry.value(), depth + 1)))
                    .collect(toList());
            return new MappingNode(Tag.MAP, tuples, depth > 0 && isShort(map) ? FlowStyle.FLOW : FlowStyle.BLOCK);
        }
        if (value instanceof ListValue list) {
            List<Node> items =
                    list.items().stream().map(item -> node(item, depth + 1)).collect(toList());
            return new SequenceNode(Tag.SEQ, items, items.isEmpty() ? FlowStyle.FLOW : FlowStyle.BLOCK);
        }
        if (value instanceof TextValue text) {
            return text(text.text());
        }
        if (value instanceof NumberValue number) {
            String plain = NumberValue.plain(number.number());
            return new ScalarNode(resolver.resolve(plain, true), plain, ScalarStyle.PLAIN);
        }
        return value instanceof FlagValue flag
                ? new ScalarNode(Tag.BOOL, Boolean.toString(flag.on()), ScalarStyle.PLAIN)
                : new ScalarNode(Tag.NULL, "null", ScalarStyle.PLAIN);
    }

    /** A text, in quotes where it would be read as something else without. */
    private Node text(String text) {
        boolean plain = resolver.resolve(text, true).equals(Tag.STR);
        return new ScalarNode(Tag.STR, text, plain ? ScalarStyle.PLAIN : ScalarStyle.DOUBLE_QUOTED);
    }

    private static boolean isShort(MapValue map) {
        int length = 0;
        for (MapValue.Entry entry : map.entries()) {
            if (entry.value() instanceof MapValue || entry.value() instanceof ListValue) {
                return false;
            }
            length += entry.key().length()
                    + 4
                    + (entry.value() instanceof TextValue text ? text.text().length() : 5);
        }
        return length <= LONGEST_FLOW;
    }
}
