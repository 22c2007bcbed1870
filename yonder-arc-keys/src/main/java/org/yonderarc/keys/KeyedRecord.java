package org.yonderarc.keys;

import java.util.ArrayList;
import java.util.List;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.util.ElementFilter;
import javax.lang.model.util.Elements;

/**
 * A record of a plan, as its source says it.
 *
 * @param type the record
 * @param name what it is called in the schema: {@code rail}
 * @param about what it is, the first sentence of its documentation
 * @param shortKey the component that may stand for the whole, or nothing
 * @param usual the constant with the values that hold without a key
 * @param copies the components of which there are copies with another value
 * @param keys its components
 */
record KeyedRecord(
        TypeElement type,
        String name,
        String about,
        String shortKey,
        String usual,
        List<String> copies,
        List<KeyComponent> keys) {
    static KeyedRecord of(TypeElement type, Elements elements) {
        if (type.getKind() != ElementKind.RECORD) {
            throw new KeyException("@Keys is for records", type);
        }
        var docs = new Docs(type, elements.getDocComment(type));
        var said = Said.of(type, Said.KEYS);
        String usual = said.text("usual").isEmpty() ? "DEFAULT" : said.text("usual");
        boolean hasUsual = ElementFilter.fieldsIn(type.getEnclosedElements()).stream()
                .anyMatch(field -> field.getSimpleName().contentEquals(usual));
        var keys = new ArrayList<KeyComponent>();
        for (RecordComponentElement component : type.getRecordComponents()) {
            keys.add(KeyComponent.of(type, component, docs, hasUsual, Said.of(component, Said.KEY)));
        }
        String shortKey = said.text("shortForm");
        List<String> copies = said.texts("copies");
        var named = new ArrayList<>(copies);
        if (!shortKey.isEmpty()) {
            named.add(shortKey);
        }
        for (String name : named) {
            if (keys.stream().noneMatch(key -> key.name().equals(name))) {
                throw new KeyException("there is no component \"" + name + "\"", type);
            }
        }
        if (said.flag("isSwitch") && !hasUsual) {
            throw new KeyException("a switch needs a DEFAULT that it stands for", type);
        }
        return new KeyedRecord(type, said.text("value"), docs.summary(), shortKey, usual, copies, List.copyOf(keys));
    }

    /** The name of the record in names that are made of it: {@code RailFloating} of {@code RailForm.Floating}. */
    static String stem(TypeElement type) {
        String own = type.getSimpleName().toString();
        String stem = own.endsWith("Form") ? own.substring(0, own.length() - "Form".length()) : own;
        return type.getEnclosingElement() instanceof TypeElement outer ? stem(outer) + stem : stem;
    }

    /** The components of which there are copies with another value. */
    List<KeyComponent> copied() {
        return keys.stream().filter(key -> copies.contains(key.name())).toList();
    }

    String stem() {
        return stem(type);
    }

    /** Whether it is a form of a bar. */
    boolean isForm() {
        return type.getInterfaces().stream().anyMatch(one -> one.toString().equals("org.yonderarc.plan.Form"));
    }
}
