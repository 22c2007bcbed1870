/** A Swing host of the navigator: bars painted by the scene, around an app's own panels. */
module org.yonderarc.desktop {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;

    exports org.yonderarc.desktop;
}
