/** The bundled icon sets, without a toolkit. */
module org.yonderarc.icons {
    requires transitive org.yonderarc.core;
    requires com.fasterxml.jackson.core;

    exports org.yonderarc.icons;
}
