package org.yonderarc.android;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.android.tools.r8.BackportedMethodList;
import com.android.tools.r8.BackportedMethodListCommand;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.codehaus.mojo.animal_sniffer.SignatureChecker;
import org.codehaus.mojo.animal_sniffer.logging.Logger;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/**
 * What an Android app needs of the library runs where API level 26 is: nothing else is used than what stands there, than what Android's compiler (D8)
 * says that it replaces, and than what is named here.
 */
class SignaturesTest {
    private static final int LOWEST = 26;

    /** Parts of the system that the view asks for only where its API level has them. */
    private static final Set<String> ASKED_FOR = Set.of(
            // 28
            "android.graphics.Typeface.create",
            "android.view.accessibility.AccessibilityNodeInfo.setHeading",
            "android.view.accessibility.AccessibilityNodeInfo.setPaneTitle",
            // 29
            "android.graphics.Insets",
            "android.graphics.RecordingCanvas",
            "android.graphics.RenderNode",
            "android.graphics.Canvas.drawRenderNode",
            "android.graphics.Typeface.CustomFallbackBuilder",
            "android.graphics.fonts.",
            // 30
            "android.view.WindowInsets.getInsets",
            "android.view.WindowInsets.Builder",
            "android.view.WindowInsets.Type",
            // 33
            "android.window.",
            "android.view.View.findOnBackInvokedDispatcher",
            // 34
            "android.app.UiModeManager.getContrast");

    /** What no app on a phone does: translations as XLIFF, which need a reader of XML, and editing a plan's files. */
    private static final Set<String> ELSEWHERE = Set.of("javax.xml.stream.", "ProcessHandle");

    private static Set<String> lacking(String module) throws Exception {
        Logger log = Mockito.mock(Logger.class);
        try (InputStream known = Files.newInputStream(Path.of("target/system/android-" + LOWEST + ".signature"))) {
            var checker = new SignatureChecker(
                    known, Set.of("org.yonderarc.*", "com.fasterxml.*", "org.snakeyaml.*", "org.jspecify.*"), log);
            checker.setSourcePath(List.of());
            checker.process(
                    Path.of("../yonder-arc-" + module + "/target/classes/org").toFile());
        }
        return Mockito.mockingDetails(log).getInvocations().stream()
                .filter(call -> call.getMethod().getName().equals("error"))
                .map(call -> call.getArgument(0).toString().replaceFirst("^.*Undefined reference: ", ""))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** What Android's compiler replaces with code of its own, as {@code java.util.Optional.isEmpty}. */
    private static Set<String> replaced() throws Exception {
        var out = new TreeSet<String>();
        var command = BackportedMethodListCommand.builder()
                .setMinApiLevel(LOWEST)
                .setConsumer((line, handler) -> {
                    int name = line.indexOf('(');
                    if (name > 0) {
                        out.add(line.substring(0, name).trim().replace('/', '.').replace('#', '.'));
                    }
                })
                .build();
        BackportedMethodList.run(command);
        return out;
    }

    private static final Pattern NAME = Pattern.compile("^(?:\\S+ )?([\\w.]+?)(?:\\(.*)?$");

    /** The name of what is lacking: {@code String.strip} of {@code String String.strip()}. */
    private static String name(String lacking) {
        var name = NAME.matcher(lacking.replaceAll("\\.<init>", ""));
        return name.matches() ? name.group(1) : lacking;
    }

    private static Set<String> unexplained(String module, Set<String> allowed) throws Exception {
        Set<String> replaced = replaced();
        var out = new TreeSet<String>();
        for (String one : lacking(module)) {
            String name = name(one);
            boolean isReplaced =
                    replaced.contains(name) || replaced.contains("java.lang." + name) || name.equals("Record");
            if (!isReplaced && allowed.stream().noneMatch(name::startsWith)) {
                out.add(one);
            }
        }
        return out;
    }

    @Test
    void everyCallIsThereOrReplacedOrAskedFor() throws Exception {
        assertEquals(Set.of(), unexplained("core", Set.of()));
        assertEquals(Set.of(), unexplained("files", ELSEWHERE));
        assertEquals(Set.of(), unexplained("icons", Set.of()));
        assertEquals(Set.of(), unexplained("fonts", Set.of()));
        assertEquals(Set.of(), unexplained("android", ASKED_FOR));
    }
}
