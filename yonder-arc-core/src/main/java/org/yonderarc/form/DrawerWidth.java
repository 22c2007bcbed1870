package org.yonderarc.form;

import java.util.List;
import java.util.Optional;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * How wide a drawer is: a number of dp, or a percentage of the window's width.
 *
 * @param dp its width in dp
 * @param share its width as a part of the window's, which goes before the number of dp
 */
record DrawerWidth(double dp, Optional<Double> share) {
    private static final Codec<Double> DP = Codecs.number(DrawerForm.WIDTH);

    private static final Codec<Double> PERCENT = Codecs.parsed(
            "a percentage from 20% to 100%",
            DrawerWidth::parse,
            part -> NumberValue.plain(part * 100) + "%",
            "^[0-9]+(\\.[0-9]+)?%$",
            "Write a percentage such as 70%.");

    static final Codec<DrawerWidth> CODEC = new Codec<>() {
        @Override
        public Optional<DrawerWidth> read(Value value, Context context) {
            return value instanceof TextValue text && text.text().endsWith("%")
                    ? PERCENT.read(value, context)
                            .map(part -> new DrawerWidth(DrawerForm.DEFAULT.width(), Optional.of(part)))
                    : DP.read(value, context).map(dp -> new DrawerWidth(dp, Optional.empty()));
        }

        @Override
        public Value write(DrawerWidth width) {
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

    static DrawerWidth of(DrawerForm form) {
        return new DrawerWidth(form.width(), form.share());
    }

    private static double parse(String percent) {
        double part = Decimals.parse(percent.substring(0, percent.length() - 1))
                        .orElseThrow(() -> new IllegalArgumentException("\"" + percent + "\" is not a percentage"))
                / 100;
        DrawerForm.SHARE.require(part, "the width of a drawer as a part of the window's");
        return part;
    }
}
