package org.yonderarc.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes files so that nothing is lost: the new content is written beside the file, then takes its place. A link stays a
 * link, and its target keeps its mode, group and owner as far as the system lets us. What a killed run left beside a file
 * is removed by the next.
 */
public final class SafeFile {
    /** The process that writes it stands in the name, so that what a dead one left can be told from work in progress. */
    private static final Pattern PART = Pattern.compile("\\.yonder-([0-9]+)-[0-9]+\\.part");

    private static final AtomicLong COUNT = new AtomicLong();
    private static final Set<Path> CLEANED = ConcurrentHashMap.newKeySet();

    private SafeFile() {}

    /**
     * Writes UTF-8 text.
     *
     * @throws FileException if it can't be written; a file that was there before is untouched then
     */
    public static void write(Path file, String text) throws FileException {
        write(file, text.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Writes bytes.
     *
     * @throws FileException if they can't be written; a file that was there before is untouched then
     */
    public static void write(Path file, byte[] bytes) throws FileException {
        replace(file, bytes, () -> true);
    }

    /** What is asked when all is ready, right before the new content takes its place. */
    @FunctionalInterface
    public interface LastLook {
        /** Whether the new content may take its place. */
        boolean isFine() throws FileException;
    }

    /**
     * Writes bytes unless {@code look} says no; says whether it did.
     *
     * @throws FileException as {@link #write(Path, byte[])}
     */
    public static boolean replace(Path file, byte[] bytes, LastLook look) throws FileException {
        Path target = target(file);
        Path folder = target.toAbsolutePath().getParent();
        if (Files.isDirectory(target)) {
            throw new FileException(file, "this is a directory.", "Name the file to write inside of it.");
        }
        if (Files.exists(target) && !Files.isRegularFile(target)) {
            throw new FileException(file, "this is a device or a pipe, and no file.", "Name a file.");
        }
        if (folder == null || !Files.isDirectory(folder)) {
            throw new FileException(file, "there is no folder " + folder + ".", "Make the folder first.");
        }
        if (Files.exists(target) && !Files.isWritable(target)) {
            throw new FileException(file, "the file is read-only.", "Name another file, or allow writing to this one.");
        }
        clean(folder);
        try {
            Path beside = part(folder);
            try {
                fill(beside, bytes);
                if (Files.exists(target)) {
                    sameOwner(target, beside);
                }
                if (!look.isFine()) {
                    return false;
                }
                move(beside, target);
                return true;
            } finally {
                Files.deleteIfExists(beside);
            }
        } catch (IOException failed) {
            throw new FileException(
                    file,
                    "the file can't be written (" + SourceText.reason(failed) + ").",
                    "Name a file in a folder that you may write to, on a disk with room.");
        }
    }

    /** A new name for what is written beside a file; what a killed run leaves under such a name is removed. */
    public static Path part(Path folder) {
        return folder.resolve(".yonder-" + ProcessHandle.current().pid() + "-" + COUNT.incrementAndGet() + ".part");
    }

    /** What a link leads to, so that the link itself stays. */
    private static Path target(Path file) throws FileException {
        if (!Files.isSymbolicLink(file)) {
            return file;
        }
        try {
            return file.toRealPath();
        } catch (IOException nowhere) {
            throw new FileException(file, "this link leads nowhere.", "Name a file, or correct the link.");
        }
    }

    private static void fill(Path file, byte[] bytes) throws IOException {
        try (var channel = FileChannel.open(file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            var rest = ByteBuffer.wrap(bytes);
            while (rest.hasRemaining()) {
                channel.write(rest);
            }
            channel.force(true);
        }
    }

    /** The folder that a file is in. */
    public static Path folder(Path file) {
        return Objects.requireNonNull(file.toAbsolutePath().getParent(), "folder");
    }

    /** Puts a file in the place of another in one step, where the system can do that. */
    public static void move(Path beside, Path file) throws IOException {
        try {
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException oldFileSystem) {
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void sameOwner(Path from, Path to) throws IOException {
        var view = Files.getFileAttributeView(to, PosixFileAttributeView.class);
        if (view == null) {
            return;
        }
        PosixFileAttributes wanted = Files.readAttributes(from, PosixFileAttributes.class);
        PosixFileAttributes now = view.readAttributes();
        try {
            if (!wanted.group().equals(now.group())) {
                view.setGroup(wanted.group());
            }
            if (!wanted.owner().equals(now.owner())) {
                view.setOwner(wanted.owner());
            }
        } catch (IOException notAllowed) {
            // Only root may give a file away; whoever may write here may also own what is written.
            view.setPermissions(wanted.permissions());
            return;
        }
        view.setPermissions(wanted.permissions());
    }

    /** Removes what runs left that were killed; once for each folder is enough. */
    private static void clean(Path folder) {
        if (!CLEANED.add(folder)) {
            return;
        }
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, ".yonder-*.part")) {
            for (Path part : parts) {
                Matcher name = PART.matcher(part.getFileName().toString());
                boolean isDead = name.matches()
                        && name.group(1).length() < 19
                        && ProcessHandle.of(Long.parseLong(name.group(1))).isEmpty();
                if (isDead && Files.isRegularFile(part, LinkOption.NOFOLLOW_LINKS)) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (IOException untidy) {
            // A folder that can't be tidied can be written to all the same.
            return;
        }
    }
}
