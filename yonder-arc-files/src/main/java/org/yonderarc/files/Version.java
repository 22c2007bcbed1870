package org.yonderarc.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** The version of the library, as it was built. */
public final class Version {
    private static final Properties BUILT = built();

    private Version() {}

    /** The number: {@code 0.3.0}. */
    public static String number() {
        return BUILT.getProperty("version");
    }

    private static Properties built() {
        // Not beside the class, whose name a shrinker may change.
        try (InputStream in = Version.class.getResourceAsStream("/org/yonderarc/files/version.properties")) {
            var built = new Properties();
            built.load(in);
            return built;
        } catch (IOException failed) {
            throw new UncheckedIOException("the library's version can't be read", failed);
        }
    }
}
