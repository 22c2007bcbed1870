package org.yonderarc.examples;

import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FindingJson;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.tasks.ExportTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.ProgressListener;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.WalkTask;

/** Files as a version writes them, kept so that later versions are held to reading them. Run once for each version that is published. */
final class StoredFiles {
    static final Path ROOT = Path.of("src/test/stored");

    /** What the steps of the saved state are. */
    static final List<String> STEPS = List.of("choose:surveys", "open:survey?survey=41", "choose:map", "tell:drafts=5");

    /** The packages that apps use, each with the module that it is in. */
    private static final Map<String, String> PACKAGES = Map.of(
            "plan",
            "core",
            "build",
            "core",
            "walk",
            "core",
            "navigator",
            "core",
            "journey",
            "core",
            "files",
            "files",
            "edit",
            "edit",
            "draw",
            "draw",
            "tasks",
            "tasks",
            "desktop",
            "desktop");

    private StoredFiles() {}

    /** Stores what this version writes, in the folder named as the version. */
    public static void main(String[] version) throws Exception {
        Path folder = Files.createDirectories(ROOT.resolve(version[0]));
        Path everything = Path.of("../yonder-arc-files/src/test/resources/org/yonderarc/files/everything.yaml");
        write(folder, "plan.yaml", Files.readString(everything));
        write(folder, "plan.json", PlanFile.toJson(plan(everything)));
        Path examples = Path.of("src/main/resources/org/yonderarc/examples");
        for (String name : List.of("brinelight.yaml", "brinelight.journeys.yaml")) {
            write(folder, name, Files.readString(examples.resolve(name)));
        }
        write(
                folder,
                "state.txt",
                walked(plan(folder.resolve("brinelight.yaml"))).save());
        write(
                folder,
                "faulty.yaml",
                "yonder: 1\napp: { name: Quay, start: tidse }\nscreens: { tides: Tides, log: { icno: x } }\n");
        write(folder, "findings.json", findings(folder.resolve("faulty.yaml")));
        write(folder, "walk.json", walk(folder.resolve("brinelight.yaml")));
        for (String plan : ExamplePlans.NAMES) {
            write(folder, plan + ".vectors.json", export(examples.resolve(plan + ".yaml"), Format.VECTORS));
        }
        for (Format format : List.of(Format.JAVA, Format.KOTLIN, Format.SWIFT, Format.TYPESCRIPT, Format.SCXML)) {
            write(folder, "names." + format.extension(), export(folder.resolve("brinelight.yaml"), format));
        }
        write(folder, "api.txt", String.join("\n", api()) + "\n");
    }

    private static void write(Path folder, String name, String text) throws IOException {
        Files.writeString(folder.resolve(name), text);
    }

    static PlanFile read(Path file) throws IOException {
        return PlanFile.read(new SourceText(file.toString(), Files.readString(file)), IconNames.ANY);
    }

    static org.yonderarc.plan.Plan plan(Path file) throws IOException {
        PlanFile read = read(file);
        return read.plan().orElseThrow(() -> new AssertionError(read.findings()));
    }

    static Navigator walked(org.yonderarc.plan.Plan plan) {
        var navigator = new Navigator(plan, Runnable::run);
        STEPS.forEach(step -> navigator.take(org.yonderarc.walk.Steps.parse(plan, step)));
        return navigator;
    }

    static String findings(Path faulty) throws IOException {
        return FindingJson.report(
                PlanFile.read(new SourceText("faulty.yaml", Files.readString(faulty)), IconNames.ANY));
    }

    static String walk(Path plan) throws Exception {
        return WalkTask.builder()
                .steps(STEPS)
                .build()
                .run(Project.open(plan), ProgressListener.NONE)
                .json();
    }

    static String export(Path plan, Format format) throws Exception {
        return new String(
                ExportTask.builder()
                        .format(format)
                        .build()
                        .run(Project.open(plan), ProgressListener.NONE)
                        .bytes(),
                StandardCharsets.UTF_8);
    }

    /** What apps can call: each public method of the packages that they use. */
    static SortedSet<String> api() throws Exception {
        var out = new TreeSet<String>();
        for (var entry : PACKAGES.entrySet()) {
            Path folder =
                    Path.of("../yonder-arc-" + entry.getValue() + "/target/classes/org/yonderarc/" + entry.getKey());
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    String name = file.getFileName().toString();
                    if (name.endsWith(".class") && !name.equals("package-info.class")) {
                        Class<?> type = Class.forName(
                                "org.yonderarc." + entry.getKey() + "." + name.substring(0, name.length() - 6),
                                false,
                                StoredFiles.class.getClassLoader());
                        if (isPublic(type)) {
                            methods(type).forEach(out::add);
                        }
                    }
                }
            }
        }
        return out;
    }

    private static boolean isPublic(Class<?> type) {
        return Modifier.isPublic(type.getModifiers())
                && (type.getEnclosingClass() == null || isPublic(type.getEnclosingClass()));
    }

    private static List<String> methods(Class<?> type) {
        var out = new ArrayList<>(List.of(type.getName()));
        for (Method method : type.getMethods()) {
            boolean isOurs = method.getDeclaringClass().getName().startsWith("org.yonderarc.");
            if (isOurs && !method.isBridge() && !method.isSynthetic()) {
                out.add(type.getName() + "." + method.getName()
                        + Stream.of(method.getParameterTypes())
                                .map(Class::getSimpleName)
                                .collect(Collectors.joining(",", "(", ")"))
                        + ":" + method.getReturnType().getSimpleName());
            }
        }
        return out;
    }
}
