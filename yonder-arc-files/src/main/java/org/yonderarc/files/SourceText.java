package org.yonderarc.files;

import static java.util.stream.Collectors.toList;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.Buffer;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import org.yonderarc.finding.Brief;

/**
 * The text of a file.
 *
 * @param name the file's name, as messages give it
 * @param text its text
 */
public record SourceText(String name, String text) {
    /** The largest plan file that is read: 16 MiB, some 100,000 screens. */
    public static final long LARGEST = 16L << 20;

    /** So many bytes are read at once. */
    private static final int PART = 1 << 14;

    /**
     * Reads a file of UTF-8 text; a byte order mark at its start is left out.
     *
     * @throws FileException if it doesn't exist, is no file, is too large or isn't UTF-8 text
     */
    public static SourceText read(Path file) throws FileException {
        if (Files.isDirectory(file)) {
            throw new FileException(file, "this is a directory.", "Name the plan file inside of it.");
        }
        return of(file.toString(), bytes(file));
    }

    /**
     * Reads UTF-8 text from a stream, which stays open; a byte order mark at its start is left out.
     *
     * @param name what messages call it; it ends in {@code .json} for JSON
     * @throws FileException if it can't be read, is too large or isn't UTF-8 text
     */
    public static SourceText read(String name, InputStream in) throws FileException {
        try {
            return of(name, bytes(name, in));
        } catch (IOException failed) {
            throw new FileException(name, "it can't be read (" + failed.getMessage() + ").", "");
        }
    }

    /**
     * The text in the bytes of a file, without a byte order mark.
     *
     * @throws FileException if they are no text in UTF-8
     */
    public static SourceText of(String file, byte[] bytes) throws FileException {
        String text = decode(file, bytes);
        int control = controlCharacter(text);
        if (control >= 0) {
            throw new FileException(
                    file,
                    "this is not a text file: a control character (code " + (int) text.charAt(control) + ") stands at "
                            + place(text, control) + ".",
                    "Name a plan in YAML or JSON.");
        }
        return new SourceText(file, text.startsWith("\uFEFF") ? text.substring(1) : text);
    }

    /**
     * The bytes of a file.
     *
     * @throws FileException if it can't be read, or has more than {@link #LARGEST}
     */
    public static byte[] bytes(Path file) throws FileException {
        try (var in = Files.newInputStream(file)) {
            return bytes(file.toString(), in);
        } catch (NoSuchFileException missing) {
            throw new FileException(
                    file,
                    "there is no such file.",
                    "Check the name, or start from the plan that \"yonder demo\" writes.");
        } catch (IOException failed) {
            throw new FileException(
                    file, "the file can't be read (" + reason(failed) + ").", "Check that you may read it.");
        }
    }

    private static byte[] bytes(String name, InputStream in) throws IOException, FileException {
        // Older Androids have no method that reads them all.
        var bytes = new ByteArrayOutputStream();
        var part = new byte[PART];
        for (int count = in.read(part); count >= 0; count = in.read(part)) {
            bytes.write(part, 0, count);
            if (bytes.size() > LARGEST) {
                throw new FileException(
                        name,
                        "the file is larger than " + (LARGEST >> 20) + " MiB.",
                        "No plan is that large; is it the right file?");
            }
        }
        return bytes.toByteArray();
    }

    /** Why something could not be read or written, in a few words for people. */
    public static String reason(IOException failed) {
        return failed instanceof java.nio.file.AccessDeniedException ? "permission denied" : Brief.of(failed);
    }

    private static String decode(String file, byte[] bytes) throws FileException {
        var in = ByteBuffer.wrap(bytes);
        var out = CharBuffer.allocate(bytes.length);
        CoderResult result = StandardCharsets.UTF_8.newDecoder().decode(in, out, true);
        // As the type that older Androids know it of.
        ((Buffer) out).flip();
        if (result.isError()) {
            throw new FileException(
                    file,
                    "the byte 0x" + Integer.toHexString(bytes[in.position()] & 0xFF) + " at "
                            + place(out.toString(), out.length()) + " is not UTF-8.",
                    "Save the file as UTF-8 text.");
        }
        return out.toString();
    }

    private static int controlCharacter(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c >= ' ' && c < 0x7F) {
                continue;
            }
            // U+0085 is printable in YAML (1.2.2, production 1), and no line break.
            boolean space = c == '\n' || c == '\r' || c == '\t' || c == 0x85;
            if (Character.isISOControl(c) && !space) {
                return i;
            }
        }
        return -1;
    }

    private static String place(String text, int index) {
        int line = 1;
        int start = 0;
        for (int i = text.indexOf('\n'); i >= 0 && i < index; i = text.indexOf('\n', i + 1)) {
            line++;
            start = i + 1;
        }
        return "line " + line + ", column " + (text.codePointCount(start, index) + 1);
    }

    /** The lines of the text, without their ends. */
    public List<String> lines() {
        return new BufferedReader(new StringReader(text)).lines().collect(toList());
    }

    /** Whether the name is that of a JSON file. */
    public boolean isJson() {
        return name.endsWith(".json");
    }
}
