package org.yonderarc.keys;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/**
 * A component of a record of a plan.
 *
 * @param element the component
 * @param said what it means, as the documentation of the record says it
 * @param isRequired whether the key must be there
 * @param isKey whether it is a key of plans at all
 * @param range the constant of the record that a number lies in, or nothing
 * @param names the noun of what a text names, or nothing
 * @param codec the codec where its type doesn't tell it, or nothing
 */
record KeyComponent(
        RecordComponentElement element,
        String said,
        boolean isRequired,
        boolean isKey,
        String range,
        String names,
        String codec) {
    /** The codecs that are written by hand for a type. */
    private static final Map<String, String> BY_TYPE = Map.of(
            "org.yonderarc.plan.Words", "org.yonderarc.codec.PlanCodecs.WORDS",
            "org.yonderarc.plan.Style.Ref", "org.yonderarc.codec.StyleShape.REF",
            "org.yonderarc.plan.Fill", "org.yonderarc.codec.PaintShape.FILL");

    static KeyComponent of(RecordComponentElement element, Docs docs, boolean hasUsual, Map<String, Object> key) {
        boolean isOptional = element.asType().toString().startsWith("java.util.Optional<");
        return new KeyComponent(
                element,
                docs.of(element.getSimpleName().toString()),
                Boolean.TRUE.equals(key.get("isRequired")) || !hasUsual && !isOptional,
                !Boolean.FALSE.equals(key.get("isKey")),
                (String) key.getOrDefault("range", ""),
                ((List<?>) key.getOrDefault("names", List.of()))
                        .stream().map(String::valueOf).findFirst().orElse(""),
                (String) key.getOrDefault("codec", ""));
    }

    String name() {
        return element.getSimpleName().toString();
    }

    /** The name with a capital: {@code MaxItems}. */
    String capital() {
        return name().substring(0, 1).toUpperCase(Locale.ROOT) + name().substring(1);
    }

    /** The key in a plan: {@code max-items}. */
    String key() {
        return name().replaceAll("(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    boolean isOptional() {
        return isA(element.asType(), "java.util.Optional");
    }

    boolean isList() {
        return isA(element.asType(), "java.util.List");
    }

    private static boolean isA(TypeMirror type, String name) {
        return type instanceof DeclaredType declared
                && declared.asElement().toString().equals(name);
    }

    /** The type of one value: that in an Optional or a List, or its own. */
    TypeMirror one() {
        return isOptional() || isList()
                ? ((DeclaredType) element.asType()).getTypeArguments().get(0)
                : element.asType();
    }

    /** The record of a plan that it is. */
    boolean isKeyed() {
        return one() instanceof DeclaredType declared && KeyedRecord.is(declared.asElement());
    }

    TypeElement oneType() {
        return (TypeElement) ((DeclaredType) one()).asElement();
    }

    boolean isEnum() {
        return one() instanceof DeclaredType declared && declared.asElement().getKind() == ElementKind.ENUM;
    }

    /** The name of its type, without what it is of. */
    String typeName() {
        return one().toString();
    }

    /** The codec of one value, as it is written in {@code file}. */
    String codec(SourceFile file) {
        if (!codec.isEmpty()) {
            return constant(file, "org.yonderarc.codec." + codec);
        }
        if (!names.isEmpty()) {
            return constant(file, "org.yonderarc.codec.PlanCodecs.name") + "("
                    + constant(file, "org.yonderarc.plan.Noun." + names) + ")";
        }
        if (isKeyed()) {
            return file.use(ShapeSource.HOME + "." + ShapeSource.name(oneType())) + ".SHAPE";
        }
        String codecs = file.use("org.yonderarc.codec.Codecs");
        if (isEnum()) {
            return codecs + ".choice(" + file.use(one()) + ".values())";
        }
        String type = typeName();
        if (BY_TYPE.containsKey(type)) {
            return constant(file, BY_TYPE.get(type));
        }
        if (one().getKind() == TypeKind.BOOLEAN) {
            return codecs + ".FLAG";
        }
        boolean isWhole = List.of("int", "java.lang.Integer").contains(type);
        if (isWhole || List.of("double", "java.lang.Double").contains(type)) {
            if (range.isEmpty()) {
                throw new KeyException("a number needs a range: add @Key(range = \"...\")", element);
            }
            return codecs + (isWhole ? ".whole(" : ".number(") + file.use(owner()) + "." + range + ")";
        }
        throw new KeyException("nothing is known of " + type + ": add @Key(codec = \"...\")", element);
    }

    /** A constant or method of a class, the class imported. */
    private static String constant(SourceFile file, String full) {
        int dot = full.lastIndexOf('.');
        return file.use(full.substring(0, dot)) + full.substring(dot);
    }

    TypeElement owner() {
        Element owner = element.getEnclosingElement();
        return (TypeElement) owner;
    }
}
