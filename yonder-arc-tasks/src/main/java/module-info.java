/** What the command does, as a library. */
module org.yonderarc.tasks {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;
    requires transitive org.yonderarc.files;
    requires org.yonderarc.interchange;
    requires org.yonderarc.web;

    exports org.yonderarc.tasks;
}
