package org.yonderarc.build;

import java.util.function.Consumer;

/** Builders that a lambda fills: one expression of calls, or a block of them. */
final class Defined {
    private Defined() {}

    static <B> B by(B builder, Consumer<? super B> define) {
        define.accept(builder);
        return builder;
    }
}
