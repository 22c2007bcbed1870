package org.yonderarc.live;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eclipse.jetty.websocket.api.Callback;
import org.eclipse.jetty.websocket.api.Session;
import org.eclipse.jetty.websocket.api.StatusCode;

/**
 * The pages that are open, each with a connection of its own (WebSocket, RFC 6455, of which a browser opens as many to one server as there
 * are tabs). Each event has a name, and a newer one takes the place of an older one of its name that has not gone out yet: a page that
 * reads slowly keeps nobody waiting, and misses only what is past.
 */
final class Pages {
    /** As many as are served at once. */
    static final int MOST = 200;

    private static final String FULL = "So many pages are open that no other is told of changes. Close some.";

    private final List<Page> open = new ArrayList<>();
    private boolean isOver;

    /** One page; public, as the server finds its methods by reflection. */
    public final class Page implements Session.Listener.AutoDemanding {
        private final String name;
        private final String first;
        private final Map<String, String> waiting = new LinkedHashMap<>();
        private Session session;
        private boolean isWriting;

        Page(String name, String first) {
            this.name = name;
            this.first = first;
        }

        @Override
        public void onWebSocketOpen(Session opened) {
            synchronized (this) {
                session = opened;
            }
            if (take(this)) {
                tell("changed", first);
            } else {
                opened.close(StatusCode.TRY_AGAIN_LATER, FULL, Callback.NOOP);
            }
        }

        @Override
        public void onWebSocketClose(int status, String reason, Callback done) {
            leave(this);
            done.succeed();
        }

        @Override
        public void onWebSocketError(Throwable broken) {
            leave(this);
        }

        synchronized void tell(String event, String data) {
            waiting.remove(event);
            waiting.put(event, data);
            if (!isWriting) {
                write();
            }
        }

        /** Writes what waits, one message after the other: the connection holds one at a time. */
        private void write() {
            String event = waiting.keySet().iterator().next();
            String text = Json.text(Json.map("event", event, "data", waiting.remove(event)));
            isWriting = true;
            session.sendText(text, Callback.from(this::written, gone -> leave(this)));
        }

        private synchronized void written() {
            isWriting = false;
            if (!waiting.isEmpty()) {
                write();
            }
        }

        /** Asks for a sign of life. */
        synchronized void beat() {
            if (!isWriting) {
                session.sendPing(ByteBuffer.allocate(0), Callback.from(() -> {}, gone -> leave(this)));
            }
        }

        void end() {
            session.close(StatusCode.SHUTDOWN, "", Callback.NOOP);
        }
    }

    /**
     * What listens for a page.
     *
     * @param name the one that the page has given itself
     * @param revision what it is told at first
     */
    Session.Listener page(String name, int revision) {
        return new Page(name, Integer.toString(revision));
    }

    private boolean take(Page page) {
        synchronized (open) {
            return open.size() < MOST && !isOver && open.add(page);
        }
    }

    private void leave(Page page) {
        synchronized (open) {
            open.remove(page);
        }
    }

    private List<Page> all() {
        synchronized (open) {
            return List.copyOf(open);
        }
    }

    /** Tells all pages. */
    void tell(String event, String data) {
        all().forEach(page -> page.tell(event, data));
    }

    /** Tells all pages but the one with a name. */
    void tellOthers(String name, String event, String data) {
        all().stream().filter(page -> !page.name.equals(name)).forEach(page -> page.tell(event, data));
    }

    /** Keeps connections alive, and notices those that are gone. */
    void beat() {
        all().forEach(Page::beat);
    }

    int count() {
        synchronized (open) {
            return open.size();
        }
    }

    /** Ends all connections. */
    void close() {
        synchronized (open) {
            isOver = true;
        }
        all().forEach(page -> {
            leave(page);
            page.end();
        });
    }
}
