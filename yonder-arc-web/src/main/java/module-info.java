/** The one-file page: a prototype to click, to send and to keep. */
@SuppressWarnings("requires-automatic") // the graph layout library has a name for its module, but no description
module org.yonderarc.web {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;
    requires transitive org.yonderarc.files;

    // The page has a map, which is laid out with it.
    requires com.github.vlsi.mxgraph.jgraphx;

    exports org.yonderarc.web;
}
