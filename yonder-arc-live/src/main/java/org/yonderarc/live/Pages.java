package org.yonderarc.live;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;

/**
 * The pages that are open, as streams of events (HTML Living Standard, 9.2). Each event has a name, and a newer one takes the place of
 * an older one of its name that has not gone out yet: a page that reads slowly keeps nobody waiting, and misses only what is past.
 */
final class Pages {
    /** As many as are served at once. */
    static final int MOST = 200;

    private final List<Page> open = new ArrayList<>();

    /** One page. */
    private final class Page implements Callback {
        private final String name;
        private final Response response;
        private final Callback end;
        private final Map<String, String> waiting = new LinkedHashMap<>();
        private boolean isWriting;

        Page(String name, Response response, Callback end) {
            this.name = name;
            this.response = response;
            this.end = end;
        }

        synchronized void tell(String event, String data) {
            waiting.remove(event);
            waiting.put(event, data);
            if (!isWriting) {
                write();
            }
        }

        private void write() {
            var out = new StringBuilder();
            waiting.forEach((event, data) ->
                    out.append(event.isEmpty() ? ":\n\n" : "event: " + event + "\ndata: " + data + "\n\n"));
            waiting.clear();
            isWriting = true;
            response.write(false, ByteBuffer.wrap(out.toString().getBytes(StandardCharsets.UTF_8)), this);
        }

        @Override
        public synchronized void succeeded() {
            isWriting = false;
            if (!waiting.isEmpty()) {
                write();
            }
        }

        @Override
        public void failed(Throwable gone) {
            leave(this);
            end.failed(gone);
        }

        void end() {
            end.succeeded();
        }
    }

    /** Opens a stream; says whether there was room. */
    boolean open(String name, Response response, Callback end, String event, String data) {
        var page = new Page(name, response, end);
        synchronized (open) {
            if (open.size() >= MOST) {
                return false;
            }
            open.add(page);
        }
        response.setStatus(200);
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, "text/event-stream; charset=utf-8");
        response.getHeaders().put(HttpHeader.CACHE_CONTROL, "no-store");
        page.tell(event, data);
        return true;
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
        tell("", "");
    }

    int count() {
        synchronized (open) {
            return open.size();
        }
    }

    /** Ends all streams. */
    void close() {
        all().forEach(page -> {
            leave(page);
            page.end();
        });
    }
}
