package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.plan.BarsOn;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Which bars show on a screen: {@code all}, {@code none}, or a list of ids. */
record BarsOnCodec() implements Codec<BarsOn> {
    private enum Word {
        ALL,
        NONE
    }

    private static final Codec<Word> WORD = Codecs.choice(Word.values());
    private static final Codec<List<String>> IDS = Codecs.list(PlanCodecs.name(Noun.BAR));

    @Override
    public Optional<BarsOn> read(Value value, Context context) {
        return value instanceof ListValue
                ? IDS.read(value, context).map(only -> new BarsOn(false, only))
                : WORD.read(value, context).map(word -> word == Word.ALL ? BarsOn.ALL : BarsOn.NONE);
    }

    @Override
    public Value write(BarsOn value) {
        if (value.all()) {
            return WORD.write(Word.ALL);
        }
        return value.only().isEmpty() ? WORD.write(Word.NONE) : IDS.write(value.only());
    }

    @Override
    public Value schema(Definitions definitions) {
        return Trees.map("anyOf", Trees.list(List.of(WORD.schema(definitions), IDS.schema(definitions))));
    }

    @Override
    public String takes() {
        return "`all`, `none` or a list of ids";
    }

    @Override
    public void visit(BarsOn value, String pointer, Mentions to) {
        IDS.visit(value.only(), pointer, to);
    }
}
