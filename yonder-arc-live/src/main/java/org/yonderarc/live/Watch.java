package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.util.concurrent.TimeUnit;

/**
 * Notices that a plan's files have changed. It looks at them several times a second, which works on every disk, and at once where the
 * system tells of changes by itself.
 */
final class Watch implements AutoCloseable {
    /** Between two looks, in ms. */
    private static final long PAUSE = 150;
    /** So long a file has to stay as it is before it is read: an editor may be writing. In ms. */
    private static final long SETTLING = 15;
    /** An editor empties a file before it writes it: it is waited for so often. */
    private static final int PATIENCE = 20;

    private final LivePlan plan;
    private final Runnable changed;
    private final WatchService service;
    private final Thread thread;
    private volatile boolean isOver;

    Watch(LivePlan plan, Runnable changed) throws IOException {
        this.plan = plan;
        this.changed = changed;
        this.service = FileSystems.getDefault().newWatchService();
        Path folder = plan.assets().folder();
        register(folder);
        register(folder.resolve("icons"));
        thread = new Thread(this::run, "yonder-watch");
        thread.setDaemon(true);
        thread.start();
    }

    private void register(Path folder) {
        try {
            folder.register(
                    service,
                    StandardWatchEventKinds.ENTRY_CREATE,
                    StandardWatchEventKinds.ENTRY_MODIFY,
                    StandardWatchEventKinds.ENTRY_DELETE);
        } catch (IOException absent) {
            // It is looked at all the same.
            return;
        }
    }

    private void run() {
        while (!isOver) {
            try {
                WatchKey key = service.poll(PAUSE, TimeUnit.MILLISECONDS);
                if (key != null) {
                    key.pollEvents();
                    key.reset();
                }
                if (plan.isOld()) {
                    settle();
                    if (plan.refresh()) {
                        changed.run();
                    }
                }
            } catch (InterruptedException | ClosedWatchServiceException over) {
                return;
            }
        }
    }

    private void settle() throws InterruptedException {
        String before = "";
        for (int i = 0; i < PATIENCE; i++) {
            String seen = FileStamps.stamp(plan.file());
            if (seen.equals(before) && !isEmpty()) {
                return;
            }
            before = seen;
            Thread.sleep(SETTLING);
        }
    }

    private boolean isEmpty() {
        try {
            return Files.size(plan.file()) == 0;
        } catch (IOException absent) {
            return true;
        }
    }

    @Override
    public void close() {
        isOver = true;
        thread.interrupt();
        try {
            service.close();
            thread.join(1000);
        } catch (IOException | InterruptedException alreadyOver) {
            Thread.currentThread().interrupt();
        }
    }
}
