package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** What changed, in words: since the server was started, since a commit of git, against another plan of the folder. */
final class Past {
    /** A program that is asked answers within this time, or is not waited for. In s. */
    private static final int WAIT = 5;

    private final LivePlan plan;
    /** The text when the server was started. */
    private final SourceText first;

    Past(LivePlan plan) {
        this.plan = plan;
        this.first = plan.now().read().source();
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
            var command = new ArrayList<>(List.of("git", "--no-pager"));
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
