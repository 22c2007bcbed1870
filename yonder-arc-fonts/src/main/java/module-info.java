/** The files of the bundled fonts. */
module org.yonderarc.fonts {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;

    exports org.yonderarc.fonts;
}
