package org.yonderarc.keys;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.util.ElementFilter;
import javax.lang.model.util.Elements;

/**
 * A record of a plan, as its source says it.
 *
 * @param type the record
 * @param name what it is called in the schema: {@code rail}
 * @param about what it is, the first sentence of its documentation
 * @param shortKey the component that may stand for the whole, or nothing
 * @param isSwitch whether {@code true} stands for it with all defaults
 * @param isBuilt whether it has a builder
 * @param keys its components
 */
record KeyedRecord(
        TypeElement type,
        String name,
        String about,
        String shortKey,
        boolean isSwitch,
        boolean isBuilt,
        List<KeyComponent> keys) {
    static final String KEYS = "org.yonderarc.plan.Keys";
    private static final String KEY = "org.yonderarc.plan.Key";

    static KeyedRecord of(TypeElement type, Elements elements) {
        if (type.getKind() != ElementKind.RECORD) {
            throw new KeyException("@Keys is for records", type);
        }
        var docs = new Docs(type, elements.getDocComment(type));
        var said = values(type, KEYS, elements);
        boolean hasUsual = ElementFilter.fieldsIn(type.getEnclosedElements()).stream()
                .anyMatch(field -> field.getSimpleName().contentEquals("DEFAULT"));
        var keys = new ArrayList<KeyComponent>();
        for (RecordComponentElement component : type.getRecordComponents()) {
            keys.add(KeyComponent.of(component, docs, hasUsual, values(component, KEY, elements)));
        }
        String shortKey = (String) said.get("shortForm");
        if (!shortKey.isEmpty() && keys.stream().noneMatch(key -> key.name().equals(shortKey))) {
            throw new KeyException("there is no component \"" + shortKey + "\"", type);
        }
        boolean isSwitch = (Boolean) said.get("isSwitch");
        if (isSwitch && !hasUsual) {
            throw new KeyException("a switch needs a DEFAULT that it stands for", type);
        }
        return new KeyedRecord(
                type,
                (String) said.get("value"),
                docs.summary(),
                shortKey,
                isSwitch,
                (Boolean) said.get("isBuilt"),
                List.copyOf(keys));
    }

    /** What an annotation says, usual values included; empty where it isn't there. */
    private static Map<String, Object> values(Element element, String annotation, Elements elements) {
        var all = new HashMap<String, Object>();
        for (AnnotationMirror mirror : element.getAnnotationMirrors()) {
            if (((TypeElement) mirror.getAnnotationType().asElement())
                    .getQualifiedName()
                    .contentEquals(annotation)) {
                for (var entry : elements.getElementValuesWithDefaults(mirror).entrySet()) {
                    all.put(name(entry.getKey()), plain(entry.getValue().getValue()));
                }
            }
        }
        return all;
    }

    private static String name(ExecutableElement method) {
        return method.getSimpleName().toString();
    }

    private static Object plain(Object value) {
        if (value instanceof List<?> all) {
            return all.stream()
                    .map(one -> plain(((AnnotationValue) one).getValue()))
                    .toList();
        }
        return value instanceof VariableElement constant
                ? constant.getSimpleName().toString()
                : value;
    }

    /** Whether a type is such a record. */
    static boolean is(Element type) {
        return type.getAnnotationMirrors().stream()
                .anyMatch(one -> ((TypeElement) one.getAnnotationType().asElement())
                        .getQualifiedName()
                        .contentEquals(KEYS));
    }

    /** Whether {@code true} stands for such a record with all defaults. */
    static boolean isSwitch(Element type) {
        return said(type, "isSwitch").map(Boolean.TRUE::equals).orElse(false);
    }

    /** The component that stands for the whole of such a record: a text. */
    static String shortForm(Element type) {
        return said(type, "shortForm").map(String::valueOf).orElse("");
    }

    private static Optional<Object> said(Element type, String name) {
        return type.getAnnotationMirrors().stream()
                .flatMap(one -> one.getElementValues().entrySet().stream())
                .filter(entry -> name(entry.getKey()).equals(name))
                .map(entry -> entry.getValue().getValue())
                .findFirst();
    }

    /** The name of the record in names that are made of it: {@code RailFloating} of {@code RailForm.Floating}. */
    static String stem(TypeElement type) {
        String own = type.getSimpleName().toString();
        String stem = own.endsWith("Form") ? own.substring(0, own.length() - "Form".length()) : own;
        return type.getEnclosingElement() instanceof TypeElement outer ? stem(outer) + stem : stem;
    }

    String stem() {
        return stem(type);
    }

    /** Whether it is a form of a bar. */
    boolean isForm() {
        return type.getInterfaces().stream().anyMatch(one -> one.toString().equals("org.yonderarc.plan.Form"));
    }
}
