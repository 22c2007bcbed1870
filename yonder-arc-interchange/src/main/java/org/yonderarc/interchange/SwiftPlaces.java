package org.yonderarc.interchange;

import java.util.List;
import java.util.Set;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/**
 * Writes a type of Swift 5 or later that names what a plan names: a constant or a function for each screen, constants for items, facts,
 * signals and bars. It imports nothing. The same plan gives the same text.
 */
public final class SwiftPlaces extends NamesWriter {
    /** The words that are reserved in declarations, statements and expressions (The Swift Programming Language, lexical structure). */
    private static final Set<String> KEYWORDS = Set.of(
            "associatedtype",
            "class",
            "deinit",
            "enum",
            "extension",
            "fileprivate",
            "func",
            "import",
            "init",
            "inout",
            "internal",
            "let",
            "open",
            "operator",
            "private",
            "precedencegroup",
            "protocol",
            "public",
            "rethrows",
            "static",
            "struct",
            "subscript",
            "typealias",
            "var",
            "break",
            "case",
            "catch",
            "continue",
            "default",
            "defer",
            "do",
            "else",
            "fallthrough",
            "for",
            "guard",
            "if",
            "in",
            "repeat",
            "return",
            "throw",
            "switch",
            "where",
            "while",
            "as",
            "await",
            "any",
            "false",
            "is",
            "nil",
            "self",
            "super",
            "throws",
            "true",
            "try",
            "type");

    private final String typeName;

    private SwiftPlaces(Plan plan, String typeName) {
        super(plan);
        this.typeName = typeName;
    }

    /**
     * The source of the type.
     *
     * @param from the name of the plan's file, for the first line
     * @param typeName its name
     * @throws IllegalArgumentException with the reason, if the name isn't one in Swift, or two screens come to the same name
     */
    public static String write(Plan plan, String from, String typeName) {
        if (!typeName.matches("[A-Za-z_][A-Za-z0-9_]*")
                || KEYWORDS.contains(typeName)
                || Set.of("String", "Int", "Double", "Bool", "Array", "Self", "_")
                        .contains(typeName)) {
            throw new IllegalArgumentException("\"" + typeName + "\" can't be the name of a Swift type of yours");
        }
        return new SwiftPlaces(plan, typeName).write(from);
    }

    @Override
    void open(String app) {
        line("");
        line("/// What the plan of " + app + " names. Places are texts as the navigator takes them:");
        line("/// `survey?survey=41`, with values percent-encoded (RFC 3986).");
        line("public enum " + typeName + " {");
    }

    @Override
    String constant(String id) {
        return identifier(id);
    }

    @Override
    void constant(String indent, String id, String about) {
        line("");
        line(indent + "/// " + about + ".");
        line(indent + "public static let " + constant(id) + " = \"" + id + "\"");
    }

    @Override
    void openGroup(String type, String about) {
        line("    /// " + about);
        line("    public enum " + type + " {");
    }

    @Override
    void function(Screen screen, String name, String about, List<Taken> parameters) {
        line("");
        line("    /// " + about + ": the place, as text.");
        line("    ///");
        parameters.forEach(one -> line("    /// - Parameter " + one.name() + ": "
                + one.kind().words() + (one.isRequired() ? "" : "; nil leaves it out")));
        line("    public static func " + name + "("
                + String.join(
                        ", ",
                        parameters.stream()
                                .map(one -> one.name() + ": " + type(one.kind()) + (one.isRequired() ? "" : "? = nil"))
                                .toList())
                + ") -> String {");
        line("        return Written.place(\"" + screen.id() + "\", ["
                + String.join(
                        ", ",
                        parameters.stream()
                                .map(one -> "(\"" + one.id() + "\", "
                                        + (one.isRequired()
                                                ? "Written.value(" + one.name() + ")"
                                                : one.name() + ".map { Written.value($0) }")
                                        + ")")
                                .toList())
                + "])");
        line("    }");
    }

    private static String type(Parameter.Kind kind) {
        return switch (kind) {
            case TEXT -> "String";
            case NUMBER -> "Double";
            case INTEGER -> "Int";
            case FLAG -> "Bool";
        };
    }

    @Override
    void helpers() {
        lines(
                """

                    private enum Written {
                        static func place(_ screen: String, _ parameters: [(String, String?)]) -> String {
                            var out = screen
                            var join = "?"
                            for parameter in parameters {
                                if let text = parameter.1 {
                                    out += join + parameter.0 + "=" + text
                                    join = "&"
                                }
                            }
                            return out
                        }

                        static func value(_ flag: Bool) -> String {
                            return String(flag)
                        }

                        static func value(_ number: Int) -> String {
                            return String(number)
                        }

                        static func value(_ number: Double) -> String {
                            precondition(number.isFinite, "a number is finite")
                            if number == number.rounded() && abs(number) < 1e15 {
                                return value(Int(number))
                            }
                            return value(String(number))
                        }

                        static func value(_ text: String) -> String {
                            precondition(!text.isEmpty, "a value is not empty")
                            let unreserved = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-._~"
                            let digits = Array("0123456789ABCDEF")
                            var out = ""
                            for byte in Array(text.utf8) {
                                let character = Character(UnicodeScalar(byte))
                                if unreserved.contains(character) {
                                    out.append(character)
                                } else {
                                    out.append("%")
                                    out.append(digits[Int(byte >> 4)])
                                    out.append(digits[Int(byte & 15)])
                                }
                            }
                            return out
                        }
                    }
                """);
    }

    @Override
    boolean hasConstantBesideFunction() {
        // A constant and a function of one name would be ambiguous.
        return false;
    }

    @Override
    String identifier(String id) {
        String name = Named.camel(id);
        return KEYWORDS.contains(name) ? "`" + name + "`" : name;
    }
}
