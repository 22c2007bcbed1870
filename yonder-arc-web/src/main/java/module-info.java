/** The one-file page: a prototype to click, to send and to keep. */
module org.yonderarc.web {
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;
    requires transitive org.yonderarc.files;

    exports org.yonderarc.web;
}
