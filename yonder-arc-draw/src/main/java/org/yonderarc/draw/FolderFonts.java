package org.yonderarc.draw;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.yonderarc.finding.Brief;

/** The fonts in a folder, each read once. Thread-safe. */
final class FolderFonts implements Fonts {
    private static final Set<String> ENDINGS = Set.of("ttf", "otf", "woff", "woff2", "ttc", "otc");

    private final InFolder folder;
    private final Map<String, Found> all = new ConcurrentHashMap<>();

    FolderFonts(Path folder) {
        this.folder = new InFolder(folder, LARGEST);
    }

    private record Found(Optional<byte[]> bytes, Optional<String> trouble) {}

    @Override
    public Optional<byte[]> read(String file) {
        return all.computeIfAbsent(file, this::found).bytes;
    }

    @Override
    public Optional<String> trouble(String file) {
        String ending = file.substring(file.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return ENDINGS.contains(ending) ? all.computeIfAbsent(file, this::found).trouble : Optional.empty();
    }

    private Found found(String file) {
        try {
            Optional<byte[]> bytes = folder.read(file);
            return new Found(
                    bytes,
                    bytes.isEmpty()
                            ? Optional.empty()
                            : FontFile.of(bytes.get()).doubt());
        } catch (IOException unusable) {
            return new Found(Optional.empty(), Optional.of(Brief.of(unusable)));
        }
    }
}
