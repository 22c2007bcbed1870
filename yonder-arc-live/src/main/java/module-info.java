/** The live page: a plan that is changed by hand beside the app, and seen to change. */
module org.yonderarc.live {
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;
    requires transitive org.yonderarc.files;
    requires org.yonderarc.web;
    requires org.eclipse.jetty.server;

    exports org.yonderarc.live;
}
