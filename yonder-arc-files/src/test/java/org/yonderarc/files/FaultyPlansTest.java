package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.check.IconNames;

/** Each plan in the folder {@code faulty} ends with the findings that it has: position, code, what to do. */
class FaultyPlansTest {
    private static final String MARK = "# finds ";

    private final IconNames icons = new IconNames() {
        @Override
        public boolean has(String name) {
            return all().contains(name);
        }

        @Override
        public boolean hasFilled(String name) {
            return has(name);
        }

        @Override
        public Collection<String> all() {
            return List.of("droplet", "droplets", "clipboard-list");
        }
    };

    static Stream<Path> plans() throws Exception {
        return Files.list(folder()).sorted();
    }

    private static Path folder() throws URISyntaxException {
        return Path.of(FaultyPlansTest.class.getResource("faulty").toURI());
    }

    @ParameterizedTest
    @MethodSource("plans")
    void giveExactlyTheirFindings(Path plan) throws Exception {
        PlanFile read = PlanFile.read(plan, icons);
        List<String> promised = read.source().lines().stream()
                .filter(line -> line.startsWith(MARK))
                .map(line -> line.substring(MARK.length()))
                .toList();
        List<String> found = read.findings().stream()
                .map(finding -> finding.spot().line() + ":" + finding.spot().column() + " "
                        + finding.code().id() + " " + finding.remedy())
                .toList();
        assertEquals(String.join("\n", promised), String.join("\n", found));
    }
}
