package org.yonderarc.live;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.eclipse.jgit.lib.Config;
import org.eclipse.jgit.lib.Constants;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.revwalk.RevCommit;
import org.eclipse.jgit.revwalk.RevWalk;
import org.eclipse.jgit.storage.file.FileBasedConfig;
import org.eclipse.jgit.storage.file.FileRepositoryBuilder;
import org.eclipse.jgit.treewalk.TreeWalk;
import org.eclipse.jgit.util.FS;
import org.eclipse.jgit.util.SystemReader;
import org.yonderarc.files.SourceText;
import org.yonderarc.tree.MapValue;

/**
 * The commits of a plan, read from a repository's files by a library that starts no program, whatever the repository is set to. Only a
 * folder {@code .git} at or above the plan's is one, and only where it belongs to the person's own account: a folder from somebody else
 * can look like a repository otherwise.
 */
final class Commits {
    /** So many that changed the plan are told. */
    private static final int MOST = 20;
    /** So many are looked at for that. */
    private static final int LOOKS = 5_000;
    /** No longer than this, in ms. */
    private static final long TIME = 3_000;

    private final Path file;
    private final Optional<Path> repository;

    Commits(Path file) {
        Quiet.use();
        this.file = file.toAbsolutePath().normalize();
        this.repository = found(this.file.getParent());
    }

    /** The nearest {@code .git} at or above a folder, if it is this person's own. */
    private static Optional<Path> found(Path folder) {
        for (Path at = folder; at != null; at = at.getParent()) {
            Path there = at.resolve(Constants.DOT_GIT);
            if (Files.exists(there, LinkOption.NOFOLLOW_LINKS)) {
                return isOwn(there) ? Optional.of(there) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static boolean isOwn(Path folder) {
        try {
            return Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)
                    && Files.getOwner(folder).equals(SecretStore.me(folder));
        } catch (IOException | UnsupportedOperationException unknown) {
            return false;
        }
    }

    /** The latest commits that changed the plan, newest first; none where there is no repository. */
    List<MapValue> latest() {
        var out = new ArrayList<MapValue>();
        read(git -> {
            ObjectId head = git.resolve(Constants.HEAD);
            if (head == null) {
                return Optional.empty();
            }
            long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(TIME);
            try (var walk = new RevWalk(git)) {
                walk.markStart(walk.parseCommit(head));
                int looks = 0;
                for (RevCommit commit : walk) {
                    if (out.size() == MOST || ++looks > LOOKS || System.nanoTime() > end) {
                        break;
                    }
                    ObjectId now = text(git, commit);
                    ObjectId before = commit.getParentCount() == 0
                            ? ObjectId.zeroId()
                            : text(git, walk.parseCommit(commit.getParent(0)));
                    if (!now.equals(before) && !now.equals(ObjectId.zeroId())) {
                        out.add(Json.map(
                                "id",
                                commit.abbreviate(12).name(),
                                "day",
                                DateTimeFormatter.ISO_LOCAL_DATE.format(Instant.ofEpochSecond(commit.getCommitTime())
                                        .atOffset(ZoneOffset.UTC)),
                                "subject",
                                commit.getShortMessage()));
                    }
                }
            }
            return Optional.empty();
        });
        return out;
    }

    /** The plan as a commit has it; nothing where there is no such commit, or no plan in it. */
    Optional<String> text(String commit) {
        if (!commit.matches("[0-9a-f]{4,40}")) {
            return Optional.empty();
        }
        return read(git -> {
            ObjectId id = git.resolve(commit + "^{commit}");
            if (id == null) {
                return Optional.empty();
            }
            try (var walk = new RevWalk(git)) {
                ObjectId text = text(git, walk.parseCommit(id));
                return text.equals(ObjectId.zeroId())
                        ? Optional.empty()
                        : Optional.of(new String(
                                git.open(text, Constants.OBJ_BLOB).getCachedBytes((int) SourceText.LARGEST),
                                StandardCharsets.UTF_8));
            }
        });
    }

    private ObjectId text(Repository git, RevCommit commit) throws IOException {
        String path =
                repository.orElseThrow().getParent().relativize(file).toString().replace(File.separatorChar, '/');
        try (TreeWalk found = TreeWalk.forPath(git, path, commit.getTree())) {
            return found == null ? ObjectId.zeroId() : found.getObjectId(0);
        }
    }

    /** Something that is read from a repository. */
    @FunctionalInterface
    private interface Reading {
        Optional<String> of(Repository git) throws IOException;
    }

    private Optional<String> read(Reading reading) {
        if (repository.isEmpty()) {
            return Optional.empty();
        }
        try (Repository git = new FileRepositoryBuilder()
                .setGitDir(repository.get().toFile())
                .setWorkTree(repository.get().getParent().toFile())
                .setMustExist(true)
                .build()) {
            return reading.of(git);
        } catch (IOException | IllegalArgumentException | IllegalStateException broken) {
            // A repository that can't be read has nothing to tell.
            return Optional.empty();
        }
    }

    /** No settings but the repository's own are looked at, no program is asked for them, and nothing is written to try a disk. */
    private static final class Quiet extends SystemReader.Delegate {
        private static final SystemReader USUAL = SystemReader.getInstance();

        private Quiet() {
            super(USUAL);
        }

        static void use() {
            if (!(SystemReader.getInstance() instanceof Quiet)) {
                SystemReader.setInstance(new Quiet());
            }
        }

        private static FileBasedConfig none(Config parent) {
            return new FileBasedConfig(parent, new File("none"), FS.DETECTED) {
                @Override
                public void load() {
                    clear();
                }

                @Override
                public boolean isOutdated() {
                    return false;
                }

                @Override
                public long getTimeUnit(String section, String subsection, String name, long usual, TimeUnit unit) {
                    // How finely a disk's clock ticks isn't tried out.
                    return section.equals("filesystem") ? unit.convert(1, TimeUnit.SECONDS) : usual;
                }
            };
        }

        @Override
        public FileBasedConfig openSystemConfig(Config parent, FS fs) {
            return none(parent);
        }

        @Override
        public FileBasedConfig openUserConfig(Config parent, FS fs) {
            return none(parent);
        }

        @Override
        public FileBasedConfig openJGitConfig(Config parent, FS fs) {
            return none(parent);
        }
    }
}
