package org.yonderarc.keys;

import java.util.stream.Collectors;

/** Writes the copies of a record with another value of one component. */
final class CopySource {
    private CopySource() {}

    static SourceFile of(KeyedRecord record) {
        var file = new SourceFile("org.yonderarc.plan", record.stem() + "Copies");
        String type = file.use(record.type());
        file.line("/** Copies of a {@link " + type + "} with another value of one component. */");
        file.line("final class " + file.simpleName() + " {");
        file.line("    private " + file.simpleName() + "() {}");
        for (KeyComponent other : record.copied()) {
            String value = other.isOptional() ? file.use("java.util.Optional") + ".of(other)" : "other";
            file.line("");
            file.line("    static " + type + " " + other.name() + "(" + type + " of, "
                    + file.use(
                            other.isOptional() ? other.one() : other.element().asType()) + " other) {");
            file.line("        return new " + type + "(");
            file.line(record.keys().stream()
                            .map(key -> "                " + (key.equals(other) ? value : "of." + key.name() + "()"))
                            .collect(Collectors.joining(",\n"))
                    + ");");
            file.line("    }");
        }
        file.line("}");
        return file;
    }
}
