/** Changes of plan files, with a history of them. */
module org.yonderarc.edit {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.files;
    requires org.snakeyaml.engine.v2;

    exports org.yonderarc.edit;
}
