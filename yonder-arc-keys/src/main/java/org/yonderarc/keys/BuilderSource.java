package org.yonderarc.keys;

import java.util.Locale;

/** Writes the builder of a record: a method for each key, that writes what a file would say. */
final class BuilderSource {
    private static final String HOME = "org.yonderarc.build";

    /** A key that every form has; its methods are those of the builder of any form. */
    private static final String OF_ALL_FORMS = "style";

    private BuilderSource() {}

    static SourceFile of(KeyedRecord record) {
        String name = record.stem() + "Builder";
        var file = new SourceFile(HOME, name);
        String type = file.use(record.type());
        String about = record.about();
        file.line("/** Defines a {@link " + type + "}: " + about.substring(0, 1).toLowerCase(Locale.ROOT)
                + about.substring(1) + " */");
        file.line("public final class " + name + " extends " + (record.isForm() ? "FormBuilder" : "MapBuilder") + "<"
                + name + "> {");
        if (record.isForm()) {
            file.line("    " + name + "() {");
            file.line("        super(" + file.use("org.yonderarc.plan.Form") + ".Kind."
                    + record.name().toUpperCase(Locale.ROOT) + ");");
            file.line("    }");
        } else {
            file.line("    " + name + "() {}");
        }
        file.line("");
        file.line("    @Override");
        file.line("    " + name + " self() {");
        file.line("        return this;");
        file.line("    }");
        record.keys().stream()
                .filter(KeyComponent::isKey)
                .filter(key -> !record.isForm() || !OF_ALL_FORMS.equals(key.name()))
                .forEach(key -> key(file, key));
        file.line("}");
        return file;
    }

    private static void key(SourceFile file, KeyComponent key) {
        if (key.isList() && !key.typeName().equals("java.lang.String")) {
            throw new KeyException("a builder knows lists of texts alone", key.element());
        }
        String put = "put(" + ShapeSource.quoted(key.key()) + ", ";
        if (key.isKeyed()) {
            defined(file, key, KeyedRecord.stem(key.oneType()) + "Builder");
            if (key.isSwitch()) {
                method(file, key, "boolean value", put + "value)");
            }
            key.shortForm()
                    .map(type -> KeyComponent.isEnum(type) ? file.use(type) : "String")
                    .ifPresent(type -> method(file, key, type + " value", put + "value)"));
            return;
        }
        switch (key.typeName()) {
            case "org.yonderarc.plan.Style.Ref" -> {
                method(file, key, "String value", put + "value)");
                defined(file, key, "StyleBuilder");
            }
            case "org.yonderarc.plan.Fill" -> {
                method(file, key, "String value", put + "value)");
                defined(file, key, "FillBuilder");
            }
            case "org.yonderarc.plan.Paint" -> {
                method(file, key, "String value", put + "value)");
                method(file, key, "String light, String dark", put + "each(light, dark))");
            }
            case "org.yonderarc.plan.Words", "java.lang.String" ->
                method(file, key, (key.isList() ? "String..." : "String") + " value", put + "value)");
            case "boolean", "int", "double" -> method(file, key, key.typeName() + " value", put + "value)");
            case "java.lang.Integer" -> method(file, key, "int value", put + "value)");
            case "java.lang.Double" -> method(file, key, "double value", put + "value)");
            default -> {
                String value = key.isEnum() ? "value" : key.codec(file) + ".write(value)";
                method(file, key, file.use(key.one()) + " value", put + value + ")");
            }
        }
    }

    /** A method that takes what defines a map with a builder of its own. */
    private static void defined(SourceFile file, KeyComponent key, String inner) {
        String takes = file.use("java.util.function.Consumer") + "<? super " + inner + "> value";
        method(
                file,
                key,
                takes,
                "put(" + ShapeSource.quoted(key.key()) + ", Defined.by(new " + inner + "(), value).tree())");
    }

    private static void method(SourceFile file, KeyComponent key, String parameters, String does) {
        String owner = file.use(key.owner());
        file.line("");
        file.line("    /** Sets " + Docs.from(key.said(), owner) + (key.said().endsWith(".") ? "" : ".") + " */");
        file.line("    public " + KeyedRecord.stem(key.owner()) + "Builder " + key.name() + "(" + parameters + ") {");
        file.line("        return " + does + ";");
        file.line("    }");
    }
}
