package org.yonderarc.live;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.PlanStore;
import org.yonderarc.files.Digest;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.PlanFiles;
import org.yonderarc.files.SourceText;
import org.yonderarc.tasks.Assets;
import org.yonderarc.web.PageParts;

/**
 * A plan as it is in its file, and as it was when it had no errors last. Thread-safe: one thread at a time reads or changes it, the
 * others wait.
 */
final class LivePlan {
    private final Path file;
    private Assets assets;
    private List<Path> files;
    private FileStamps stamps;
    private Now now;

    private static final int MEMORY = 200;

    /** What has been called otherwise, and in which revision. */
    private final List<Renamed> renamed = new ArrayList<>();

    private record Renamed(int revision, Edit.Rename rename) {}

    /** What has been called otherwise since a revision. */
    synchronized List<Edit.Rename> renames(int since) {
        return renamed.stream()
                .filter(one -> one.revision() > since)
                .map(Renamed::rename)
                .toList();
    }

    /**
     * A plan at a moment.
     *
     * @param revision counts the changes
     * @param read the file, read and checked
     * @param digest what its text is known by
     * @param good the last reading without errors
     * @param parts what the page of that is put together of
     * @param trouble why the file can't be read; empty where it can
     */
    record Now(
            int revision,
            PlanFile read,
            String digest,
            Optional<PlanFile> good,
            Optional<PageParts> parts,
            String trouble) {}

    LivePlan(Path file) throws FileException {
        this.file = file;
        this.assets = Assets.beside(file);
        PlanFile read = assets.read(SourceText.read(file));
        now = next(0, read, Optional.empty(), "");
        settle(new FileStamps(Map.of()));
    }

    /** Goes by the stamps of before the reading: what was written while it was read is news. */
    private void settle(FileStamps before) {
        files = files();
        stamps = FileStamps.of(files).but(before);
    }

    Path file() {
        return file;
    }

    synchronized Now now() {
        return now;
    }

    synchronized Assets assets() {
        return assets;
    }

    /** A part of the page; empty as long as the plan has had errors since the start. */
    synchronized String part(String name) {
        return now.parts().map(parts -> parts.get(name)).orElse("");
    }

    /** Does something while nobody else reads or changes the plan. */
    synchronized <T> T alone(Work<T> work) throws FileException {
        return work.of();
    }

    /** Something that is done with the plan. */
    @FunctionalInterface
    interface Work<T> {
        T of() throws FileException;
    }

    private List<Path> files() {
        var all = new ArrayList<Path>();
        all.add(file);
        all.add(assets.folder().resolve("icons"));
        now.good().flatMap(PlanFile::plan).ifPresent(plan -> all.addAll(PlanFiles.of(file, plan)));
        return all;
    }

    /** Whether a file of the plan looks different from how it was read. */
    synchronized boolean isOld() {
        return !FileStamps.of(files).equals(stamps);
    }

    /**
     * Reads the files anew. What another program has written is noted in the plan's history, so that it can be taken back here.
     *
     * @return whether anything is other than before
     */
    synchronized boolean refresh() {
        FileStamps seen = FileStamps.of(files);
        boolean isSame = seen.equals(stamps);
        if (isSame) {
            return false;
        }
        boolean onlyPlan = isSameBesidesPlan(seen);
        if (!onlyPlan) {
            assets = Assets.beside(file);
        }
        stamps = seen;
        try {
            SourceText text = SourceText.read(file);
            boolean isSameText = text.text().equals(now.read().source().text());
            if (isSameText && onlyPlan && now.trouble().isEmpty()) {
                return false;
            }
            if (!isSameText) {
                note(text);
            }
            now = next(now.revision() + 1, assets.read(text), now.good(), "");
        } catch (FileException unreadable) {
            now = new Now(
                    now.revision() + 1, now.read(), now.digest(), now.good(), now.parts(), unreadable.getMessage());
        }
        settle(seen);
        return true;
    }

    /**
     * Goes on with a text that was written here, and was read and checked before that.
     *
     * @param renames what is called otherwise in it
     */
    synchronized void accept(PlanFile written, List<Edit.Rename> renames) {
        renames.forEach(rename -> renamed.add(new Renamed(now.revision() + 1, rename)));
        while (renamed.size() > MEMORY) {
            renamed.remove(0);
        }
        now = next(now.revision() + 1, written, now.good(), "");
        settle(stamps);
    }

    private boolean isSameBesidesPlan(FileStamps seen) {
        return seen.all().entrySet().stream()
                .filter(entry -> !entry.getKey().equals(file))
                .allMatch(entry -> entry.getValue().equals(stamps.all().get(entry.getKey())));
    }

    private void note(SourceText text) {
        String before = now.read().source().text();
        try (var store = PlanStore.open(file)) {
            boolean isThis = store.source().text().equals(text.text());
            // Whoever changed it with this library has noted it already.
            if (isThis && !store.canUndo() && !store.canRedo()) {
                store.note(before);
            }
        } catch (FileException cannotBeKept) {
            // It can be seen all the same; only taken back it can't be.
            return;
        }
    }

    private Now next(int revision, PlanFile read, Optional<PlanFile> last, String trouble) {
        String digest = Digest.of(read.source().text());
        if (read.plan().isEmpty()) {
            Optional<PageParts> before = now == null ? Optional.empty() : now.parts();
            return new Now(revision, read, digest, last, before, trouble);
        }
        var parts = PageParts.of(read, assets.icons(), assets.pictures(), assets.fonts());
        return new Now(revision, read, digest, Optional.of(read), Optional.of(parts), trouble);
    }
}
