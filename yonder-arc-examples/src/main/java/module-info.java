/** The demo plan, and small programs against the public interfaces. */
module org.yonderarc.examples {
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.files;
    requires transitive org.yonderarc.draw;

    exports org.yonderarc.examples;
}
