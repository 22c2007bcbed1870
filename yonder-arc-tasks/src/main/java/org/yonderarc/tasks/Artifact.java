package org.yonderarc.tasks;

import java.nio.charset.StandardCharsets;
import java.util.List;

/** The result of a task: the content of a file, and what people should know about it. */
public final class Artifact {
    private final Format format;
    private final byte[] bytes;
    private final String summary;
    private final List<String> notes;

    Artifact(Format format, byte[] bytes, String summary, List<String> notes) {
        this.format = format;
        this.bytes = bytes;
        this.summary = summary;
        this.notes = List.copyOf(notes);
    }

    static Artifact of(Format format, String text, String summary) {
        return new Artifact(format, text.getBytes(StandardCharsets.UTF_8), summary, List.of());
    }

    /** Its format. */
    public Format format() {
        return format;
    }

    /** Its content, a copy; text is in UTF-8. */
    public byte[] bytes() {
        return bytes.clone();
    }

    /** Its content as text, for formats that are text. */
    public String text() {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    /** What it is, in a few words: the title of a drawn screen, what was filmed and how long that takes; may be empty. */
    public String summary() {
        return summary;
    }

    /** Sentences about letters that only a font of this machine has, or none; mostly none. */
    public List<String> notes() {
        return notes;
    }
}
