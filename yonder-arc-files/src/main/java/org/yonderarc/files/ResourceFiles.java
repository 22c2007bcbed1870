package org.yonderarc.files;

import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import java.util.Optional;

/** The resources beside a class. */
final class ResourceFiles implements SiblingFiles {
    private final Class<?> owner;
    private final String folder;

    ResourceFiles(Class<?> owner) {
        this(owner, "");
    }

    private ResourceFiles(Class<?> owner, String folder) {
        this.owner = Objects.requireNonNull(owner, "owner");
        this.folder = folder;
    }

    /** Those of the folder in which a resource stands: beside a class, or, with a slash before it, from the top of the class path. */
    static ResourceFiles around(Class<?> owner, String resource) {
        boolean isAbsolute = resource.startsWith("/");
        return new ResourceFiles(owner, isAbsolute ? resource.substring(0, resource.lastIndexOf('/') + 1) : "");
    }

    /** The name of a resource in its folder. */
    static String name(String resource) {
        return resource.startsWith("/") ? resource.substring(resource.lastIndexOf('/') + 1) : resource;
    }

    /** Those beside one of them. */
    ResourceFiles beside(String path) {
        return new ResourceFiles(owner, folder + path.substring(0, path.lastIndexOf('/') + 1));
    }

    @Override
    public boolean has(String path) {
        return isPlain(path) && owner.getResource(folder + path) != null;
    }

    @Override
    public Optional<SourceText> text(String path) throws FileException {
        if (!isPlain(path)) {
            return Optional.empty();
        }
        try (InputStream in = owner.getResourceAsStream(folder + path)) {
            return in == null ? Optional.empty() : Optional.of(SourceText.read(path, in));
        } catch (IOException failed) {
            throw new FileException(path, "it can't be closed (" + failed.getMessage() + ").", "");
        }
    }

    /** Whether a path stays beside the class. */
    private static boolean isPlain(String path) {
        return !path.startsWith("/") && !("/" + path + "/").contains("/../");
    }
}
