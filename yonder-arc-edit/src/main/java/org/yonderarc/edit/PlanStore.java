package org.yonderarc.edit;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.edit.EditHistory.Did;
import org.yonderarc.edit.EditHistory.Step;
import org.yonderarc.files.Digest;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Noun;

/**
 * A plan file that is changed in place, by one run at a time: others wait until this is closed. Each change is kept in the
 * file {@code NAME.history} beside the plan before the plan is touched, so that a run that is killed at any moment leaves the
 * plan as it was or as it became, and every change can be taken back, also later. What somebody else wrote meanwhile is
 * never overwritten. Not thread-safe.
 *
 * <pre>{@code
 * try (var store = PlanStore.open(path)) {
 *     var editor = store.editor();
 *     editor.apply(Edit.parse("icon:crew=users"));
 *     store.save(editor);
 * }
 * }</pre>
 */
public final class PlanStore implements AutoCloseable {
    private static final byte[] MARK = {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF};

    private final Path file;
    private final EditHistory history;
    private final IconFiles icons;
    /** Files that nothing names yet. */
    private final List<Path> prepared = new ArrayList<>();

    private byte[] bytes;
    private SourceText source;

    private PlanStore(Path file, EditHistory history) throws FileException {
        this.file = file;
        this.history = history;
        this.icons = new IconFiles(file);
        load();
    }

    /**
     * Opens a plan file for changes; waits while another run has it open.
     *
     * @throws FileException if it can't be read, or its history can't be written
     */
    public static PlanStore open(Path file) throws FileException {
        SourceText.read(file);
        EditHistory history = EditHistory.open(historyOf(file));
        try {
            return new PlanStore(file, history);
        } catch (FileException trouble) {
            history.close();
            throw trouble;
        }
    }

    /** The file that keeps the changes of a plan: beside it, or beside what a link leads to. */
    public static Path historyOf(Path file) {
        Path real = file.toAbsolutePath();
        try {
            real = file.toRealPath();
        } catch (IOException missing) {
            // The trouble with the file itself is told by who reads it.
            return real.resolveSibling(real.getFileName() + ".history");
        }
        return real.resolveSibling(real.getFileName() + ".history");
    }

    private void load() throws FileException {
        bytes = SourceText.bytes(file);
        source = SourceText.of(file.toString(), bytes);
    }

    /** The text of the plan as it is in the file. */
    public SourceText source() {
        return source;
    }

    /** An editor of the text that was read, which knows the icons beside the plan. */
    public PlanEditor editor() {
        return new PlanEditor(source, icons.names());
    }

    /**
     * Puts icons that are renamed under their new names too, so that what was edited can be checked. Unless it is saved, they
     * are removed again.
     *
     * @return whether there are any
     * @throws FileException if a file can't be written
     */
    public boolean prepare(PlanEditor editor) throws FileException {
        for (Edit.Rename rename : editor.renames()) {
            if (rename.noun() == Noun.OWN_ICON) {
                prepared.addAll(icons.copy(rename.from(), rename.to()));
            }
        }
        return !prepared.isEmpty();
    }

    /**
     * Writes another text in place of the one that was read. A byte order mark stays where there was one.
     *
     * @throws FileException if the file was changed meanwhile, or can't be written; it is as it was then
     */
    public void save(String text) throws FileException {
        replace(Did.EDIT, text);
    }

    /**
     * Writes what an editor made of the text that was read. The journeys beside the plan ({@code NAME.journeys.yaml}) and the files
     * of icons follow its renamings, and are taken back with them. An icon that is removed is kept in {@code icons/removed}.
     *
     * @throws FileException if the file was changed meanwhile, or can't be written; it is as it was then
     */
    public void save(PlanEditor editor) throws FileException {
        if (prepared.isEmpty()) {
            prepare(editor);
        }
        if (!editor.source().text().equals(source.text())) {
            save(editor.source().text());
        }
        prepared.clear();
        for (Edit.Rename rename : editor.renames()) {
            if (rename.noun() == Noun.OWN_ICON) {
                icons.remove(rename.from());
            }
        }
        for (String icon : editor.removedIcons()) {
            icons.remove(icon);
        }
        Optional<Path> journeys = editor.renames().isEmpty() ? Optional.empty() : JourneysBeside.of(file);
        if (journeys.isPresent()) {
            try (var beside = open(journeys.get())) {
                Optional<String> renamed = JourneysBeside.renamed(beside.source(), editor.renames());
                if (renamed.isPresent()) {
                    beside.replace(Did.EDIT, renamed.get(), Digest.of(source.text()));
                }
            }
        }
    }

    /** Has the journeys beside the plan go with it, where their last change came with the plan's. */
    private void follow(Did did, String with) throws FileException {
        Optional<Path> journeys = JourneysBeside.of(file);
        if (journeys.isEmpty() || !Files.exists(historyOf(journeys.get()))) {
            return;
        }
        try (var beside = open(journeys.get())) {
            Optional<Step> step = did == Did.UNDO ? beside.history.undo() : beside.history.redo();
            if (step.filter(one -> one.with().equals(with)).isPresent() && beside.leads(step)) {
                beside.replace(did, step.get().delta().undo(beside.source.text()), with);
            }
        }
    }

    /**
     * Notes what something else changed, so that it can be taken back like a change of one's own.
     *
     * @param before the text of the plan before that
     * @throws FileException if it can't be kept
     */
    public void note(String before) throws FileException {
        if (!before.equals(source.text())) {
            history.add(Did.OTHER, before, source.text(), written().toString());
        }
    }

    private Instant written() {
        try {
            return Files.getLastModifiedTime(file).toInstant().truncatedTo(ChronoUnit.SECONDS);
        } catch (IOException gone) {
            return Instant.EPOCH;
        }
    }

    /**
     * When something else than this library wrote the change that {@link #undo} would take back.
     *
     * @return no value where this library made it, or there is none to take back
     */
    public Optional<Instant> undoesOther() {
        return history.undo()
                .filter(step -> canUndo())
                .map(Step::other)
                .filter(other -> !other.isEmpty())
                .map(Instant::parse);
    }

    /** Whether there is a change that can be taken back from the text as it is. */
    public boolean canUndo() {
        return leads(history.undo());
    }

    /** Whether there is a change that can be made again from the text as it is. */
    public boolean canRedo() {
        return leads(history.redo());
    }

    private boolean leads(Optional<Step> step) {
        return step.filter(one -> one.after().equals(Digest.of(source.text()))).isPresent();
    }

    /**
     * Takes the last change back that is in the history: one of this library's, or one that was {@linkplain #note noted}.
     *
     * @throws FileException if there is none, or the plan was changed by something else since; nothing is changed then
     */
    public void undo() throws FileException {
        String with = Digest.of(source.text());
        again(Did.UNDO, text(history.undo(), "taken back"));
        follow(Did.UNDO, with);
    }

    /**
     * Makes the change again that was taken back last.
     *
     * @throws FileException if there is none, or the plan was changed by something else since; nothing is changed then
     */
    public void redo() throws FileException {
        again(Did.REDO, text(history.redo(), "made again"));
        follow(Did.REDO, Digest.of(source.text()));
    }

    private String text(Optional<Step> step, String done) throws FileException {
        if (step.isEmpty()) {
            throw new FileException(
                    file,
                    "there is no change that could be " + done + ".",
                    "Only what this program changed can be, and what others changed while \"yonder live\" was running.");
        }
        if (!step.get().after().equals(Digest.of(source.text()))) {
            throw new FileException(
                    file,
                    "the plan was changed by something else since; nothing was " + done + ".",
                    "Take that change back where it was made; then this one can be " + done + " too.");
        }
        return step.get().delta().undo(source.text());
    }

    /** Goes to a text that was there before; the icons that it names come back with it. */
    private void again(Did did, String text) throws FileException {
        try {
            icons.restore(PlanMentions.icons(
                    Things.of(new SourceText(file.toString(), text)).draft()));
        } catch (EditException unreadable) {
            // A plan that can't be read names none.
            replace(did, text);
            return;
        }
        replace(did, text);
    }

    private void replace(Did did, String text) throws FileException {
        replace(did, text, "");
    }

    private void replace(Did did, String text, String with) throws FileException {
        byte[] wanted = text.getBytes(StandardCharsets.UTF_8);
        boolean isMarked = bytes.length >= 3 && Arrays.equals(bytes, 0, 3, MARK, 0, 3);
        if (isMarked) {
            byte[] marked = Arrays.copyOf(MARK, MARK.length + wanted.length);
            System.arraycopy(wanted, 0, marked, MARK.length, wanted.length);
            wanted = marked;
        }
        if (wanted.length > SourceText.LARGEST) {
            throw new FileException(file, "the plan would be larger than can be read again.", "");
        }
        history.add(did, source.text(), text, with);
        if (!SafeFile.replace(file, wanted, () -> Arrays.equals(bytes, SourceText.bytes(file)))) {
            throw changed();
        }
        load();
    }

    private FileException changed() {
        return new FileException(
                file, "the file was changed by something else meanwhile; nothing was written.", "Try again.");
    }

    /** Lets others change the plan. */
    @Override
    public void close() {
        for (Path unused : prepared) {
            try {
                Files.deleteIfExists(unused);
            } catch (IOException kept) {
                // It is listed as unused.
                continue;
            }
        }
        history.close();
    }
}
