package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.BarsOn;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Which bars show on a screen: {@code all}, {@code none}, or a list of ids. */
record BarsOnKind() implements Kind<BarsOn> {
    private enum Word {
        ALL,
        NONE
    }

    private static final Kind<Word> WORD = Kinds.choice(Word.values());
    private static final Kind<List<String>> IDS = Kinds.list(Basics.ID);

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
}
