/** The live page: a plan that is changed by hand beside the app, and seen to change. */
@SuppressWarnings(
        "requires-automatic") // the library that reads repositories has a name for its module, but no description
module org.yonderarc.live {
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.draw;
    requires transitive org.yonderarc.files;
    requires org.yonderarc.edit;
    requires org.yonderarc.tasks;
    requires org.yonderarc.web;
    requires org.eclipse.jetty.server;
    requires org.eclipse.jetty.websocket.server;
    requires org.eclipse.jgit;

    exports org.yonderarc.live;
}
