/** Painters of scenes, the bundled icons and the bundled font. */
@SuppressWarnings("requires-automatic") // the graph layout library has a name for its module, but no description
module org.yonderarc.draw {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.icons;
    requires org.yonderarc.fonts;
    requires transitive java.desktop;
    requires java.xml;
    requires com.github.weisj.jsvg;
    // Only for maps.
    requires static com.github.vlsi.mxgraph.jgraphx;

    exports org.yonderarc.draw;
}
