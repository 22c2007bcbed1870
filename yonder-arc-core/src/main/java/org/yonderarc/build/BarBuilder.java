package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines one bar of a {@link PlanBuilder}. */
public final class BarBuilder extends ShownBuilder<BarBuilder> {
    private final Map<String, Value> forms = new LinkedHashMap<>();
    private final Map<String, Value> orders = new LinkedHashMap<>();

    BarBuilder() {}

    @Override
    BarBuilder self() {
        return this;
    }

    /** Sets an id other than the menu's. */
    public BarBuilder id(String own) {
        return put("id", own);
    }

    /** Sets the menu that the bar shows. */
    public BarBuilder menu(String id) {
        return put("menu", id);
    }

    /** Sets what screen readers call it. */
    public BarBuilder spokenLabel(String name) {
        return put("spoken-label", name);
    }

    /** Sets what screen readers call it, by language tag. */
    public BarBuilder spokenLabel(Map<String, String> names) {
        return put("spoken-label", Translations.of(names));
    }

    /** Sets how screens that are chosen in it follow each other. */
    public BarBuilder transition(MotionBuilder transition) {
        return put("transition", transition.tree());
    }

    /** Shows the bar on this screen and below it only. */
    public BarBuilder within(String screen) {
        return put("within", screen);
    }

    /** Sets the item of the bar to which whatever leads to its part leads at first. */
    public BarBuilder defaultItem(String item) {
        return put("default-item", item);
    }

    /** Sets which items stand first, in this order. */
    public BarBuilder order(String... items) {
        return put("order", items);
    }

    /** Sets which items stand first on a kind of devices, in this order; not beside {@link #order(String...)}. */
    public BarBuilder orderOn(String kind, List<String> items) {
        orders.put(kind, Trees.texts(items));
        return put("order", Trees.map(orders));
    }

    /** Sets the form for every device kind. */
    public BarBuilder form(FormBuilder<?> form) {
        form.tree().entries().forEach(entry -> put(entry.key(), entry.value()));
        return this;
    }

    /** Sets the form for one device kind; on kinds without a form the bar doesn't show. */
    public BarBuilder form(String kind, FormBuilder<?> form) {
        forms.put(kind, form.tree());
        return this;
    }

    @Override
    MapValue tree() {
        if (!forms.isEmpty()) {
            put("forms", Trees.map(forms));
        }
        return super.tree();
    }
}
