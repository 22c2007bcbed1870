package org.yonderarc.keys;

import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;

/** A class that is being written. Types that are named are imported. */
final class SourceFile {
    private final String home;
    private final String simpleName;
    private final Set<String> imports = new TreeSet<>();
    private final StringBuilder body = new StringBuilder();

    SourceFile(String home, String simpleName) {
        this.home = home;
        this.simpleName = simpleName;
    }

    /** Its full name. */
    String name() {
        return home + "." + simpleName;
    }

    String simpleName() {
        return simpleName;
    }

    /** Adds a line. */
    void line(String text) {
        body.append(text).append('\n');
    }

    /** Imports a class by its full name, and gives the name by which it goes here. */
    String use(String full) {
        int dot = full.lastIndexOf('.');
        String from = full.substring(0, dot);
        if (!from.equals("java.lang") && !from.equals(home)) {
            imports.add(full);
        }
        return full.substring(dot + 1);
    }

    /** The name of a class here: of a nested one with those around it. */
    String use(TypeElement type) {
        Element around = type.getEnclosingElement();
        return around instanceof TypeElement outer
                ? use(outer) + "." + type.getSimpleName()
                : use(type.getQualifiedName().toString());
    }

    /** A type as it is written here: {@code Optional<Form.Labels>}. */
    String use(TypeMirror type) {
        if (!(type instanceof DeclaredType declared)) {
            return type.toString();
        }
        String raw = use((TypeElement) declared.asElement());
        Function<TypeMirror, String> argument = this::use;
        return declared.getTypeArguments().isEmpty()
                ? raw
                : raw + declared.getTypeArguments().stream().map(argument).collect(Collectors.joining(", ", "<", ">"));
    }

    String text() {
        var out = new StringBuilder("package " + home + ";\n\n");
        imports.forEach(one -> out.append("import ").append(one).append(";\n"));
        return out.append('\n').append(body).toString();
    }
}
