package org.yonderarc.live;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.tree.MapValue;

/** A live server with a plan of its own for each test. */
abstract class LiveServerFixture {
    @TempDir
    Path folder;

    Served served;

    @BeforeEach
    void serve() throws Exception {
        served = new Served(folder, Served.PLAN);
    }

    @AfterEach
    void end() {
        served.close();
    }

    static boolean flag(MapValue map, String key) {
        return ((org.yonderarc.tree.FlagValue) Json.get(map, key).orElseThrow()).on();
    }

    static double number(MapValue map, String key) {
        return ((org.yonderarc.tree.NumberValue) Json.get(map, key).orElseThrow()).number();
    }
}
