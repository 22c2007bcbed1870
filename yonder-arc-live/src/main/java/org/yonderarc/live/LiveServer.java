package org.yonderarc.live;

import java.io.IOException;
import java.net.BindException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.eclipse.jetty.server.HttpConfiguration;
import org.eclipse.jetty.server.HttpConnectionFactory;
import org.eclipse.jetty.server.Server;
import org.eclipse.jetty.server.ServerConnector;
import org.eclipse.jetty.util.thread.QueuedThreadPool;
import org.eclipse.jetty.websocket.server.ServerWebSocketContainer;
import org.yonderarc.files.FileException;

/**
 * Serves a plan as a page that shows every change of it, and lets people change it beside the app. Reached from this machine only, by
 * those who have its address.
 *
 * <pre>{@code
 * try (var live = LiveServer.start(Path.of("brinelight.yaml"), LiveServer.PORT, keys)) {
 *     System.out.println(live.address());
 *     live.await();
 * }
 * }</pre>
 */
public final class LiveServer implements AutoCloseable {
    /** The port that is tried first. */
    public static final int PORT = 7340;

    /** So many ports behind the first one are tried. */
    private static final int TRIES = 20;

    private static final int THREADS = 24;
    /** Between two signs of life to each page, in s. */
    private static final int BEAT = 10;

    private final Server server;
    private final Watch watch;
    private final Site site;
    private final Pages pages;
    private final ScheduledExecutorService beats;
    private final CountDownLatch over = new CountDownLatch(1);
    private final URI address;
    private final int port;

    private LiveServer(Server server, Watch watch, Site site, Pages pages, URI address, int port) {
        this.server = server;
        this.watch = watch;
        this.site = site;
        this.pages = pages;
        this.address = address;
        this.port = port;
        this.beats = Executors.newSingleThreadScheduledExecutor(work -> {
            var thread = new Thread(work, "yonder-beat");
            thread.setDaemon(true);
            return thread;
        });
        beats.scheduleAtFixedRate(pages::beat, BEAT, BEAT, TimeUnit.SECONDS);
    }

    /**
     * Starts to serve a plan, at a port or, where that is taken, at one of those behind it. The plan may have errors; the page shows
     * them.
     *
     * @param port 1 to 65535, or 0 for any that is free
     * @param keys the folder with the key from which addresses are made, so that they stay from start to start
     * @throws FileException if the plan can't be read
     * @throws IOException if there is no free port
     */
    public static LiveServer start(Path plan, int port, Path keys) throws FileException, IOException {
        var live = new LivePlan(plan);
        String secret = SecretStore.secret(keys, plan);
        int last = port == 0 ? 0 : Math.min(65_535, port + TRIES);
        for (int tried = port; ; tried++) {
            try {
                return start(live, tried, secret);
            } catch (BindException taken) {
                if (tried >= last) {
                    throw taken;
                }
            }
        }
    }

    private static LiveServer start(LivePlan plan, int port, String secret) throws IOException {
        var threads = new QueuedThreadPool(THREADS);
        threads.setName("yonder-live");
        threads.setDaemon(true);
        var server = new Server(threads);
        var how = new HttpConfiguration();
        how.setSendServerVersion(false);
        var connector = new ServerConnector(server, 1, 1, new HttpConnectionFactory(how));
        connector.setHost("127.0.0.1");
        connector.setPort(port);
        connector.setReuseAddress(true);
        server.addConnector(connector);
        var pages = new Pages();
        try {
            // Taken before anything is served: what is served depends on it.
            connector.open();
            int taken = connector.getLocalPort();
            var site = new Site(plan, pages, new AccessControl(secret, taken));
            ServerWebSocketContainer.ensure(server);
            server.setHandler(site);
            server.start();
            site.warm();
            var watch = new Watch(plan, site::changed);
            URI address = URI.create("http://127.0.0.1:" + taken + "/" + secret + "/");
            return new LiveServer(server, watch, site, pages, address, taken);
        } catch (BindException taken) {
            throw taken;
        } catch (Exception failed) {
            BindException taken = taken(failed);
            if (taken != null) {
                throw taken;
            }
            throw new IOException("the server could not be started: " + failed.getMessage(), failed);
        }
    }

    private static BindException taken(Throwable failed) {
        for (Throwable at = failed; at != null; at = at.getCause()) {
            if (at instanceof BindException bind) {
                return bind;
            }
        }
        return null;
    }

    /**
     * A file that leads a browser to an address, so that the address is in no command.
     *
     * @param folder where it is put, to be read by this account alone
     * @throws IOException if it can't be written
     */
    public static Path door(Path folder, URI address) throws IOException {
        Path file = folder.resolve("open-" + ProcessHandle.current().pid() + ".html");
        Files.deleteIfExists(file);
        SecretStore.write(
                file,
                ("<!DOCTYPE html>\n<meta charset=\"utf-8\"><meta name=\"referrer\" content=\"no-referrer\">"
                                + "<meta http-equiv=\"refresh\" content=\"0; url=" + address
                                + "\"><title>Live</title>\n"
                                + "<a href=\"" + address + "\">The plan</a>\n")
                        .getBytes(StandardCharsets.UTF_8));
        return file;
    }

    /** The address of the page. Whoever has it can change the plan. */
    public URI address() {
        return address;
    }

    /** The port that was free. */
    public int port() {
        return port;
    }

    /** How many pages are open. */
    public int pages() {
        return pages.count();
    }

    /** Waits until it is closed. */
    public void await() throws InterruptedException {
        over.await();
    }

    /** Stops to serve; the plan is as the last change left it. */
    @Override
    public void close() {
        watch.close();
        beats.shutdownNow();
        pages.close();
        site.close();
        try {
            server.stop();
        } catch (Exception alreadyStopped) {
            // There is nothing left to do.
            over.countDown();
            return;
        }
        over.countDown();
    }
}
