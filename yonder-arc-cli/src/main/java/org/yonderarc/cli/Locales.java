package org.yonderarc.cli;

import java.nio.charset.Charset;
import java.util.Optional;

/** Whether names and texts come through: the system hands over arguments and file names in the encoding of the locale. */
final class Locales {
    private Locales() {}

    /** What is wrong with the locale for these arguments, if anything. */
    static Optional<String> problem(String[] arguments) {
        return problem(System.getProperty("sun.jnu.encoding", "UTF-8"), arguments);
    }

    static Optional<String> problem(String encoding, String[] arguments) {
        boolean isUtf8 =
                Charset.isSupported(encoding) && Charset.forName(encoding).equals(Charset.forName("UTF-8"));
        for (String argument : arguments) {
            if (!isUtf8 && argument.chars().anyMatch(c -> c > 126)) {
                return Optional.of("an argument has letters that don't come through in this locale (" + encoding
                        + "). Set LC_ALL=C.UTF-8, or another locale with UTF-8; nothing was done.");
            }
        }
        return Optional.empty();
    }
}
