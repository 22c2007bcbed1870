package org.yonderarc.keys;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/**
 * A component of a record of a plan.
 *
 * @param owner the record
 * @param element the component
 * @param said what it means, as the documentation of the record says it
 * @param isRequired whether the key must be there
 * @param isKey whether it is a key of plans at all
 * @param range the constant of the record that a number lies in, or nothing
 * @param names the noun of what a text names, or nothing
 * @param codec the codec where its type doesn't tell it, or nothing
 */
record KeyComponent(
        TypeElement owner,
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
            "org.yonderarc.plan.Style.Ref", "org.yonderarc.shape.StyleShape.REF",
            "org.yonderarc.plan.Fill", "org.yonderarc.shape.PaintShape.FILL",
            "org.yonderarc.plan.Paint", "org.yonderarc.shape.PaintShape.PAINT");

    static KeyComponent of(TypeElement owner, RecordComponentElement element, Docs docs, boolean hasUsual, Said key) {
        boolean isOptional = isA(element.asType(), "java.util.Optional");
        return new KeyComponent(
                owner,
                element,
                docs.of(element.getSimpleName().toString()),
                key.flag("isRequired") || !hasUsual && !isOptional,
                !key.flag("isFixed"),
                key.text("range"),
                key.texts("names").stream().findFirst().orElse(""),
                key.text("codec"));
    }

    String name() {
        return element.getSimpleName().toString();
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
        return one() instanceof DeclaredType declared
                && Said.of(declared.asElement(), Said.KEYS).isThere();
    }

    /** Whether {@code true} stands for that with all defaults. */
    boolean isSwitch() {
        return isKeyed() && Said.of(oneType(), Said.KEYS).flag("isSwitch");
    }

    /** What may stand for that, in its builder's terms: a word of an enum, or a text. */
    Optional<TypeMirror> shortForm() {
        String name = Said.of(oneType(), Said.KEYS).text("shortForm");
        return oneType().getRecordComponents().stream()
                .filter(one -> one.getSimpleName().contentEquals(name))
                .map(RecordComponentElement::asType)
                .map(TypeMirror.class::cast)
                .findFirst();
    }

    TypeElement oneType() {
        return (TypeElement) ((DeclaredType) one()).asElement();
    }

    boolean isEnum() {
        return isEnum(one());
    }

    static boolean isEnum(TypeMirror type) {
        return type instanceof DeclaredType declared && declared.asElement().getKind() == ElementKind.ENUM;
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
        String byHand = BY_TYPE.get(type);
        if (byHand != null) {
            return constant(file, byHand);
        }
        if (one().getKind() == TypeKind.BOOLEAN) {
            return codecs + ".FLAG";
        }
        boolean isWhole = List.of("int", "java.lang.Integer").contains(type);
        if (isWhole || List.of("double", "java.lang.Double").contains(type)) {
            if (range.isEmpty()) {
                throw new KeyException("a number needs a range: add @Key(range = \"...\")", element);
            }
            return codecs + (isWhole ? ".whole(" : ".number(") + file.use(owner) + "." + range + ")";
        }
        throw new KeyException("nothing is known of " + type + ": add @Key(codec = \"...\")", element);
    }

    /** A constant or method of a class, the class imported. */
    private static String constant(SourceFile file, String full) {
        int dot = full.lastIndexOf('.');
        return file.use(full.substring(0, dot)) + full.substring(dot);
    }
}
