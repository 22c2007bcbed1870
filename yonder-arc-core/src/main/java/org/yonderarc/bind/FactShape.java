package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import org.yonderarc.codec.Bounds;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** A fact: its value alone, or a map with more about it. */
final class FactShape {
    /** The value of a fact: its type is that of the value. */
    private static final Codec<FactValue> VALUE = new Codec<>() {
        @Override
        public Optional<FactValue> read(Value value, Context context) {
            if (value instanceof FlagValue flag) {
                return Optional.of(new FactValue.Flag(flag.on()));
            }
            if (value instanceof TextValue) {
                return Codecs.TEXT.read(value, context).map(FactValue.Text::new);
            }
            if (value instanceof NumberValue number && Double.isFinite(number.number())) {
                return Optional.of(new FactValue.Number(number.number()));
            }
            context.wrongType(
                    value, takes(), "Write the value it has until the app tells another, such as 0, false or \"\".");
            return Optional.empty();
        }

        @Override
        public Value write(FactValue value) {
            if (value instanceof FactValue.Flag flag) {
                return Trees.flag(flag.on());
            }
            return value instanceof FactValue.Number number ? Trees.number(number.number()) : Trees.text(value.text());
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.with(
                    Trees.map("type", Trees.texts(List.of("boolean", "number", "string"))),
                    "maxLength",
                    Trees.number(Bounds.TEXT));
        }

        @Override
        public String takes() {
            return "true, false, a finite number or a text";
        }
    };

    static final Shape<Fact> FACT = fact();

    private FactShape() {}

    private static Shape<Fact> fact() {
        var shape = new Shape<Fact>("fact", "A live value that the app tells.");
        var value = shape.required("value", VALUE, Fact::initial, "The value it has until the app tells another.");
        var saved = shape.field(
                "saved",
                Codecs.FLAG,
                Fact::saved,
                true,
                "Whether it is kept in saved states; \"false\" for what another person on the device must not see.");
        return shape.shortForm(value).makes(got -> new Fact(got.id(), got.get(value), got.get(saved)));
    }
}
