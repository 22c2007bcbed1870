/** Painters of scenes, the bundled icons and the bundled font. */
module org.yonderarc.draw {
    requires transitive org.yonderarc.core;
    requires transitive java.desktop;
    requires java.xml;
    requires com.fasterxml.jackson.core;
    requires com.github.weisj.jsvg;

    exports org.yonderarc.draw;
}
