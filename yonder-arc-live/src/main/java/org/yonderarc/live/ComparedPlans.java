package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** What changed, in words: since the server was started, since a commit of git, against another plan of the folder. */
final class ComparedPlans {
    private final LivePlan plan;
    private final Commits commits;
    /** The text when the server was started. */
    private final SourceText first;

    ComparedPlans(LivePlan plan) {
        this.plan = plan;
        this.commits = new Commits(plan.file());
        this.first = plan.now().read().source();
    }

    /** What changed, in words: since the start, since a commit, or against another file of the folder. */
    String compare(MapValue asked) throws FileException {
        String with = Json.text(asked, "with");
        Path folder = plan.assets().folder();
        SourceText old;
        if (with.startsWith("file:")) {
            String name = with.substring("file:".length());
            if (!plans(folder).contains(name)) {
                return Json.text(Json.map("ok", false, "why", "There is no plan \"" + name + "\" beside this one."));
            }
            old = SourceText.read(folder.resolve(name));
        } else if (with.startsWith("commit:")) {
            Optional<String> text = commits.text(with.substring("commit:".length()));
            if (text.isEmpty()) {
                return Json.text(Json.map("ok", false, "why", "This commit has no such plan."));
            }
            old = new SourceText(plan.file().toString(), text.get());
        } else {
            old = first;
        }
        Optional<Plan> before = plan.assets().read(old).plan();
        Optional<Plan> after = plan.now().good().flatMap(PlanFile::plan);
        if (before.isEmpty() || after.isEmpty()) {
            return Json.text(Json.map("ok", false, "why", "One of the two has errors, and can't be compared."));
        }
        List<Value> differences = new Comparison(before.get(), after.get())
                .differences().stream()
                        .<Value>map(one -> Json.map("what", one.what(), "text", one.text()))
                        .toList();
        return Json.text(
                Json.map("ok", true, "differences", differences, "files", plans(folder), "commits", commits.latest()));
    }

    /** The other plans of the folder. */
    private List<String> plans(Path folder) {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile)
                    .map(file -> file.getFileName().toString())
                    .filter(name -> name.matches(".*\\.(yaml|yml|json)"))
                    .filter(name -> !name.startsWith(".") && !name.contains(".journeys."))
                    .filter(name -> !name.equals(plan.file().getFileName().toString()))
                    .sorted()
                    .limit(50)
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }
}
