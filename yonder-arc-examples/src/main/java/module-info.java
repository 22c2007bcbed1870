/** The demo plan, and small programs against the public interfaces. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"
}) // the terminal library has a name for its module, but no description
module org.yonderarc.examples {
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.files;
    requires transitive org.yonderarc.draw;
    requires org.jline;

    exports org.yonderarc.examples;
}
