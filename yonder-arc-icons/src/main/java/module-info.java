/** The bundled icon sets, without a toolkit. */
module org.yonderarc.icons {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires com.fasterxml.jackson.core;

    exports org.yonderarc.icons;
}
