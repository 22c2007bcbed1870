package org.yonderarc.keys;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javax.lang.model.element.TypeElement;

/** Writes the shape of a record: its keys for the reader, the writer, the schema and the reference. */
final class ShapeSource {
    static final String HOME = "org.yonderarc.shape";

    private ShapeSource() {}

    static String name(TypeElement type) {
        return KeyedRecord.stem(type) + "Shape";
    }

    static SourceFile of(KeyedRecord record) {
        var file = new SourceFile(HOME, name(record.type()));
        String type = file.use(record.type());
        String shape = file.use("org.yonderarc.codec.Shape") + "<" + type + ">";
        file.line("/** The keys of {@link " + type + "}, made of its components. */");
        file.line("public final class " + file.simpleName() + " {");
        file.line("    public static final " + shape + " SHAPE = shape();");
        file.line("");
        file.line("    private " + file.simpleName() + "() {}");
        file.line("");
        file.line("    private static " + shape + " shape() {");
        file.line(
                "        var keys = new " + shape + "(" + quoted(record.name()) + ", " + quoted(record.about()) + ");");
        record.keys().stream().filter(KeyComponent::isKey).forEach(key -> key(file, type, record.usual(), key));
        if (!record.shortKey().isEmpty()) {
            file.line("        keys.shortForm(" + record.shortKey() + "Key);");
        }
        file.line("        return keys.makes(got -> new " + type + "(");
        file.line(record.keys().stream()
                        .map(key -> got(type + "." + record.usual(), key))
                        .collect(Collectors.joining(",\n"))
                + "));");
        file.line("    }");
        file.line("}");
        return file;
    }

    private static String got(String usual, KeyComponent key) {
        return "                " + (key.isKey() ? "got.get(" + key.name() + "Key)" : usual + "." + key.name() + "()");
    }

    private static void key(SourceFile file, String type, String usual, KeyComponent key) {
        String how = key.isSwitch() ? "field" : key.isOptional() ? "optional" : key.isRequired() ? "required" : "field";
        var arguments = new ArrayList<>(List.of(quoted(key.key()), codec(file, key), type + "::" + key.name()));
        if (how.equals("field")) {
            arguments.add(
                    key.isSwitch()
                            ? file.use("java.util.Optional") + ".empty()"
                            : type + "." + usual + "." + key.name() + "()");
        }
        arguments.add(quoted(Docs.sentence(key.said())));
        file.line("        var " + key.name() + "Key = keys." + how + "(");
        file.line("                " + String.join(",\n                ", arguments) + ");");
    }

    private static String codec(SourceFile file, KeyComponent key) {
        String one = key.codec(file);
        if (key.isSwitch()) {
            String usual = file.use(key.oneType()) + ".DEFAULT";
            return "new " + file.use("org.yonderarc.codec.SwitchCodec") + "<>(" + one + ", " + usual + ")";
        }
        return key.isList() ? file.use("org.yonderarc.codec.Codecs") + ".list(" + one + ")" : one;
    }

    static String quoted(String text) {
        return '"' + text.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
