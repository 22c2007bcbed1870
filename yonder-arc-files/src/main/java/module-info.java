/** Plan files in YAML 1.2 and JSON, and reports about what is in them. */
module org.yonderarc.files {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires org.snakeyaml.engine.v2;
    requires com.fasterxml.jackson.core;
    requires java.xml;

    exports org.yonderarc.files;
}
