package org.yonderarc.interchange;

import java.util.List;
import java.util.Set;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/**
 * Writes an object of Kotlin 1.5 or later that names what a plan names: a constant or a function for each screen, constants for items,
 * facts, signals and bars. It needs nothing but the standard library of any platform. The same plan gives the same text.
 */
public final class KotlinPlaces extends NamesWriter {
    /** The hard keywords (Kotlin language specification, grammar of the lexer). */
    private static final Set<String> KEYWORDS = Set.of(
            "as",
            "break",
            "class",
            "continue",
            "do",
            "else",
            "false",
            "for",
            "fun",
            "if",
            "in",
            "interface",
            "is",
            "null",
            "object",
            "package",
            "return",
            "super",
            "this",
            "throw",
            "true",
            "try",
            "typealias",
            "typeof",
            "val",
            "var",
            "when",
            "while");

    private final String packageName;
    private final String objectName;

    private KotlinPlaces(Plan plan, String packageName, String objectName) {
        super(plan);
        this.packageName = packageName;
        this.objectName = objectName;
    }

    /**
     * The source of the object.
     *
     * @param from the name of the plan's file, for the first line
     * @param packageName the package that it is in; empty for none
     * @param objectName its name
     * @throws IllegalArgumentException with the reason, if a name isn't one in Kotlin, or two screens come to the same function
     */
    public static String write(Plan plan, String from, String packageName, String objectName) {
        for (String part : packageName.isEmpty() ? new String[0] : packageName.split("\\.", -1)) {
            if (!isName(part)) {
                throw new IllegalArgumentException("\"" + packageName + "\" can't be the name of a Kotlin package");
            }
        }
        if (!isName(objectName)) {
            throw new IllegalArgumentException("\"" + objectName + "\" can't be the name of a Kotlin object");
        }
        return new KotlinPlaces(plan, packageName, objectName).write(from);
    }

    private static boolean isName(String name) {
        return name.matches("[A-Za-z_][A-Za-z0-9_]*") && !KEYWORDS.contains(name) && !name.matches("_+");
    }

    @Override
    void open(String app) {
        if (!packageName.isEmpty()) {
            line("package " + packageName);
        }
        line("");
        line("/**");
        line(" * What the plan of " + app + " names. Places are texts as the navigator takes them:");
        line(" * `survey?survey=41`, with values percent-encoded (RFC 3986).");
        line(" */");
        line("object " + objectName + " {");
    }

    @Override
    String constant(String id) {
        return Named.upper(id);
    }

    @Override
    void constant(String indent, String id, String about) {
        line("");
        line(indent + "/** " + about + ". */");
        line(indent + "const val " + constant(id) + ": String = \"" + id + "\"");
    }

    @Override
    void openGroup(String type, String about) {
        line("    /** " + about + " */");
        line("    object " + type + " {");
    }

    @Override
    void function(Screen screen, String name, String about, List<Taken> parameters) {
        line("");
        line("    /**");
        line("     * " + about + ": the place, as text.");
        line("     *");
        parameters.forEach(one -> line("     * @param " + one.name() + " "
                + one.kind().words() + (one.isRequired() ? "" : "; null leaves it out")));
        line("     */");
        line("    fun " + name + "("
                + String.join(
                        ", ",
                        parameters.stream()
                                .map(one -> one.name() + ": " + type(one.kind()) + (one.isRequired() ? "" : "? = null"))
                                .toList())
                + "): String =");
        line("        place(\"" + screen.id() + "\", "
                + String.join(
                        ", ",
                        parameters.stream()
                                .map(one -> "\"" + one.id() + "\" to " + one.name())
                                .toList())
                + ")");
    }

    private static String type(Parameter.Kind kind) {
        return switch (kind) {
            case TEXT -> "String";
            case NUMBER -> "Double";
            case INTEGER -> "Long";
            case FLAG -> "Boolean";
        };
    }

    @Override
    void helpers() {
        lines(
                """

                    private fun place(screen: String, vararg parameters: Pair<String, Any?>): String =
                        screen + parameters.filter { it.second != null }
                            .mapIndexed { index, (name, value) -> (if (index == 0) "?" else "&") + name + "=" + encode(name, value!!) }
                            .joinToString("")

                    private fun encode(name: String, value: Any): String {
                        if (value is Double) {
                            require(!value.isNaN() && !value.isInfinite()) { "$name is no finite number" }
                        }
                        val whole = value is Double && value % 1.0 == 0.0 && value > -1e15 && value < 1e15
                        val text = if (whole) (value as Double).toLong().toString() else value.toString()
                        require(text.isNotEmpty()) { "$name is empty" }
                        return text.encodeToByteArray().joinToString("") { byte ->
                            val code = byte.toInt() and 0xFF
                            val char = code.toChar()
                            if (char in 'a'..'z' || char in 'A'..'Z' || char in '0'..'9' || char in "-._~") char.toString()
                            else "%" + code.toString(16).uppercase().padStart(2, '0')
                        }
                    }
                """);
    }

    @Override
    boolean hasConstantBesideFunction() {
        return true;
    }

    @Override
    String identifier(String id) {
        String name = Named.camel(id);
        return KEYWORDS.contains(name) ? "`" + name + "`" : name;
    }
}
