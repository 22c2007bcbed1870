package org.yonderarc.edit;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import org.yonderarc.files.Digest;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;

/**
 * The changes of one plan file, in a file of their own that only grows: a line for each, written and forced to the disk
 * before the plan is replaced. A line that a killed run left half, or whose change never came to be, is passed over. The
 * file is locked while it is open.
 */
final class EditHistory implements AutoCloseable {
    /** What a line tells of. */
    enum Did {
        EDIT,
        /** A change that something else wrote. */
        OTHER,
        UNDO,
        REDO
    }

    /**
     * A change that can be taken back or made again.
     *
     * @param before the digest of the text to go back to
     * @param after the digest of the text from which that is allowed
     * @param delta what leads back
     * @param with the digest of another file's text that this came with; empty for none
     * @param other when something else wrote it, as a time of ISO 8601; empty where this library did
     */
    record Step(String before, String after, Delta delta, String with, String other) {}

    private record Line(Did did, Step step) {}

    private static final String FIRST = "yonder history 2";
    /** Changes that can be taken back. */
    private static final int MOST = 10_000;
    /** The file is made smaller when it is larger than this, in bytes. */
    private static final long LARGEST = 32L << 20;

    /** File locks hold between processes only; threads of one process wait here. */
    private static final ReentrantLock WITHIN = new ReentrantLock();

    private static final Object ABSENT = new Object();

    private final Path file;
    private FileChannel channel;
    private final Deque<Step> undo = new ArrayDeque<>();
    private final Deque<Step> redo = new ArrayDeque<>();

    private EditHistory(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    static EditHistory open(Path file) throws FileException {
        if (Files.isSymbolicLink(file)) {
            throw new FileException(
                    file,
                    "the history of changes is a link; nothing is written through it.",
                    "Remove the link, or put the file in its place.");
        }
        WITHIN.lock();
        try {
            FileChannel channel = locked(file);
            var history = new EditHistory(file, channel);
            try {
                history.read();
                return history;
            } catch (IOException | FileException failed) {
                channel.close();
                throw failed;
            }
        } catch (IOException failed) {
            WITHIN.unlock();
            throw new FileException(
                    file,
                    "the history of changes can't be kept (" + SourceText.reason(failed) + ").",
                    "Allow writing to it and to its folder.");
        } catch (FileException foreign) {
            WITHIN.unlock();
            throw foreign;
        }
    }

    /** Whoever waited for the lock may hold a file that was removed meanwhile; then it is opened anew. */
    private static FileChannel locked(Path file) throws IOException {
        while (true) {
            FileChannel channel = FileChannel.open(
                    file,
                    StandardOpenOption.CREATE,
                    StandardOpenOption.READ,
                    StandardOpenOption.WRITE,
                    LinkOption.NOFOLLOW_LINKS);
            Object opened = key(file);
            channel.lock();
            if (opened != ABSENT && Objects.equals(opened, key(file))) {
                return channel;
            }
            channel.close();
        }
    }

    private static Object key(Path file) throws IOException {
        try {
            return Files.readAttributes(file, BasicFileAttributes.class).fileKey();
        } catch (NoSuchFileException removed) {
            return ABSENT;
        }
    }

    private void read() throws IOException, FileException {
        var bytes = ByteBuffer.allocate((int) Math.min(channel.size(), Integer.MAX_VALUE - 8));
        while (bytes.hasRemaining() && channel.read(bytes) >= 0) {
            continue;
        }
        String text = new String(bytes.array(), 0, bytes.position(), StandardCharsets.UTF_8);
        if (text.isEmpty()) {
            append(FIRST + "\n");
            return;
        }
        if (!text.startsWith(FIRST)) {
            if (FIRST.startsWith(text)) {
                channel.truncate(0);
                append(FIRST + "\n");
                return;
            }
            throw new FileException(
                    file, "this is not a history of changes, and is left as it is.", "Give this file another name.");
        }
        int end = text.lastIndexOf('\n') + 1;
        if (end < text.length() || end == 0) {
            // Half a line of a run that was killed. A line break makes it one that is passed over.
            append("\n");
        }
        String current = digestOfPlan();
        List<Line> lines = lines(text.substring(0, end));
        for (int i = 0; i < lines.size(); i++) {
            // A change that never came to be: the plan, or the next change, is still at the text before it.
            Line line = lines.get(i);
            Step step = line.step();
            String next = i + 1 < lines.size() ? lines.get(i + 1).step().before() : current;
            boolean never = !next.equals(step.after()) && next.equals(step.before());
            if (!never) {
                replay(line);
            }
        }
        if (channel.size() > LARGEST || undo.size() > MOST * 2 || lines.size() > MOST * 4) {
            shrink();
        }
    }

    /** The digest of the plan's text, without a byte order mark. */
    private String digestOfPlan() {
        String name = file.getFileName().toString();
        Path plan = file.resolveSibling(name.substring(0, name.length() - ".history".length()));
        try {
            return Digest.of(SourceText.read(plan).text());
        } catch (FileException unreadable) {
            return "";
        }
    }

    private static List<Line> lines(String text) {
        var lines = new ArrayList<Line>();
        text.lines().skip(1).forEach(line -> {
            String[] parts = line.split(" ");
            try {
                boolean isLine = parts.length == 7 || parts.length == 8;
                if (isLine && checksum(parts[1], parts[2], parts[6]).equals(parts[5])) {
                    String removed =
                            new String(Base64.getDecoder().decode(parts[6].substring(1)), StandardCharsets.UTF_8);
                    var delta = new Delta(Integer.parseInt(parts[3]), Integer.parseInt(parts[4]), removed);
                    Did did = Did.valueOf(parts[0]);
                    String rest = parts.length == 8 ? parts[7] : "";
                    boolean isOther = did == Did.OTHER;
                    lines.add(new Line(
                            did, new Step(parts[1], parts[2], delta, isOther ? "" : rest, isOther ? rest : "")));
                }
            } catch (IllegalArgumentException broken) {
                // Passed over, like half a line.
                return;
            }
        });
        return lines;
    }

    private void replay(Line line) {
        Deque<Step> from = line.did == Did.REDO ? redo : undo;
        Step step = line.step;
        if (line.did == Did.EDIT || line.did == Did.OTHER) {
            redo.clear();
        } else if (!from.isEmpty()) {
            String other = from.pop().other();
            step = new Step(step.before(), step.after(), step.delta(), step.with(), other);
        }
        (line.did == Did.UNDO ? redo : undo).push(step);
    }

    /** The change to take back next. */
    Optional<Step> undo() {
        return Optional.ofNullable(undo.peek());
    }

    /** The change to make again next. */
    Optional<Step> redo() {
        return Optional.ofNullable(redo.peek());
    }

    /** Keeps a change, before the plan is replaced. */
    void add(Did did, String before, String after) throws FileException {
        add(did, before, after, "");
    }

    /** Keeps a change that came with one of another file, whose text is known by a digest then; or when something else wrote it. */
    void add(Did did, String before, String after, String with) throws FileException {
        boolean isOther = did == Did.OTHER;
        var line = new Line(
                did,
                new Step(
                        Digest.of(before),
                        Digest.of(after),
                        Delta.of(before, after),
                        isOther ? "" : with,
                        isOther ? with : ""));
        try {
            append(written(line));
        } catch (IOException failed) {
            throw new FileException(
                    file,
                    "the change can't be kept (" + SourceText.reason(failed) + "); nothing was written.",
                    "Make room on the disk, or allow writing.");
        }
        replay(line);
    }

    private static String written(Line line) {
        Step step = line.step();
        Delta delta = step.delta();
        // A letter before it, so that a line always has the same number of words.
        String removed =
                "=" + Base64.getEncoder().encodeToString(delta.removed().getBytes(StandardCharsets.UTF_8));
        String rest = line.did() == Did.OTHER ? step.other() : step.with();
        return line.did() + " " + step.before() + " " + step.after() + " " + delta.start() + " " + delta.end() + " "
                + checksum(step.before(), step.after(), removed) + " " + removed
                + (rest.isEmpty() ? "" : " " + rest) + "\n";
    }

    private static String checksum(String before, String after, String removed) {
        return Digest.of(before + after + removed).substring(0, 16);
    }

    private void append(String line) throws IOException {
        long start = channel.size();
        var rest = ByteBuffer.wrap(line.getBytes(StandardCharsets.UTF_8));
        try {
            channel.position(start);
            while (rest.hasRemaining()) {
                channel.write(rest);
            }
            channel.force(true);
        } catch (IOException full) {
            channel.truncate(start);
            throw full;
        }
    }

    /**
     * Keeps the latest changes only, in a file that takes the place of this one at once. It is locked before it does, so that
     * whoever waits for the old one, or opens the new one, waits for it too.
     */
    private void shrink() throws IOException {
        var kept = new ArrayList<Step>();
        long size = 0;
        for (Step step : undo) {
            size += step.delta().removed().length();
            if (kept.size() == MOST || size > LARGEST / 4) {
                break;
            }
            kept.add(0, step);
        }
        Path smaller = SafeFile.part(SafeFile.folder(file));
        FileChannel old = channel;
        try {
            channel = FileChannel.open(
                    smaller, StandardOpenOption.CREATE_NEW, StandardOpenOption.READ, StandardOpenOption.WRITE);
            channel.lock();
            append(FIRST + "\n");
            for (Step step : kept) {
                append(written(new Line(step.other().isEmpty() ? Did.EDIT : Did.OTHER, step)));
            }
            SafeFile.move(smaller, file);
        } catch (IOException noRoom) {
            // A history that stays long is as good.
            if (channel != old) {
                channel.close();
            }
            channel = old;
            Files.deleteIfExists(smaller);
            return;
        }
        old.close();
    }

    @Override
    public void close() {
        try {
            if (undo.isEmpty() && redo.isEmpty()) {
                Files.deleteIfExists(file);
            }
            channel.close();
        } catch (IOException gone) {
            // The lock ends with the process at the latest.
            return;
        } finally {
            WITHIN.unlock();
        }
    }
}
