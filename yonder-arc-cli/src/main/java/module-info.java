/** The yonder command. */
@SuppressWarnings("requires-automatic") // the library that compares lines has a name for its module, but no description
module org.yonderarc.cli {
    requires org.yonderarc.core;
    requires org.yonderarc.files;
    requires org.yonderarc.interchange;
    requires org.yonderarc.edit;
    requires org.yonderarc.draw;
    requires org.yonderarc.tasks;
    requires org.yonderarc.live;
    requires java.desktop;
    requires info.picocli;
    requires io.github.javadiffutils;
    requires java.logging;

    opens org.yonderarc.cli to
            info.picocli;
}
