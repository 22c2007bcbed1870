package org.yonderarc.keys;

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
        record.keys().stream().filter(KeyComponent::isKey).forEach(key -> key(file, type, key));
        if (!record.shortKey().isEmpty()) {
            file.line("        keys.shortForm(" + record.shortKey() + "Key);");
        }
        file.line("        return keys.makes(got -> new " + type + "(");
        file.line(record.keys().stream().map(key -> got(type, key)).collect(Collectors.joining(",\n")) + "));");
        file.line("    }");
        file.line("}");
        return file;
    }

    private static String got(String type, KeyComponent key) {
        return "                "
                + (key.isKey() ? "got.get(" + key.name() + "Key)" : type + ".DEFAULT." + key.name() + "()");
    }

    private static void key(SourceFile file, String type, KeyComponent key) {
        String codec = key.codec(file);
        boolean isSwitch = key.isSwitch();
        String usual;
        String how;
        if (isSwitch) {
            how = "field";
            codec = "new " + file.use("org.yonderarc.codec.SwitchCodec") + "<>(" + codec + ", "
                    + file.use(key.oneType()) + ".DEFAULT)";
            usual = file.use("java.util.Optional") + ".empty(), ";
        } else if (key.isOptional()) {
            how = "optional";
            usual = "";
        } else {
            how = key.isRequired() ? "required" : "field";
            usual = key.isRequired() ? "" : type + ".DEFAULT." + key.name() + "(), ";
            codec = key.isList() ? file.use("org.yonderarc.codec.Codecs") + ".list(" + codec + ")" : codec;
        }
        file.line("        var " + key.name() + "Key = keys." + how + "(");
        file.line("                " + quoted(key.key()) + ",");
        file.line("                " + codec + ",");
        file.line("                " + type + "::" + key.name() + ",");
        if (!usual.isEmpty()) {
            file.line("                " + usual.strip());
        }
        file.line("                " + quoted(Docs.sentence(key.said())) + ");");
    }

    static String quoted(String text) {
        return '"' + text.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
