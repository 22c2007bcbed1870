package org.yonderarc.interchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Words;

/** What a plan names, each with a line about it: what every language that it is written in needs. */
final class Named {
    private final Plan plan;
    private final String language;

    Named(Plan plan) {
        this.plan = plan;
        this.language = plan.app().languages().isEmpty()
                ? Words.ANY
                : plan.app().languages().get(0);
    }

    /** The screen's title and path. */
    String about(Screen screen) {
        return words(screen.title()) + ", " + screen.path();
    }

    /** The screens by their ids. */
    Map<String, String> screens() {
        var out = new LinkedHashMap<String, String>();
        plan.screens().forEach(screen -> out.put(screen.id(), about(screen)));
        return out;
    }

    /** The items by their ids: what each says, and in which menu. */
    Map<String, String> items() {
        var out = new LinkedHashMap<String, String>();
        for (Menu menu : plan.menus()) {
            menu.items().forEach(item -> out.putIfAbsent(item.id(), label(item) + ", in the menu " + menu.id()));
        }
        return out;
    }

    /** The signals, each with the items that give it. */
    Map<String, String> signals() {
        var givers = new LinkedHashMap<String, List<String>>();
        plan.items().forEach(item -> {
            if (item.target() instanceof Target.ToApp signal) {
                givers.computeIfAbsent(signal.name(), any -> new ArrayList<>()).add(label(item));
            }
        });
        var out = new LinkedHashMap<String, String>();
        givers.forEach((signal, labels) -> out.put(signal, "Given by " + String.join(", ", labels)));
        return out;
    }

    /** The facts: what each is, and at first. */
    Map<String, String> facts() {
        var out = new LinkedHashMap<String, String>();
        for (Fact fact : plan.facts()) {
            FactValue value = fact.initial();
            out.put(
                    fact.id(),
                    value instanceof FactValue.Entries entries
                            ? "A list; " + entries.entries().size() + " entries at first"
                            : capital(value.kind()) + "; " + (value.text().isEmpty() ? "empty" : value.text())
                                    + " at first");
        }
        return out;
    }

    /** The bars: their forms. */
    Map<String, String> bars() {
        var out = new LinkedHashMap<String, String>();
        for (Bar bar : plan.bars()) {
            String forms = bar.forms().values().stream()
                    .map(Form::kind)
                    .map(Form.Kind::word)
                    .distinct()
                    .collect(Collectors.joining(", "));
            out.put(
                    bar.id(),
                    capital(forms)
                            + bar.menu().map(menu -> " with the menu " + menu).orElse(""));
        }
        return out;
    }

    private String label(Item item) {
        Optional<Words> own = item.label();
        return own.or(() -> item.screen().flatMap(plan.screens()::find).map(Screen::title))
                .map(this::words)
                .orElse(item.id());
    }

    private String words(Words words) {
        return words.in(language).source();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** {@code sign-in} as {@code signIn}. */
    static String camel(String id) {
        var out = new StringBuilder();
        for (String part : id.split("-")) {
            out.append(out.isEmpty() ? part : capital(part));
        }
        return out.toString();
    }

    /** {@code sign-in} as {@code SIGN_IN}. */
    static String upper(String id) {
        return id.replace('-', '_').toUpperCase(Locale.ROOT);
    }
}
