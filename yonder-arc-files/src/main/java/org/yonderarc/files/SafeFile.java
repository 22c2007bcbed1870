package org.yonderarc.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Writes files so that nothing is lost: the new content is written beside the file, then takes its place. */
public final class SafeFile {
    private SafeFile() {}

    /**
     * Writes UTF-8 text.
     *
     * @throws FileTrouble if it can't be written; a file that was there before is untouched then
     */
    public static void write(Path file, String text) throws FileTrouble {
        write(file, text.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Writes bytes.
     *
     * @throws FileTrouble if they can't be written; a file that was there before is untouched then
     */
    public static void write(Path file, byte[] bytes) throws FileTrouble {
        Path folder = file.toAbsolutePath().getParent();
        if (Files.isDirectory(file)) {
            throw new FileTrouble(file, "this is a directory.", "Name the file to write inside of it.");
        }
        if (folder == null || !Files.isDirectory(folder)) {
            throw new FileTrouble(file, "there is no folder " + folder + ".", "Make the folder first.");
        }
        if (Files.exists(file) && !Files.isWritable(file)) {
            throw new FileTrouble(file, "the file is read-only.", "Name another file, or allow writing to this one.");
        }
        try {
            Path beside = Files.createTempFile(folder, ".yonder-", ".part");
            try {
                Files.write(beside, bytes);
                openToReaders(beside);
                replace(beside, file);
            } finally {
                Files.deleteIfExists(beside);
            }
        } catch (IOException failed) {
            throw new FileTrouble(
                    file,
                    "the file can't be written (" + SourceText.reason(failed) + ").",
                    "Name a file in a folder that you may write to, on a disk with room.");
        }
    }

    private static void replace(Path beside, Path file) throws IOException {
        try {
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException oldFileSystem) {
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** A temporary file is private; what takes its place should be as readable as any other file. */
    private static void openToReaders(Path file) throws IOException {
        try {
            Files.setPosixFilePermissions(file, java.nio.file.attribute.PosixFilePermissions.fromString("rw-r--r--"));
        } catch (UnsupportedOperationException noSuchPermissions) {
            // The file system has no POSIX permissions, and so no private temporary files either.
        }
    }
}
