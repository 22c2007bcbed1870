package org.yonderarc.interchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import javax.lang.model.SourceVersion;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.ParameterKinds;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/**
 * Writes a class of Java 8 or later that names what a plan names: a constant or a method for each screen, constants for items, facts,
 * signals and bars. It needs nothing but {@code java.base}. The same plan gives the same text.
 */
public final class JavaPlaces {
    /** The classes within it. */
    private static final Set<String> INNER = Set.of("Screens", "Items", "Facts", "Signals", "Bars", "Written");

    /** Words that are keywords only where a type is named (Java Language Specification 17, 3.9). */
    private static final Set<String> CONTEXTUAL = Set.of("var", "yield", "record", "sealed", "permits");
    /** What the class refers to by these names. */
    private static final Set<String> USED = Set.of(
            "java",
            "String",
            "Object",
            "Number",
            "Boolean",
            "Long",
            "StringBuilder",
            "IllegalArgumentException",
            "AssertionError");
    /** The constant pool of a class has at most 65,535 entries (Java Virtual Machine Specification, 4.1). */
    private static final int MOST_CONSTANTS = 65_000;

    private final Named named;
    private final ParameterKinds kinds;
    private final Plan plan;
    /** What takes an entry of the constant pool: names and texts once as such, texts once more as what is loaded. */
    private final Set<String> constants = new HashSet<>();

    private final Map<String, String> methods = new HashMap<>();
    private final StringBuilder out = new StringBuilder();

    private JavaPlaces(Plan plan) {
        this.plan = plan;
        this.named = new Named(plan);
        this.kinds = new ParameterKinds(plan.screens());
    }

    /**
     * The source of the class.
     *
     * @param from the name of the plan's file, for the first line
     * @param packageName the package that it is in; empty for none
     * @param className its name
     * @throws IllegalArgumentException with the reason, if a name isn't one in Java, or two screens with parameters come to the same
     *     method
     */
    public static String write(Plan plan, String from, String packageName, String className) {
        Objects.requireNonNull(from, "from");
        if (!packageName.isEmpty()
                && (!SourceVersion.isName(packageName)
                        || hasInvisible(packageName)
                        || packageName.matches("java(\\..*)?"))) {
            throw new IllegalArgumentException("\"" + packageName + "\" can't be the name of a Java package of yours");
        }
        if (!SourceVersion.isIdentifier(className)
                || hasInvisible(className)
                || SourceVersion.isKeyword(className)
                || CONTEXTUAL.contains(className)) {
            throw new IllegalArgumentException("\"" + className + "\" can't be the name of a Java class");
        }
        if (INNER.contains(className)) {
            throw new IllegalArgumentException("the class \"" + className
                    + "\" would hold one of the same name; call it Places, or anything else");
        }
        if (USED.contains(className)) {
            throw new IllegalArgumentException("the class \"" + className
                    + "\" would hide the one of Java that it needs; call it Places, or anything else");
        }
        return new JavaPlaces(plan).write(from, packageName, className);
    }

    /** Java lets control characters be part of a name, where nobody sees them and no file system takes all of them. */
    private static boolean hasInvisible(String name) {
        return name.codePoints().anyMatch(Character::isIdentifierIgnorable);
    }

    private String write(String from, String packageName, String className) {
        line(Generated.head(inComment(from)));
        if (!packageName.isEmpty()) {
            line("package " + packageName + ";");
        }
        line("");
        line("/**");
        line(" * What the plan of " + inComment(plan.app().name())
                + " names. Places are texts as the navigator takes them:");
        line(" * {@code survey?survey=41}, with values percent-encoded (RFC 3986).");
        line(" */");
        line("public final class " + className + " {");
        line("    private " + className + "() {}");
        plan.screens().forEach(this::screen);
        if (constants.size() > MOST_CONSTANTS) {
            throw new IllegalArgumentException("the plan has more screens and parameters than a class of Java can hold;"
                    + " write its names as TypeScript, or part the plan");
        }
        names("Screens", "The ids of all screens, to compare that of a place with.", named.screens());
        names("Items", "The items of the menus.", named.items());
        names("Facts", "What the app tells.", named.facts());
        names("Signals", "What the app is told.", named.signals());
        names("Bars", "The bars.", named.bars());
        helpers();
        line("}");
        return out.toString();
    }

    private void line(String text) {
        out.append(text).append('\n');
    }

    private void screen(Screen screen) {
        List<String> required = screen.path().required();
        List<String> all = screen.path().names();
        if (required.isEmpty()) {
            line("");
            line("    /** " + inComment(named.about(screen)) + ". */");
            line("    public static final String " + Named.upper(screen.id()) + " = \"" + screen.id() + "\";");
            constants.addAll(List.of(Named.upper(screen.id()), screen.id(), "\"" + screen.id()));
        } else {
            method(screen, required);
        }
        if (all.size() > required.size()) {
            method(screen, all);
        }
    }

    private void method(Screen screen, List<String> parameters) {
        String name = identifier(screen.id());
        String other = methods.putIfAbsent(name, screen.id());
        if (other != null && !other.equals(screen.id())) {
            throw new IllegalArgumentException("the screens \"" + other + "\" and \"" + screen.id()
                    + "\" both come to the method " + name + "(); rename one of them");
        }
        List<String> names = parameters.stream().map(JavaPlaces::identifier).toList();
        if (names.stream().distinct().count() < names.size()) {
            throw new IllegalArgumentException("two parameters of the screen \"" + screen.id()
                    + "\" come to the same name in Java; rename one of them");
        }
        line("");
        line("    /**");
        line("     * " + inComment(named.about(screen)) + ".");
        line("     *");
        var values = new ArrayList<String>();
        var takes = new ArrayList<String>();
        for (int i = 0; i < parameters.size(); i++) {
            String parameter = parameters.get(i);
            boolean isRequired = screen.path().required().contains(parameter);
            Parameter.Kind kind = kinds.of(screen, parameter);
            line("     * @param " + names.get(i) + " " + kind.words() + (isRequired ? "" : "; null leaves it out"));
            String type =
                    switch (kind) {
                        case TEXT -> "String";
                        case NUMBER -> "Number";
                        case INTEGER -> isRequired ? "long" : "Long";
                        case FLAG -> isRequired ? "boolean" : "Boolean";
                    };
            takes.add(type + " " + names.get(i));
            constants.addAll(List.of(names.get(i), parameter, "\"" + parameter));
            values.add("\"" + parameter + "\", " + "Written." + (isRequired ? "value" : "option") + "(\"" + parameter
                    + "\", " + names.get(i) + ")");
        }
        line("     * @return the place, as text");
        line("     * @throws IllegalArgumentException if a value is empty or no finite number");
        line("     */");
        constants.addAll(List.of(name, screen.id(), "\"" + screen.id()));
        line("    public static String " + name + "(" + String.join(", ", takes) + ") {");
        line("        return Written.place(\"" + screen.id() + "\", " + String.join(", ", values) + ");");
        line("    }");
    }

    private void names(String type, String about, Map<String, String> all) {
        if (all.isEmpty()) {
            return;
        }
        line("");
        line("    /** " + about + " */");
        line("    public static final class " + type + " {");
        line("        private " + type + "() {}");
        all.forEach((id, words) -> {
            line("");
            line("        /** " + inComment(words) + ". */");
            line("        public static final String " + Named.upper(id) + " = \"" + id + "\";");
        });
        line("    }");
    }

    private void helpers() {
        if (methods.isEmpty()) {
            return;
        }
        // In a class of their own: no screen's method can be meant by mistake.
        out.append(
                """

                    private static final class Written {
                        static String place(String screen, String... parameters) {
                            StringBuilder out = new StringBuilder(screen);
                            char join = '?';
                            for (int i = 0; i < parameters.length; i += 2) {
                                if (parameters[i + 1] != null) {
                                    out.append(join).append(parameters[i]).append('=').append(parameters[i + 1]);
                                    join = '&';
                                }
                            }
                            return out.toString();
                        }

                        static String value(String name, Object value) {
                            java.util.Objects.requireNonNull(value, name);
                            String text = value instanceof Number
                                    ? new java.math.BigDecimal(value.toString()).stripTrailingZeros().toPlainString()
                                    : value.toString();
                            if (text.isEmpty()) {
                                throw new IllegalArgumentException(name + " is empty");
                            }
                            try {
                                return java.net.URLEncoder.encode(text, "UTF-8")
                                        .replace("+", "%20").replace("*", "%2A").replace("%7E", "~");
                            } catch (java.io.UnsupportedEncodingException everyJavaHasIt) {
                                throw new AssertionError(everyJavaHasIt);
                            }
                        }

                        static String option(String name, Object value) {
                            return value == null ? null : value(name, value);
                        }
                    }
                """);
    }

    /** An id as a name in Java, with an underscore where it would be a word of the language. */
    private static String identifier(String id) {
        String name = Named.camel(id);
        return SourceVersion.isKeyword(name) ? name + "_" : name;
    }

    /** A text within a comment: nothing in it ends the comment or the line, is a tag, an escape of the language, or turns the direction. */
    private static String inComment(String text) {
        return text.strip()
                .codePoints()
                .mapToObj(c -> switch (c) {
                    case '&' -> "&amp;";
                    case '<' -> "&lt;";
                    case '>' -> "&gt;";
                    case '@' -> "&#64;";
                    case '\\' -> "&#92;";
                    default -> Generated.isPlain(c) ? Character.toString(c) : " ";
                })
                .collect(Collectors.joining())
                .replace("*/", "*&#47;");
    }
}
