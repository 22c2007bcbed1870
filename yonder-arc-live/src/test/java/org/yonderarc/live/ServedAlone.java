package org.yonderarc.live;

import java.nio.file.Path;

/** A server in a process of its own, which can be killed. */
final class ServedAlone {
    private ServedAlone() {}

    public static void main(String[] arguments) throws Exception {
        Path plan = Path.of(arguments[0]);
        try (var live = LiveServer.start(plan, 0, plan.resolveSibling("keys"))) {
            System.out.println(live.address());
            live.await();
        }
    }
}
