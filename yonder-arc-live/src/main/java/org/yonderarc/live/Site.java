package org.yonderarc.live;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;
import org.eclipse.jetty.util.Fields;
import org.eclipse.jetty.websocket.server.ServerWebSocketContainer;
import org.yonderarc.edit.EditException;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;
import org.yonderarc.web.PageParts;

/** What is served, by its path behind the secret. */
final class Site extends Handler.Abstract {
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " font-src data: 'self'; img-src data: 'self'; connect-src 'self'; base-uri 'none'; form-action 'none';"
            + " frame-ancestors 'none'";
    private static final int WARM = 8;

    private static final AtomicBoolean WARMED = new AtomicBoolean();
    /** How long the last of them is waited for, in ms. */
    private static final int PATIENCE = 5000;
    /** The largest file that is brought, in bytes. */
    private static final int LARGEST_FILE = 6 << 20;
    /** The largest of other requests, in bytes. */
    private static final int LARGEST = 1 << 20;

    private static final System.Logger LOG = System.getLogger(Site.class.getPackageName());
    /** The longest state that pages which follow each other tell, in characters. */
    private static final int LONGEST = 128 << 10;
    /** What stands in the folder of the page, each with its type. */
    private static final Map<String, String> FILES = Map.ofEntries(
            Map.entry("live.css", "text/css"),
            Map.entry("live.js", "text/javascript"),
            Map.entry("waiting.js", "text/javascript"),
            Map.entry("server.js", "text/javascript"),
            Map.entry("model.js", "text/javascript"),
            Map.entry("outline.js", "text/javascript"),
            Map.entry("canvas.js", "text/javascript"),
            Map.entry("panel.js", "text/javascript"),
            Map.entry("fields.js", "text/javascript"),
            Map.entry("icons.js", "text/javascript"),
            Map.entry("looks.js", "text/javascript"),
            Map.entry("forms.js", "text/javascript"),
            Map.entry("curve.js", "text/javascript"),
            Map.entry("handover.js", "text/javascript"),
            Map.entry("map.js", "text/javascript"),
            Map.entry("words.js", "text/javascript"),
            Map.entry("dom.js", "text/javascript"));

    private final LivePlan plan;
    private final Pages pages;
    private volatile boolean isOver;
    private Thread warming = new Thread();
    private final AccessControl gate;
    private final EditService edits;
    private final Session session;
    private final ComparedPlans past;
    /** One edit takes a moment; more than so many at once have no chance to be made in time. */
    private final ConcurrencyLimit changing = new ConcurrencyLimit(8);
    /** A file is looked at before it is kept, while others edit. */
    private final ConcurrencyLimit bringing = new ConcurrencyLimit(2);
    /** Pictures and films take all of the machine. */
    private final ConcurrencyLimit making = new ConcurrencyLimit(2);

    Site(LivePlan plan, Pages pages, AccessControl gate) {
        this.plan = plan;
        this.pages = pages;
        this.gate = gate;
        this.edits = new EditService(plan);
        this.session = new Session(plan, edits);
        this.past = new ComparedPlans(plan);
    }

    /** Has everything loaded that the first page and the first edit take, while people open the page. */
    void warm() {
        warming = new Thread(
                () -> {
                    session.warm();
                    // Once for all servers of a process.
                    int times = WARMED.getAndSet(true) ? 0 : WARM;
                    for (int i = 0; i < times && !isOver; i++) {
                        edits.warm();
                        session.now(0);
                    }
                },
                "yonder-warm");
        warming.setDaemon(true);
        warming.setPriority(Thread.MIN_PRIORITY);
        warming.start();
    }

    /** Ends what goes on beside requests: after that nobody is at the plan's folder any more. */
    void close() {
        isOver = true;
        try {
            warming.join(PATIENCE);
        } catch (InterruptedException hurried) {
            Thread.currentThread().interrupt();
        }
    }

    /** The plan is another now: every page is told. */
    void changed() {
        edits.remember();
        pages.tell("changed", Integer.toString(plan.now().revision()));
    }

    @Override
    public boolean handle(Request request, Response response, Callback callback) {
        headers(response);
        Optional<String> asked = gate.asked(request);
        if (asked.isEmpty()) {
            answer(
                    response,
                    callback,
                    404,
                    "text/plain",
                    "Nothing is here. Use the address that \"yonder live\" prints.");
            return true;
        }
        String path = asked.get();
        switch (request.getMethod()) {
            case "POST" ->
                // Whoever sends slowly holds no thread.
                Bodies.read(
                        request,
                        path.equals("upload") ? LARGEST_FILE : LARGEST,
                        (body, bad) -> answered(response, callback, () -> {
                            if (bad.isPresent()) {
                                throw bad.get();
                            }
                            post(path, query(request), body, response, callback);
                        }));
            case "GET" -> answered(response, callback, () -> get(path, request, response, callback));
            default -> answer(response, callback, 405, "text/plain", "Only GET and POST are of use here.");
        }
        return true;
    }

    /** What is done for a request. */
    @FunctionalInterface
    private interface Work {
        void run() throws Exception;
    }

    private static void answered(Response response, Callback callback, Work work) {
        try {
            work.run();
        } catch (Bad bad) {
            if (bad.status == 408) {
                // What it still sends is not waited for.
                response.getHeaders().put(HttpHeader.CONNECTION, "close");
            }
            answer(response, callback, bad.status, "text/plain", bad.getMessage());
        } catch (FileException | EditException trouble) {
            answer(
                    response,
                    callback,
                    200,
                    "application/json",
                    Json.text(Json.map("ok", false, "why", trouble.getMessage())));
        } catch (Exception ours) {
            LOG.log(System.Logger.Level.ERROR, "A request failed.", ours);
            answer(
                    response,
                    callback,
                    500,
                    "text/plain",
                    "This is a fault of ours. What happened stands where \"yonder live\" was started.");
        }
    }

    private static Fields query(Request request) throws Bad {
        try {
            return Request.extractQueryParameters(request);
        } catch (RuntimeException broken) {
            throw new Bad(400, "What stands behind the question mark of the address is not encoded as it should be.");
        }
    }

    /** A request that makes no sense. */
    static final class Bad extends Exception {
        private static final long serialVersionUID = 1L;

        private final int status;

        Bad(int status, String message) {
            super(message);
            this.status = status;
        }
    }

    private void get(String path, Request request, Response response, Callback callback) throws Exception {
        Fields query = query(request);
        if (FILES.containsKey(path)) {
            answer(response, callback, 200, FILES.get(path), resource(path));
            return;
        }
        switch (path) {
            case "" -> answer(response, callback, 200, "text/html", session.page());
            case "player.js" -> answer(response, callback, 200, "text/javascript", PageParts.player() + "\nmain();\n");
            case "now" -> answer(response, callback, 200, "application/json", session.now(since(query)));
            case "fonts.css" -> answer(response, callback, 200, "text/css", session.fonts());
            case "map" -> answer(response, callback, 200, "text/html", plan.part("map"));
            case "schema" -> answer(response, callback, 200, "application/json", PlanFile.schema());
            case "events" -> {
                var page = pages.page(value(query, "page"), plan.now().revision());
                var sockets = ServerWebSocketContainer.ensure(getServer());
                if (!sockets.upgrade((up, down, done) -> page, request, response, callback)) {
                    throw new Bad(426, "This is for a WebSocket.");
                }
            }
            case "icons" -> {
                Plan good = good();
                var found = IconChoices.of(good, plan.assets().icons(), value(query, "find"), value(query, "in"));
                answer(response, callback, 200, "application/json", Json.text(found));
            }
            case "choices" -> {
                String scheme = value(query, "scheme");
                var found = new Choices(plan).of(value(query, "bar"), value(query, "kind"), scheme);
                answer(response, callback, 200, "application/json", Json.text(found));
            }
            case "view" -> {
                byte[] picture = new Choices(plan).view(value(query, "kind"), value(query, "scheme"));
                answer(response, callback, "image/svg+xml", picture);
            }
            case "make" -> {
                Download made = making.alone(() -> new Downloads(plan, query).make());
                made.name().ifPresent(name -> response.getHeaders().put("Content-Disposition", attachment(name)));
                answer(response, callback, made.type(), made.bytes());
            }
            default -> throw new Bad(404, "There is nothing of this name.");
        }
    }

    /** The revision that a page has seen; a page that has seen none is shown all there is. */
    private static int since(Fields query) {
        String since = value(query, "since");
        return since.matches("[0-9]{1,9}") ? Integer.parseInt(since) : Integer.MAX_VALUE;
    }

    private Plan good() throws Bad {
        return plan.now()
                .good()
                .flatMap(PlanFile::plan)
                .orElseThrow(() -> new Bad(409, "The plan has had errors since the start. Fix them first."));
    }

    private void post(String path, Fields query, byte[] body, Response response, Callback callback) throws Exception {
        switch (path) {
            case "edit" -> {
                MapValue asked = read(body);
                if (Json.list(asked, "operations").isEmpty()) {
                    throw new Bad(400, "There is nothing to do: \"operations\" is a list of what is to be changed.");
                }
                told(response, callback, changing, () -> edits.edit(asked));
            }
            case "undo" -> told(response, callback, changing, () -> edits.turn(true));
            case "redo" -> told(response, callback, changing, () -> edits.turn(false));
            case "moved" -> {
                // Only pages that follow each other ask for it.
                var moved = read(body);
                String state = Json.text(moved, "state").replaceAll("\\s", "");
                if (state.length() > LONGEST) {
                    throw new Bad(413, "This is longer than " + (LONGEST >> 10) + " KiB.");
                }
                pages.tellOthers(Json.text(moved, "page"), "moved", state);
                answer(response, callback, 200, "application/json", "{}");
            }
            case "compare" -> answer(response, callback, 200, "application/json", past.compare(read(body)));
            case "upload" -> {
                told(response, callback, bringing, () -> new Uploads(plan)
                        .take(value(query, "name"), value(query, "kind"), body));
            }
            default -> throw new Bad(404, "There is nothing of this name.");
        }
    }

    /** Answers who asked, and tells all pages if the plan is another now. */
    private void told(Response response, Callback callback, ConcurrencyLimit turnstile, Write write) throws Exception {
        int before = plan.now().revision();
        answer(response, callback, 200, "application/json", Json.text(turnstile.alone(write::done)));
        if (plan.now().revision() != before) {
            changed();
        }
    }

    /** Something that may change the plan. */
    @FunctionalInterface
    private interface Write {
        MapValue done() throws FileException, IOException;
    }

    private static MapValue read(byte[] body) throws Bad {
        try {
            return Json.read(new String(body, StandardCharsets.UTF_8));
        } catch (IllegalArgumentException noJson) {
            throw new Bad(400, "This is not JSON: " + noJson.getMessage());
        }
    }

    /** RFC 6266: a name of plain letters for old browsers, and the whole one as RFC 8187 writes it. */
    private static String attachment(String name) {
        String plain = name.replaceAll("[^A-Za-z0-9._-]", "_");
        return "attachment; filename=\"" + plain + "\"; filename*=UTF-8''" + Percent.encode(name);
    }

    static String value(Fields query, String name) {
        String value = query.getValue(name);
        return value == null ? "" : value;
    }

    static String resource(String name) throws IOException {
        try (InputStream in = Site.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IOException(name + " is not on the class path");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static void headers(Response response) {
        response.getHeaders().put("Content-Security-Policy", POLICY);
        response.getHeaders().put("X-Content-Type-Options", "nosniff");
        response.getHeaders().put("Referrer-Policy", "no-referrer");
        response.getHeaders().put("Cross-Origin-Resource-Policy", "same-origin");
        response.getHeaders().put("Cross-Origin-Opener-Policy", "same-origin");
        response.getHeaders().put(HttpHeader.CACHE_CONTROL, "no-store");
    }

    private static void answer(Response response, Callback callback, int status, String type, String text) {
        response.setStatus(status);
        answer(response, callback, type + "; charset=utf-8", text.getBytes(StandardCharsets.UTF_8));
    }

    private static void answer(Response response, Callback callback, String type, byte[] bytes) {
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, type);
        response.getHeaders().put(HttpHeader.CONTENT_LENGTH, bytes.length);
        response.write(true, ByteBuffer.wrap(bytes), callback);
    }
}
