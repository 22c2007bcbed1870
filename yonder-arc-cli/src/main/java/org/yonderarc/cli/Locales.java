package org.yonderarc.cli;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Whether names and texts come through: the system hands over arguments and file names in the encoding of the locale. */
final class Locales {
    private static final String ENCODING = System.getProperty("sun.jnu.encoding", "UTF-8");
    private static final String WAY_OUT = " Set LC_ALL=C.UTF-8, or another locale with UTF-8; nothing was done.";

    private Locales() {}

    /** What is wrong with the locale for these arguments, if anything. */
    static Optional<String> problem(String[] arguments) {
        return isLost(List.of(arguments))
                ? Optional.of(
                        "an argument has letters that don't come through in this locale (" + ENCODING + ")." + WAY_OUT)
                : Optional.empty();
    }

    /** What is wrong with the locale for the files that a plan names, if anything. */
    static Optional<String> problem(Collection<String> files) {
        return isLost(files)
                ? Optional.of("the plan names files with letters that don't come through in this locale (" + ENCODING
                        + ")." + WAY_OUT)
                : Optional.empty();
    }

    private static boolean isLost(Collection<String> names) {
        boolean isUtf8 =
                Charset.isSupported(ENCODING) && Charset.forName(ENCODING).equals(StandardCharsets.UTF_8);
        return !isUtf8 && names.stream().anyMatch(name -> name.chars().anyMatch(c -> c > 126));
    }
}
