package org.yonderarc.live;

import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** Lets so many in at once; others wait for a while, and are sent away then. */
final class ConcurrencyLimit {
    /** So long, in s. */
    private static final int PATIENCE = 10;

    private final Semaphore free;

    ConcurrencyLimit(int most) {
        free = new Semaphore(most, true);
    }

    <T> T alone(Callable<T> work) throws Exception {
        if (!free.tryAcquire(PATIENCE, TimeUnit.SECONDS)) {
            throw new Site.Bad(503, "The server is busy with other requests. Try again.");
        }
        try {
            return work.call();
        } finally {
            free.release();
        }
    }
}
