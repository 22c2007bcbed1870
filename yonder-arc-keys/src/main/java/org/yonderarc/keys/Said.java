package org.yonderarc.keys;

import java.util.List;
import java.util.Optional;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;

/**
 * What an annotation says of an element. What it leaves out is false, or nothing; so are the annotations' own defaults.
 *
 * @param annotation the annotation; no value where the element has none
 */
record Said(Optional<? extends AnnotationMirror> annotation) {
    static final String KEYS = "org.yonderarc.plan.Keys";
    static final String KEY = "org.yonderarc.plan.Key";

    /** What an annotation says, by its full name. */
    static Said of(Element element, String annotation) {
        return new Said(element.getAnnotationMirrors().stream()
                .filter(one -> ((TypeElement) one.getAnnotationType().asElement())
                        .getQualifiedName()
                        .contentEquals(annotation))
                .findFirst());
    }

    boolean isThere() {
        return annotation.isPresent();
    }

    boolean flag(String name) {
        return value(name).map(Boolean.TRUE::equals).orElse(false);
    }

    String text(String name) {
        return value(name).map(Said::plain).orElse("");
    }

    List<String> texts(String name) {
        return value(name).map(value -> (List<?>) value).orElse(List.of()).stream()
                .map(one -> plain(((AnnotationValue) one).getValue()))
                .toList();
    }

    private Optional<Object> value(String name) {
        return annotation.flatMap(mirror -> mirror.getElementValues().entrySet().stream()
                .filter(entry -> entry.getKey().getSimpleName().contentEquals(name))
                .map(entry -> entry.getValue().getValue())
                .findFirst());
    }

    private static String plain(Object value) {
        return value instanceof VariableElement constant
                ? constant.getSimpleName().toString()
                : value.toString();
    }
}
