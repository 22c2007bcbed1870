package org.yonderarc.bind;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Fields;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Which items of a bar stand first: a list of ids, or one for each device kind. */
record OrderCodec() implements Codec<Map<String, List<String>>> {
    private static final Codec<List<String>> IDS = Codecs.list(PlanCodecs.name(Noun.ITEM));

    @Override
    public Optional<Map<String, List<String>>> read(Value value, Context context) {
        if (value instanceof ListValue) {
            return IDS.read(value, context).map(ids -> ids.isEmpty() ? Map.of() : Map.of(Bar.ANY_KIND, ids));
        }
        if (!(value instanceof MapValue map)) {
            context.wrongType(value, takes(), "Write \"[ crew, map ]\", or \"{ phone: [ crew, map ] }\".");
            return Optional.empty();
        }
        var order = new LinkedHashMap<String, List<String>>();
        for (MapValue.Entry entry : new Fields(map, context).byId("device kind")) {
            IDS.read(entry.value(), context).ifPresent(ids -> order.put(entry.key(), ids));
        }
        return Optional.of(order);
    }

    @Override
    public Value write(Map<String, List<String>> order) {
        if (order.containsKey(Bar.ANY_KIND)) {
            return IDS.write(order.get(Bar.ANY_KIND));
        }
        var out = new LinkedHashMap<String, Value>();
        order.forEach((kind, ids) -> out.put(kind, IDS.write(ids)));
        return Trees.map(out);
    }

    @Override
    public Value schema(Definitions definitions) {
        Value each = Trees.with(
                Trees.with(Trees.type("object"), "additionalProperties", IDS.schema(definitions)),
                "propertyNames",
                Trees.map("pattern", Trees.text(CatalogCodec.ID_PATTERN)));
        return Trees.map("anyOf", Trees.list(List.of(IDS.schema(definitions), each)));
    }

    @Override
    public String takes() {
        return "a list of ids, or one for each device kind";
    }

    @Override
    public void visit(Map<String, List<String>> order, String pointer, Mentions to) {
        order.forEach((kind, ids) -> {
            boolean isAny = kind.equals(Bar.ANY_KIND);
            String at = isAny ? pointer : JsonPointer.child(pointer, kind);
            if (!isAny) {
                to.name(Noun.KIND, kind, at);
            }
            IDS.visit(ids, at, to);
        });
    }
}
