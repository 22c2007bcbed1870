package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;
import org.yonderarc.web.PageParts;

/** What pages are told of the plan: the page itself, the plan as it is now, and what changed since. */
final class Session {
    /** A program that is asked answers within this time, or is not waited for. In s. */
    private static final int WAIT = 5;

    /** The signs of the page's own buttons. */
    private static final String SIGNS = Shelf.symbols(
            "ui-",
            List.of(
                    "arrow-back-up",
                    "arrow-forward-up",
                    "plus",
                    "trash",
                    "copy",
                    "arrow-up",
                    "arrow-down",
                    "grip-vertical",
                    "device-mobile",
                    "layout-bottombar",
                    "palette",
                    "bolt",
                    "list",
                    "photo",
                    "typography",
                    "x",
                    "section"));

    private final LivePlan plan;
    private final Bench bench;
    /** The text when the server was started. */
    private final SourceText first;
    /** Tells one run of the server from another: both count from 0. */
    private final int run = new java.security.SecureRandom().nextInt(1 << 30);

    Session(LivePlan plan, Bench bench) {
        this.plan = plan;
        this.bench = bench;
        this.first = plan.now().read().source();
    }

    /** The page: with the app as it is, or with what keeps it from being shown. */
    String page() throws IOException {
        String template = Site.resource("live.html");
        Optional<PageParts> parts = plan.now().parts();
        if (parts.isEmpty()) {
            String name = plan.file().getFileName().toString();
            return Site.resource("broken.html")
                    .replace("{{file}}", org.yonderarc.tree.Markup.escape(name))
                    .replace("{{findings}}", PageParts.findings(plan.now().read()));
        }
        synchronized (plan) {
            return parts.get().fill(template.replace("{{ui}}", SIGNS));
        }
    }

    /** Makes the parts of the page that take longest. */
    void warm() {
        for (String part : List.of("still", "symbols", "regular", "semibold")) {
            plan.part(part);
        }
    }

    String fonts() {
        synchronized (plan) {
            return "@font-face { font-family: Inter; font-weight: 400; src: url(data:font/woff;base64,"
                    + plan.part("regular") + ") format(\"woff\"); }\n"
                    + "@font-face { font-family: Inter; font-weight: 600; src: url(data:font/woff;base64,"
                    + plan.part("semibold") + ") format(\"woff\"); }\n"
                    + plan.part("faces") + ":root { --face: " + plan.part("families") + "; }\n";
        }
    }

    /** The plan as it is now, with all that a page shows of it. */
    String now(int since) {
        synchronized (plan) {
            LivePlan.Now now = plan.now();
            boolean[] turns = bench.turns();
            List<String> lines = now.read().source().lines();
            List<MapValue> findings = now.read().findings().stream()
                    .map(finding -> found(finding, lines))
                    .toList();
            Optional<Plan> good = now.good().flatMap(PlanFile::plan);
            return Json.text(Json.map(
                    "run",
                    run,
                    "revision",
                    now.revision(),
                    "digest",
                    now.digest(),
                    "file",
                    plan.file().getFileName().toString(),
                    "sound",
                    now.read().plan().isPresent() && now.trouble().isEmpty(),
                    "trouble",
                    now.trouble(),
                    "plan",
                    good.isPresent() ? JsonText.read(plan.part("json")) : Json.map(),
                    "symbols",
                    plan.part("symbols"),
                    "pictures",
                    good.isPresent() ? JsonText.read(plan.part("pictures")) : Json.map(),
                    "devices",
                    plan.part("devices"),
                    "languages",
                    plan.part("languages"),
                    "findings",
                    findings,
                    "contrasts",
                    good.map(known -> Contrasts.of(known.theme())).orElse(List.of()),
                    "bars",
                    good.map(UsualBars::of).orElse(List.of()),
                    "renames",
                    plan.renames(since).stream()
                            .map(rename -> rename.noun().word() + " " + rename.from() + " " + rename.to())
                            .toList(),
                    "roles",
                    good.map(known -> Contrasts.roles(known.theme())).orElse(Json.map()),
                    "motions",
                    good.map(known -> Motions.of(known.motion())).orElse(Json.map()),
                    "undo",
                    turns[0],
                    "redo",
                    turns[1]));
        }
    }

    private static MapValue found(Finding finding, List<String> lines) {
        MapValue told = Found.of(finding);
        boolean isThere = finding.spot().isLocated() && finding.spot().line() <= lines.size();
        String line = isThere ? lines.get(finding.spot().line() - 1).strip() : "";
        return org.yonderarc.tree.Trees.with(told, "text", org.yonderarc.tree.Trees.text(line));
    }

    /** What changed, in words: since the start, since a commit, or against another file of the folder. */
    String compare(MapValue asked) throws FileTrouble {
        String with = Json.text(asked, "with");
        Path folder = plan.materials().folder();
        SourceText old;
        if (with.startsWith("file:")) {
            String name = with.substring("file:".length());
            if (!plans(folder).contains(name)) {
                return Json.text(Json.map("ok", false, "why", "There is no plan \"" + name + "\" beside this one."));
            }
            old = SourceText.read(folder.resolve(name));
        } else if (with.startsWith("commit:")) {
            Optional<String> text = committed(folder, with.substring("commit:".length()));
            if (text.isEmpty()) {
                return Json.text(Json.map("ok", false, "why", "This commit has no such plan."));
            }
            old = new SourceText(plan.file().toString(), text.get());
        } else {
            old = first;
        }
        Optional<Plan> before = plan.materials().read(old).plan();
        Optional<Plan> after = plan.now().good().flatMap(PlanFile::plan);
        if (before.isEmpty() || after.isEmpty()) {
            return Json.text(Json.map("ok", false, "why", "One of the two has errors, and can't be compared."));
        }
        List<Value> differences = new Comparison(before.get(), after.get())
                .differences().stream()
                        .<Value>map(one -> Json.map("what", one.what(), "text", one.text()))
                        .toList();
        return Json.text(
                Json.map("ok", true, "differences", differences, "files", plans(folder), "commits", commits(folder)));
    }

    /** The other plans of the folder. */
    private List<String> plans(Path folder) {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile)
                    .map(file -> file.getFileName().toString())
                    .filter(name -> name.matches(".*\\.(yaml|yml|json)"))
                    .filter(name -> !name.contains(".journeys."))
                    .filter(name -> !name.equals(plan.file().getFileName().toString()))
                    .sorted()
                    .limit(50)
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    /** The latest commits that changed the plan; none where the folder is no repository. */
    private List<MapValue> commits(Path folder) {
        return asked(
                        folder,
                        "log",
                        "-n",
                        "20",
                        "--format=%h %cs %s",
                        "--",
                        plan.file().getFileName().toString())
                .map(text -> text.lines()
                        .map(line -> line.split(" ", 3))
                        .filter(parts -> parts.length == 3)
                        .map(parts -> Json.map("id", parts[0], "day", parts[1], "subject", parts[2]))
                        .toList())
                .orElse(List.of());
    }

    private Optional<String> committed(Path folder, String commit) {
        return commit.matches("[0-9a-f]{4,40}")
                ? asked(folder, "show", commit + ":./" + plan.file().getFileName())
                : Optional.empty();
    }

    /** What git says in the folder; nothing where there is none, or nothing to say. */
    private static Optional<String> asked(Path folder, String... words) {
        try {
            var command = new java.util.ArrayList<>(List.of("git", "--no-pager"));
            command.addAll(List.of(words));
            Path out = Files.createTempFile("yonder-git", ".txt");
            try {
                Process git = new ProcessBuilder(command)
                        .directory(folder.toFile())
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .redirectOutput(out.toFile())
                        .start();
                if (!git.waitFor(WAIT, TimeUnit.SECONDS)) {
                    git.destroyForcibly();
                    return Optional.empty();
                }
                return git.exitValue() == 0 ? Optional.of(Files.readString(out)) : Optional.empty();
            } finally {
                Files.deleteIfExists(out);
            }
        } catch (IOException noGit) {
            return Optional.empty();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }
}
