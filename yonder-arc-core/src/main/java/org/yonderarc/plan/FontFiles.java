package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The font of an app's texts, in bars and in content, from files in the plan's folder: OpenType 1.9 with outlines of
 * either kind, {@code .ttf} or {@code .otf}. Letters that it lacks are set in the bundled font.
 *
 * @param regular the file for the weight 400 of CSS Fonts Level 4
 * @param semibold the file for the weight 600; without one, the regular file stands for both
 */
public record FontFiles(String regular, Optional<String> semibold) {
    public FontFiles {
        Objects.requireNonNull(regular, "regular");
        Objects.requireNonNull(semibold, "semibold");
    }

    /** The files, each once. */
    public Stream<String> files() {
        return Stream.concat(Stream.of(regular), semibold.stream()).distinct();
    }
}
