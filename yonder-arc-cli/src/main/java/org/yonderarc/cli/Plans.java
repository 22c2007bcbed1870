package org.yonderarc.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** The plans that are named: files, and all in folders and the folders below them. */
final class Plans {
    private static final Pattern NAME = Pattern.compile("(?i).*\\.(ya?ml|json)");
    /** The key that makes a file a plan, at its outermost level. */
    private static final Pattern MARK = Pattern.compile("(?m)^(yonder:|\\s*\\{?\\s*\"yonder\"\\s*:)");
    /** So much of a file is looked at, in bytes. */
    private static final int HEAD = 16 << 10;
    /** Folders of others' files. */
    private static final Set<String> APART = Set.of("target", "build", "node_modules");

    private Plans() {}

    /**
     * The plan files, each once, in the order in which they are named.
     *
     * @throws Refusal if a folder has none
     */
    static List<Path> of(List<Path> named) throws Refusal {
        var all = new LinkedHashSet<Path>();
        for (Path path : named) {
            if (!Files.isDirectory(path)) {
                all.add(path);
                continue;
            }
            Set<Path> found = in(path);
            if (found.isEmpty()) {
                throw new Refusal(
                        path + ": no plan is in this folder, nor below it. A plan is a YAML or JSON file with the key"
                                + " \"yonder\".");
            }
            all.addAll(found);
        }
        return List.copyOf(all);
    }

    private static Set<Path> in(Path folder) throws Refusal {
        var found = new TreeSet<Path>();
        try {
            Files.walkFileTree(folder, new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult preVisitDirectory(Path inner, BasicFileAttributes any) {
                    String name = inner.getFileName() == null
                            ? ""
                            : inner.getFileName().toString();
                    boolean isApart = !inner.equals(folder) && (name.startsWith(".") || APART.contains(name));
                    return isApart ? FileVisitResult.SKIP_SUBTREE : FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes any) {
                    if (any.isRegularFile() && isPlan(file)) {
                        found.add(file.normalize());
                    }
                    return FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult visitFileFailed(Path file, IOException unreadable) {
                    return FileVisitResult.CONTINUE;
                }
            });
        } catch (IOException failed) {
            throw new Refusal(folder + ": the folder can't be read (" + failed.getMessage() + ").");
        }
        return found;
    }

    private static boolean isPlan(Path file) {
        if (!NAME.matcher(file.getFileName().toString()).matches()) {
            return false;
        }
        try (var in = Files.newInputStream(file)) {
            return MARK.matcher(new String(in.readNBytes(HEAD), StandardCharsets.UTF_8))
                    .find();
        } catch (IOException unreadable) {
            return false;
        }
    }
}
