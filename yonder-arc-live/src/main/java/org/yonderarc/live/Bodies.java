package org.yonderarc.live;

import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BiConsumer;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.util.Callback;
import org.eclipse.jetty.util.Promise;
import org.eclipse.jetty.util.thread.Invocable;

/** Reads what a request brings, in bounded room and time, without a thread that waits for it. */
final class Bodies {
    /** So long it may take, in s. */
    private static final int TIME = 10;

    /** Of what is larger, nothing is read, in bytes. */
    private static final long DRAINED = 64L << 20;

    private static final byte[] NONE = {};

    private Bodies() {}

    /**
     * Reads all of it, then goes on, on a thread of the server's.
     *
     * @param most so many bytes
     * @param then is given what was read, or why it wasn't
     */
    static void read(Request request, int most, BiConsumer<byte[], Optional<Site.Bad>> then) {
        var executor = request.getComponents().getExecutor();
        if (request.getLength() > DRAINED) {
            then.accept(NONE, Optional.of(tooLarge(most)));
            return;
        }
        var body = new CompletableFuture<byte[]>();
        if (request.getLength() > most) {
            // Whoever still sends hears no answer: what is too large is read to its end, and let go.
            Content.Source.consumeAll(
                    request,
                    Callback.from(
                            () -> body.completeExceptionally(new IOException("too large")),
                            body::completeExceptionally));
        } else {
            Content.Source.asByteArrayAsync(
                    request,
                    most,
                    Promise.Invocable.from(
                            Invocable.InvocationType.NON_BLOCKING, body::complete, body::completeExceptionally));
        }
        body.orTimeout(TIME, TimeUnit.SECONDS)
                .whenCompleteAsync(
                        (read, failed) -> {
                            if (failed == null) {
                                then.accept(read, Optional.empty());
                            } else if (failed instanceof TimeoutException) {
                                then.accept(NONE, Optional.of(new Site.Bad(408, "This came too slowly.")));
                            } else {
                                then.accept(NONE, Optional.of(tooLarge(most)));
                            }
                        },
                        executor);
    }

    private static Site.Bad tooLarge(int most) {
        return new Site.Bad(413, "This is larger than " + (most >> 20) + " MiB.");
    }
}
