/** Plans for other programs. */
module org.yonderarc.interchange {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.files;
    // The keywords of Java.
    requires java.compiler;

    exports org.yonderarc.interchange;
}
