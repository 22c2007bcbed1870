package org.yonderarc;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.codehaus.mojo.animal_sniffer.SignatureChecker;
import org.codehaus.mojo.animal_sniffer.logging.Logger;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/** The core runs where Android's API 26 is: nothing else of the JDK is used than what stands there. */
class AndroidTest {
    /** What API 26 lacks, and Android's compiler (D8) replaces with code of its own. */
    private static final Set<String> REPLACED = Set.of(
            "void Record.<init>()",
            "boolean java.util.Optional.isEmpty()",
            "java.util.Optional java.util.Optional.or(java.util.function.Supplier)",
            "java.util.stream.Stream java.util.Optional.stream()",
            "Object java.util.Optional.orElseThrow()",
            "void java.util.Optional.ifPresentOrElse(java.util.function.Consumer, Runnable)",
            "String String.strip()",
            "String String.stripLeading()",
            "String String.stripTrailing()",
            "String String.repeat(int)",
            "boolean String.isBlank()");

    @Test
    void everyCallIsThereOrReplaced() throws Exception {
        Logger log = Mockito.mock(Logger.class);
        try (InputStream known = Files.newInputStream(Path.of("target/android-26.signature"))) {
            var checker = new SignatureChecker(known, Set.of("org.yonderarc.*"), log);
            checker.setSourcePath(List.of());
            checker.process(Path.of("target/classes/org").toFile());
        }
        Set<String> lacking = Mockito.mockingDetails(log).getInvocations().stream()
                .filter(call -> call.getMethod().getName().equals("error"))
                .map(call -> call.getArgument(0).toString().replaceFirst("^.*Undefined reference: ", ""))
                .collect(Collectors.toCollection(TreeSet::new));
        assertEquals(new TreeSet<>(REPLACED), lacking);
    }
}
