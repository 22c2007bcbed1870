package org.yonderarc.interchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.ParameterKinds;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/**
 * Writes what a plan names in a language in which a function's parameters have defaults: a constant for each screen that can be shown
 * without parameters, a function for each whose path takes some, and constants for ids.
 */
abstract class NamesWriter {
    private final Plan plan;
    private final Named named;
    private final ParameterKinds kinds;
    /** The names that stand beside each other, each with the screen that it is of. */
    private final Map<String, String> names = new HashMap<>();

    private boolean hasFunction;
    private final StringBuilder out = new StringBuilder();

    NamesWriter(Plan plan) {
        this.plan = plan;
        this.named = new Named(plan);
        this.kinds = new ParameterKinds(plan.screens());
    }

    /**
     * A parameter of a function.
     *
     * @param id the parameter in the path
     * @param name its name in the language
     * @param kind what it takes
     * @param isRequired whether it has to be given
     */
    record Taken(String id, String name, Parameter.Kind kind, boolean isRequired) {}

    final String write(String from) {
        line(Generated.head(Generated.comment(from)));
        open(Generated.comment(plan.app().name()));
        plan.screens().forEach(this::screen);
        group("Screens", "The ids of all screens, to compare that of a place with.", named.screens());
        group("Items", "The items of the menus.", named.items());
        group("Facts", "What the app tells.", named.facts());
        group("Signals", "What the app is told.", named.signals());
        group("Bars", "The bars.", named.bars());
        if (hasFunction) {
            helpers();
        }
        line("}");
        return out.toString();
    }

    final void line(String text) {
        out.append(text).append('\n');
    }

    final void lines(String text) {
        out.append(text);
    }

    /** The lines up to the first name. */
    abstract void open(String app);

    /** An id as the name of a constant. */
    abstract String constant(String id);

    abstract void constant(String indent, String id, String about);

    abstract void function(Screen screen, String name, String about, List<Taken> parameters);

    abstract void openGroup(String type, String about);

    /** Whether a screen that can be shown without parameters has a constant beside its function. */
    abstract boolean hasConstantBesideFunction();

    /** The functions that those of the screens use. */
    abstract void helpers();

    /** An id as the name of a function or a parameter. */
    abstract String identifier(String id);

    private void screen(Screen screen) {
        String about = Generated.comment(named.about(screen));
        if (screen.path().names().isEmpty() || screen.path().required().isEmpty() && hasConstantBesideFunction()) {
            once(names, constant(screen.id()), screen.id());
            constant("    ", screen.id(), about);
        }
        if (screen.path().names().isEmpty()) {
            return;
        }
        String name = identifier(screen.id());
        once(names, name, screen.id());
        var taken = new ArrayList<Taken>();
        for (String id : screen.path().names()) {
            String parameter = identifier(id);
            if (taken.stream().anyMatch(one -> one.name().equals(parameter))) {
                throw new IllegalArgumentException(
                        "two parameters of the screen \"" + screen.id() + "\" come to one name; rename one of them");
            }
            taken.add(new Taken(
                    id,
                    parameter,
                    kinds.of(screen, id),
                    screen.path().required().contains(id)));
        }
        hasFunction = true;
        function(screen, name, about, taken);
    }

    private void group(String type, String about, Map<String, String> all) {
        if (all.isEmpty()) {
            return;
        }
        line("");
        openGroup(type, about);
        var constants = new HashMap<String, String>();
        all.forEach((id, words) -> {
            once(constants, constant(id), id);
            constant("        ", id, Generated.comment(words));
        });
        line("    }");
    }

    /** Two ids can come to one name where a language has no hyphen. */
    private static void once(Map<String, String> names, String name, String id) {
        String other = names.putIfAbsent(name, id);
        if (other != null) {
            throw new IllegalArgumentException(
                    "\"" + other + "\" and \"" + id + "\" both come to the name " + name + "; rename one of them");
        }
    }
}
