package org.yonderarc.junit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.yonderarc.draw.Studio;
import org.yonderarc.scene.Scene;

/**
 * Pictures that stay as they are until somebody looks at a change and takes it. They are SVG files in a folder that is committed:
 *
 * <pre>{@code
 * Golden golden = Golden.in(Path.of("src/test/golden"));
 * golden.require("surveys-on-a-phone", view.scene(state));
 * }</pre>
 *
 * <p>A picture that isn't there is written, and fails: look at it, and run the test again. With the system property
 * {@code yonder.golden} set to {@code take}, pictures that differ are taken for the new ones; look at them before they are committed.
 */
public final class Golden {
    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]*");

    private final Path folder;
    private final Path made;
    private final Studio studio;

    private Golden(Path folder, Path made, Studio studio) {
        this.folder = folder;
        this.made = made;
        this.studio = studio;
    }

    /** The pictures in a folder; those that differ are put into {@code target/golden}. */
    public static Golden in(Path folder) {
        return new Golden(folder, Path.of("target", "golden"), new Studio());
    }

    /** The same, drawn with an app's own icons, pictures and font. */
    public Golden with(Studio other) {
        return new Golden(folder, made, other);
    }

    /** The same, with those that differ in another folder. */
    public Golden differing(Path other) {
        return new Golden(folder, other, studio);
    }

    /**
     * Compares a scene with the picture of a name.
     *
     * @param name letters, digits, dots, underscores and hyphens
     * @throws AssertionError with the first line that differs and where to look, if the picture is another one, or new
     */
    public void require(String name, Scene scene) {
        if (!NAME.matcher(name).matches()) {
            throw new IllegalArgumentException(
                    "\"" + name + "\" is not a picture's name: letters, digits, dots, underscores, hyphens");
        }
        String now = studio.svg(scene);
        Path golden = folder.resolve(name + ".svg");
        try {
            if (!Files.exists(golden)) {
                write(golden, now);
                throw new AssertionError("There was no picture \"" + name + "\" yet. It is written: look at " + golden
                        + ", commit it if it is as it should be, and run the test again.");
            }
            String before = Files.readString(golden).replace("\r\n", "\n");
            if (before.equals(now.replace("\r\n", "\n"))) {
                return;
            }
            if ("take".equals(System.getProperty("yonder.golden"))) {
                write(golden, now);
                return;
            }
            Path other = made.resolve(name + ".svg");
            write(other, now);
            throw new AssertionError(difference(name, before, now) + "\n  was    " + golden + "\n  is     " + other
                    + "\nIf that is meant, run the test with -Dyonder.golden=take.");
        } catch (IOException failed) {
            throw new UncheckedIOException(
                    "the picture \"" + name + "\" can't be compared: " + failed.getMessage(), failed);
        }
    }

    /** What a link leads to is somebody's own: it may lie outside the folder. */
    private static void write(Path file, String text) throws IOException {
        if (Files.isSymbolicLink(file)) {
            throw new IOException(file + " is a link, and is not written through; put the picture itself there");
        }
        Files.createDirectories(file.toAbsolutePath().getParent());
        Files.writeString(file, text);
    }

    /** The first lines that differ, and how many do. */
    private static String difference(String name, String before, String now) {
        List<String> was = before.lines().toList();
        List<String> is = now.lines().toList();
        int first = 0;
        while (first < Math.min(was.size(), is.size()) && was.get(first).equals(is.get(first))) {
            first++;
        }
        int behind = 0;
        while (behind < Math.min(was.size(), is.size()) - first
                && was.get(was.size() - 1 - behind).equals(is.get(is.size() - 1 - behind))) {
            behind++;
        }
        int lines = Math.max(was.size(), is.size()) - first - behind;
        return "The picture \"" + name + "\" is another one: " + lines + (lines == 1 ? " line" : " lines")
                + " from line " + (first + 1) + " on.\n  was    " + line(was, first) + "\n  is     " + line(is, first);
    }

    private static String line(List<String> lines, int index) {
        String line = index < lines.size() ? lines.get(index).strip() : "(the end)";
        return line.length() > 160 ? line.substring(0, 160) + " ..." : line;
    }
}
