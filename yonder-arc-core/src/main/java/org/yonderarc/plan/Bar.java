package org.yonderarc.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Where and how a menu, or the place's title, is shown.
 *
 * @param id its id; by default that of its menu, or its form
 * @param menu the id of the menu it shows
 * @param spokenLabel what screen readers call it; by default after its menu
 * @param forms its form on each device kind; under {@link #ANY_KIND} the form for all others; never empty
 * @param within the id of the screen on which, and below which, it stands; no value for everywhere
 * @param defaultItem the id of the item to which whatever leads to {@code within} leads at first; by default the first of the menu
 * @param order the ids of the items that stand first, by device kind; under {@link #ANY_KIND} those for all others
 * @param visibility where it shows
 * @param transition how screens that are chosen in it follow each other, where neither item nor screen says it
 */
public record Bar(
        String id,
        Optional<String> menu,
        Optional<Words> spokenLabel,
        Map<String, Form> forms,
        Optional<String> within,
        Optional<String> defaultItem,
        Map<String, List<String>> order,
        Visibility visibility,
        Optional<Transition> transition)
        implements Identified {
    /** The key of the form for every device kind that has none of its own. */
    public static final String ANY_KIND = "";

    public Bar {
        Ids.require(id, "bar");
        Objects.requireNonNull(menu, "menu");
        Objects.requireNonNull(spokenLabel, "spokenLabel");
        if (forms.isEmpty()) {
            throw new IllegalArgumentException("a bar needs a form");
        }
        forms = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(forms));
        Objects.requireNonNull(within, "within");
        Objects.requireNonNull(defaultItem, "defaultItem");
        order = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(order));
        Objects.requireNonNull(visibility, "visibility");
        Objects.requireNonNull(transition, "transition");
    }

    /** A bar of one form, with all defaults. */
    public static Bar of(Form form, Optional<String> menu) {
        return new Bar(
                menu.orElse(form.kind().word()),
                menu,
                Optional.empty(),
                Map.of(ANY_KIND, form),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Visibility.EVERYWHERE,
                Optional.empty());
    }

    /** The form on a device kind; no value where the bar doesn't show on it. */
    public Optional<Form> form(String kind) {
        return Optional.ofNullable(forms.getOrDefault(kind, forms.get(ANY_KIND)));
    }

    /** The ids of the items that stand first on a device kind, in order. */
    public List<String> order(String kind) {
        return order.getOrDefault(kind, order.getOrDefault(ANY_KIND, List.of()));
    }

    /** The same with other forms. */
    public Bar withForms(Map<String, Form> other) {
        return new Bar(id, menu, spokenLabel, other, within, defaultItem, order, visibility, transition);
    }
}
