package org.yonderarc.interchange;

import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.ParameterKinds;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/**
 * Writes a module of TypeScript 4.5 or later with the types of what a plan names, and one function that gives a place as text. It imports
 * nothing. The same plan gives the same text.
 */
public final class TypeScriptPlaces {
    private final Named named;
    private final ParameterKinds kinds;
    private final Plan plan;
    private final StringBuilder out = new StringBuilder();

    private TypeScriptPlaces(Plan plan) {
        this.plan = plan;
        this.named = new Named(plan);
        this.kinds = new ParameterKinds(plan.screens());
    }

    /**
     * The source of the module.
     *
     * @param from the name of the plan's file, for the first line
     */
    public static String write(Plan plan, String from) {
        return new TypeScriptPlaces(plan).write(from);
    }

    private String write(String from) {
        line(Generated.head(Generated.comment(from)));
        line("");
        line("/** The screens of " + Generated.comment(plan.app().name()) + ", each with its parameters. */");
        line("export interface Screens {");
        plan.screens().forEach(screen -> member(screen.id(), named.about(screen), parameters(screen)));
        line("}");
        line("");
        line("export type Screen = keyof Screens;");
        line("");
        line("/** What the app tells. */");
        line("export interface Facts {");
        Map<String, String> facts = named.facts();
        for (Fact fact : plan.facts()) {
            member(fact.id(), Objects.requireNonNull(facts.get(fact.id())), type(fact.initial()));
        }
        line("}");
        line("");
        line("export type Fact = keyof Facts;");
        union("Item", named.items());
        union("Signal", named.signals());
        union("Bar", named.bars());
        out.append(
                """

                /** A place as the navigator takes it: `survey?survey=41`, with values percent-encoded (RFC 3986). */
                export function place<S extends Screen>(
                  screen: S,
                  ...given: Record<string, never> extends Screens[S] ? [parameters?: Screens[S]] : [parameters: Screens[S]]
                ): string {
                  return screen + Object.entries(given[0] ?? {})
                    .filter(([, value]) => value !== undefined)
                    .map(([name, value], index) => `${index ? "&" : "?"}${name}=${encode(String(value))}`)
                    .join("");
                }

                function encode(text: string): string {
                  return encodeURIComponent(text)
                    .replace(/[!'()*]/g, (sign) => "%" + sign.charCodeAt(0).toString(16).toUpperCase());
                }
                """);
        return out.toString();
    }

    private void line(String text) {
        out.append(text).append('\n');
    }

    private void member(String id, String about, String type) {
        line("  /** " + Generated.comment(about) + ". */");
        line("  " + (id.contains("-") ? "\"" + id + "\"" : id) + ": " + type + ";");
    }

    private String parameters(Screen screen) {
        if (screen.path().names().isEmpty()) {
            return "Record<string, never>";
        }
        return screen.path().names().stream()
                .map(name -> (name.contains("-") ? "\"" + name + "\"" : name)
                        + (screen.path().required().contains(name) ? ": " : "?: ")
                        + type(kinds.of(screen, name)))
                .collect(Collectors.joining("; ", "{ ", " }"));
    }

    private static String type(Parameter.Kind kind) {
        return switch (kind) {
            case TEXT -> "string";
            case NUMBER, INTEGER -> "number";
            case FLAG -> "boolean";
        };
    }

    private static String type(FactValue value) {
        if (value instanceof FactValue.Flag) {
            return "boolean";
        }
        if (value instanceof FactValue.Number) {
            return "number";
        }
        return value instanceof FactValue.Text
                ? "string"
                : "ReadonlyArray<number | string | { readonly [field: string]: number | string }>";
    }

    private void union(String type, Map<String, String> all) {
        line("");
        if (all.isEmpty()) {
            line("export type " + type + " = never;");
            return;
        }
        line("export type " + type + " =");
        var left = new StringBuilder();
        all.forEach((id, about) -> left.append("  /** ")
                .append(Generated.comment(about))
                .append(". */\n  | \"")
                .append(id)
                .append("\"\n"));
        out.append(left, 0, left.length() - 1).append(";\n");
    }
}
