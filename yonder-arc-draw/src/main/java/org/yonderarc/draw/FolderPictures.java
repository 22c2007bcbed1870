package org.yonderarc.draw;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.yonderarc.finding.Brief;

/** The pictures in a folder, each read and cleaned once. Thread-safe. */
final class FolderPictures implements Pictures {
    private static final Map<String, String> TYPES =
            Map.of("png", "image/png", "jpg", "image/jpeg", "jpeg", "image/jpeg", "svg", "image/svg+xml");

    private final InFolder folder;
    private final Map<String, Found> all = new ConcurrentHashMap<>();

    FolderPictures(Path folder) {
        this.folder = new InFolder(folder, LARGEST);
    }

    private record Found(Optional<Picture> picture, Optional<String> trouble) {}

    private static String ending(String file) {
        return file.substring(file.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    @Override
    public Optional<Picture> read(String file) {
        return all.computeIfAbsent(file, this::found).picture;
    }

    @Override
    public Optional<String> trouble(String file) {
        Found found = all.computeIfAbsent(file, this::found);
        if (found.trouble.isPresent() || found.picture.isEmpty()) {
            return found.trouble;
        }
        return Decoded.trouble(found.picture.get());
    }

    /** What of an SVG is not drawn, in the words of a message. */
    private static Optional<String> leftOut(String mime, byte[] bytes) throws IOException {
        if (!mime.endsWith("svg+xml")) {
            return Optional.empty();
        }
        Set<String> names = CleanSvg.of(bytes).leftOut();
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of("of its elements, " + String.join(", ", names) + " can't be drawn and "
                        + (names.size() == 1 ? "is" : "are") + " left out");
    }

    private Found found(String file) {
        String mime = TYPES.get(ending(file));
        if (mime == null) {
            return new Found(Optional.empty(), Optional.empty());
        }
        try {
            Optional<byte[]> bytes = folder.read(file);
            return bytes.isEmpty()
                    ? new Found(Optional.empty(), Optional.empty())
                    : new Found(Optional.of(CleanPicture.of(mime, bytes.get())), leftOut(mime, bytes.get()));
        } catch (IOException broken) {
            return new Found(Optional.empty(), Optional.of(Brief.of(broken)));
        }
    }
}
