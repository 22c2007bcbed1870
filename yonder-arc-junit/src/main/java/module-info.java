/** Journeys and golden pictures as tests of JUnit 5. */
module org.yonderarc.junit {
    requires static org.jspecify;
    requires transitive org.yonderarc.core;
    requires transitive org.yonderarc.files;
    requires transitive org.yonderarc.draw;
    requires transitive org.junit.jupiter.api;

    exports org.yonderarc.junit;
}
