/**
 * The heart of Yonder Arc: pure functions on immutable values, on {@code java.base} alone.
 *
 * <p><b>For those who write plans and apps:</b> {@link org.yonderarc.plan plan}, {@link org.yonderarc.build build},
 * {@link org.yonderarc.check check} with {@link org.yonderarc.finding finding}, {@link org.yonderarc.walk walk},
 * {@link org.yonderarc.navigator navigator}, {@link org.yonderarc.journey journey}, {@link org.yonderarc.fit fit},
 * {@link org.yonderarc.sheet sheet}.
 *
 * <p><b>For those who write hosts,</b> painters of scenes or readers of other files: {@link org.yonderarc.view view},
 * {@link org.yonderarc.layout layout}, {@link org.yonderarc.scene scene}, {@link org.yonderarc.motion motion}, {@link org.yonderarc.stage stage},
 * {@link org.yonderarc.bind bind}, {@link org.yonderarc.tree tree}.
 *
 * <p>What is in neither, as the homes of forms and the codecs of keys, is not exported.
 */
module org.yonderarc.core {
    requires static org.jspecify;

    // For those who write plans and apps.
    exports org.yonderarc.plan;
    exports org.yonderarc.build;
    exports org.yonderarc.check;
    exports org.yonderarc.finding;
    exports org.yonderarc.walk;
    exports org.yonderarc.navigator;
    exports org.yonderarc.journey;
    exports org.yonderarc.fit;
    exports org.yonderarc.sheet;

    // For those who write hosts, painters or readers.
    exports org.yonderarc.view;
    exports org.yonderarc.layout;
    exports org.yonderarc.scene;
    exports org.yonderarc.motion;
    exports org.yonderarc.stage;
    exports org.yonderarc.bind;
    exports org.yonderarc.tree;
}
