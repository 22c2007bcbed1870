package org.yonderarc.edit;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;

/**
 * The custom icons beside a plan: SVG files in the folder {@code icons}, and their filled variants {@code NAME-filled.svg}. A file that
 * goes out of use is moved into the folder {@code icons/removed}, and comes back as soon as the plan names it again.
 */
public final class IconFiles {
    private static final String TWIN = "-filled";
    private static final Pattern NAME = Pattern.compile("[a-z0-9-]+\\.svg");
    /** More plans than this in a folder are not looked into. */
    private static final int MOST_PLANS = 100;

    private final Path plan;
    private final Path folder;
    private final Path removed;

    /** The icons beside a plan. */
    public IconFiles(Path plan) {
        this.plan = plan;
        this.folder = plan.toAbsolutePath().resolveSibling("icons");
        this.removed = folder.resolve("removed");
    }

    /** The names of the icons; their filled variants have none of their own. */
    public List<String> names() {
        return listed(folder).stream()
                .filter(name -> !name.endsWith(TWIN)
                        || !Files.exists(file(folder, name.substring(0, name.length() - TWIN.length()))))
                .toList();
    }

    private static List<String> listed(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            // A link may lead out of the folder.
            return files.filter(file -> Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS))
                    .map(file -> file.getFileName().toString())
                    .filter(name -> NAME.matcher(name).matches())
                    .map(name -> name.substring(0, name.length() - ".svg".length()))
                    .sorted()
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    /** The icons that the other plans in the folder use; a file that is no sound plan uses none. */
    public Set<String> ofOtherPlans() {
        var used = new TreeSet<String>();
        try (Stream<Path> all = Files.list(plan.toAbsolutePath().getParent())) {
            for (Path other :
                    all.filter(IconFiles::mayBePlan).sorted().limit(MOST_PLANS).toList()) {
                if (!Files.isSameFile(other, plan)) {
                    used.addAll(icons(other));
                }
            }
        } catch (IOException unreadable) {
            return used;
        }
        return used;
    }

    private static boolean mayBePlan(Path file) {
        return file.toString().matches("(?i).*\\.(ya?ml|json)") && Files.isRegularFile(file);
    }

    private static Set<String> icons(Path file) {
        try {
            return PlanFile.read(file, IconNames.ANY)
                    .plan()
                    .map(PlanMentions::icons)
                    .orElse(Set.of());
        } catch (FileException unreadable) {
            return Set.of();
        }
    }

    /** Puts an icon and its twin under another name too; gives the new files. */
    List<Path> copy(String from, String to) throws FileException {
        var made = new ArrayList<Path>();
        for (String ending : List.of("", TWIN)) {
            Path old = file(folder, from + ending);
            if (Files.exists(old)) {
                Path copy = file(folder, to + ending);
                SafeFile.write(copy, bytes(old));
                made.add(copy);
            }
        }
        return made;
    }

    /** Moves an icon and its twin out of use, unless another plan of the folder uses it. */
    void remove(String name) throws FileException {
        if (ofOtherPlans().contains(name)) {
            return;
        }
        for (String ending : List.of("", TWIN)) {
            move(name + ending, folder, removed);
        }
    }

    /** Brings those of these icons back that were moved out of use. */
    void restore(Collection<String> names) throws FileException {
        for (String name : names) {
            if (!listed(folder).contains(name)) {
                move(name, removed, folder);
                move(name + TWIN, removed, folder);
            }
        }
    }

    private static void move(String name, Path from, Path to) throws FileException {
        Path old = NAME.matcher(name + ".svg").matches() ? file(from, name) : from;
        if (!Files.isRegularFile(old)) {
            return;
        }
        try {
            Files.createDirectories(to);
            Files.move(old, file(to, name), StandardCopyOption.REPLACE_EXISTING);
        } catch (NoSuchFileException gone) {
            // Somebody else was faster.
            return;
        } catch (IOException failed) {
            throw trouble(old, failed);
        }
    }

    private static byte[] bytes(Path file) throws FileException {
        try {
            return Files.readAllBytes(file);
        } catch (IOException failed) {
            throw trouble(file, failed);
        }
    }

    private static FileException trouble(Path file, IOException failed) {
        return new FileException(
                file,
                "the icon can't be moved (" + SourceText.reason(failed) + ").",
                "Allow reading and writing it, and writing to its folder.");
    }

    private static Path file(Path folder, String name) {
        return folder.resolve(name + ".svg");
    }
}
