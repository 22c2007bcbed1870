package org.yonderarc.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.plan.Plan;

/** The files that make up a plan. */
public final class PlanFiles {
    private PlanFiles() {}

    /**
     * A plan's file, and every file that it names or that lies beside it as its own: pictures, fonts, design tokens, texts of other
     * languages, icons. A file that is named need not be there.
     */
    public static List<Path> of(Path file, Plan plan) {
        Path folder = SafeFile.folder(file);
        var files = new ArrayList<Path>();
        files.add(file);
        PlanMentions.files(plan).forEach(named -> beside(folder, named, files));
        plan.theme().tokenFile().ifPresent(named -> beside(folder, named, files));
        plan.app().textFiles().ifPresent(pattern -> plan.app()
                .languages()
                .forEach(language -> beside(folder, pattern.replace("{language}", language), files)));
        Path icons = folder.resolve("icons");
        if (Files.isDirectory(icons)) {
            try (Stream<Path> all = Files.list(icons)) {
                all.filter(icon -> icon.toString().endsWith(".svg")).sorted().forEach(files::add);
            } catch (IOException unreadable) {
                // Icons that can't be listed aren't read either.
                return files;
            }
        }
        return files;
    }

    private static void beside(Path folder, String named, List<Path> files) {
        try {
            files.add(folder.resolve(named));
        } catch (InvalidPathException noPath) {
            // The check has a finding for it.
            return;
        }
    }
}
