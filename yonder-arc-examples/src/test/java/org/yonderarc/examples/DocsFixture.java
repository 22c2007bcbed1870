package org.yonderarc.examples;

import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

/** The documents of the project. */
abstract class DocsFixture {
    static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    static List<String> blocks(String text, String language) {
        return Pattern.compile("```" + language + "\n(.*?)```", Pattern.DOTALL)
                .matcher(text)
                .results()
                .map(block -> block.group(1))
                .toList();
    }
}
