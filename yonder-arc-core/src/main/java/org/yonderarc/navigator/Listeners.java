package org.yonderarc.navigator;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * Those who listen. Each is told on the executor what waits for it, in order and one at a time. Whatever one throws, and
 * whatever the executor refuses, the others hear the same, and it hears the next step.
 */
final class Listeners {
    private final Executor executor;
    private final Consumer<RuntimeException> trouble;
    private final List<Ear> all = new ArrayList<>();

    Listeners(Executor executor, Consumer<RuntimeException> trouble) {
        this.executor = executor;
        this.trouble = trouble;
    }

    /** One listener, and what it is still to be told. */
    final class Ear {
        private final Consumer<Observation> listener;
        /** Whether only the newest counts: what came before it was never looked at. */
        private final boolean newestOnly;

        private final ArrayDeque<Observation> waiting = new ArrayDeque<>();
        private boolean busy;

        private Ear(Consumer<Observation> listener, boolean newestOnly) {
            this.listener = listener;
            this.newestOnly = newestOnly;
        }

        void end() {
            synchronized (Listeners.this) {
                all.remove(this);
                waiting.clear();
            }
        }

        private void put(Observation seen) {
            if (newestOnly) {
                waiting.clear();
            }
            waiting.add(seen);
        }
    }

    synchronized Ear add(Consumer<Observation> listener, boolean newestOnly) {
        var ear = new Ear(listener, newestOnly);
        all.add(ear);
        return ear;
    }

    /** Adds an observer of a value: told of the present one first, then of every other one. */
    synchronized <T> Ear observe(Function<Observation, Optional<T>> value, Consumer<T> listener, Observation now) {
        // Only what hears reads and writes it, one at a time.
        var last = new Object() {
            Optional<T> told = Optional.empty();
        };
        Ear ear = add(
                seen -> {
                    Optional<T> is = value.apply(seen);
                    if (is.isPresent() && !is.equals(last.told)) {
                        last.told = is;
                        listener.accept(is.get());
                    }
                },
                true);
        ear.put(now);
        return ear;
    }

    synchronized void tell(Observation seen) {
        all.forEach(ear -> ear.put(seen));
    }

    /** Runs something of the app's on the executor. */
    void run(Runnable task) {
        try {
            executor.execute(() -> {
                try {
                    task.run();
                } catch (RuntimeException thrown) {
                    trouble.accept(thrown);
                }
            });
        } catch (RuntimeException refused) {
            trouble.accept(refused);
        }
    }

    /** Lets every listener hear what waits for it, unless it is being told something already. */
    void drain() {
        List<Ear> now;
        synchronized (this) {
            now = all.stream()
                    .filter(ear -> !ear.busy && !ear.waiting.isEmpty())
                    .collect(toList());
            now.forEach(ear -> ear.busy = true);
        }
        Error worst = null;
        for (Ear ear : now) {
            try {
                executor.execute(() -> hear(ear));
            } catch (RuntimeException refused) {
                rest(ear);
                trouble.accept(refused);
            } catch (Error thrown) {
                rest(ear);
                worst = thrown;
            }
        }
        if (worst != null) {
            throw worst;
        }
    }

    private synchronized void rest(Ear ear) {
        ear.busy = false;
    }

    private void hear(Ear ear) {
        boolean done = false;
        try {
            while (true) {
                Observation next;
                synchronized (this) {
                    next = ear.waiting.poll();
                    if (next == null) {
                        ear.busy = false;
                        done = true;
                        return;
                    }
                }
                try {
                    ear.listener.accept(next);
                } catch (RuntimeException thrown) {
                    trouble.accept(thrown);
                }
            }
        } finally {
            if (!done) {
                rest(ear);
            }
        }
    }
}
