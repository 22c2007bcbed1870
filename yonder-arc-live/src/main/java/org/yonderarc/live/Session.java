package org.yonderarc.live;

import java.io.IOException;
import java.security.SecureRandom;
import java.util.List;
import java.util.Optional;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.web.PageParts;

/** What pages are told of the plan: the page itself, and the plan as it is now. */
final class Session {
    /** The signs of the page's own buttons. */
    private static final String SIGNS = IconChoices.symbols(
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
                    "section",
                    "square-rounded"));

    private final LivePlan plan;
    private final EditService edits;
    /** Tells one run of the server from another: both count from 0. */
    private final int run = new SecureRandom().nextInt(1 << 30);

    Session(LivePlan plan, EditService edits) {
        this.plan = plan;
        this.edits = edits;
    }

    /** The page: with the app as it is, or with what keeps it from being shown. */
    String page() throws IOException {
        Optional<PageParts> parts = plan.now().parts();
        if (parts.isEmpty()) {
            String name = plan.file().getFileName().toString();
            return LiveWords.fill(Site.resource("broken.html"), name)
                    .replace("{{findings}}", PageParts.findings(plan.now().read()));
        }
        synchronized (plan) {
            return parts.get()
                    .fill(LiveWords.fill(Site.resource("live.html"), "").replace("{{ui}}", SIGNS));
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
            EditService.Turns turns = edits.turns();
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
                    turns.undo(),
                    "redo",
                    turns.redo(),
                    "undoesOther",
                    turns.other()));
        }
    }

    private static MapValue found(Finding finding, List<String> lines) {
        MapValue told = FindingData.of(finding);
        boolean isThere = finding.spot().isLocated() && finding.spot().line() <= lines.size();
        String line = isThere ? lines.get(finding.spot().line() - 1).strip() : "";
        return Trees.with(told, "text", Trees.text(line));
    }
}
