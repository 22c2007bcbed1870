/** The heart of Yonder Arc: pure functions on immutable values, on {@code java.base} alone. */
module org.yonderarc.core {
    exports org.yonderarc.tree;
    exports org.yonderarc.finding;
    exports org.yonderarc.plan;
    exports org.yonderarc.bind;
    exports org.yonderarc.check;
    exports org.yonderarc.build;
    exports org.yonderarc.walk;
    exports org.yonderarc.navigator;
    exports org.yonderarc.fit;
    exports org.yonderarc.journey;
    exports org.yonderarc.layout;
    exports org.yonderarc.scene;
    exports org.yonderarc.view;
    exports org.yonderarc.motion;
    exports org.yonderarc.sheet;
}
