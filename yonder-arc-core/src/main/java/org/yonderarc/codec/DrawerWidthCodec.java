package org.yonderarc.codec;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.DrawerForm.Width;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Reads and writes how wide a drawer is: a number of dp, or a percentage of the window's width. */
public final class DrawerWidthCodec {
    private static final Codec<Double> DP = Codecs.number(Width.DP);

    private static final Codec<Double> PERCENT = Codecs.parsed(
            "a percentage from 20% to 100%",
            DrawerWidthCodec::parse,
            part -> NumberValue.plain(part * 100) + "%",
            "^[0-9]+(\\.[0-9]+)?%$",
            "Write a percentage such as 70%.");

    /** The codec. */
    public static final Codec<Width> CODEC = new Codec<>() {
        @Override
        public Optional<Width> read(Value value, Context context) {
            return value instanceof TextValue text && text.text().endsWith("%")
                    ? PERCENT.read(value, context).map(part -> new Width(Width.DEFAULT.dp(), Optional.of(part)))
                    : DP.read(value, context).map(Width::dp);
        }

        @Override
        public Value write(Width width) {
            return width.share().map(PERCENT::write).orElseGet(() -> DP.write(width.dp()));
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map("anyOf", Trees.list(List.of(DP.schema(definitions), PERCENT.schema(definitions))));
        }

        @Override
        public String takes() {
            return DP.takes() + ", or " + PERCENT.takes();
        }
    };

    private DrawerWidthCodec() {}

    private static double parse(String percent) {
        double part = Decimals.parse(percent.substring(0, percent.length() - 1))
                        .orElseThrow(() -> new IllegalArgumentException("\"" + percent + "\" is not a percentage"))
                / 100;
        Width.SHARE.require(part, "the width of a drawer as a part of the window's");
        return part;
    }
}
