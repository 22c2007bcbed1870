package org.yonderarc.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Turns short forms into long ones where an edit sets a key of something that is written as a text alone. Which key the text
 * stands for is not looked up: it is the one with which the plan means the same.
 */
final class LongForm {
    /** The keys for which a text alone may stand, the commoner ones first. */
    private static final List<String> KEYS = List.of(
            "screen", "title", "form", "label", "fact", "text", "kind", "fill", "section", "name", "value", "shape",
            "regular");

    private final Value root;
    private final References references;

    LongForm(Value root) {
        this.root = root;
        this.references = new References(root);
    }

    /** The keys of a bar that are not those of its form. */
    private static final Set<String> OF_BARS = Set.of(
            "id",
            "menu",
            "within",
            "default-item",
            "spoken-label",
            "order",
            "transition",
            "show-on",
            "hide-on",
            "min-window-width",
            "max-window-width",
            "orientation",
            "pointer");

    /** The same setting, of the whole thing in its long form where what it sets a key of is short. */
    Edit.Set of(Edit.Set set) throws EditException {
        List<String> names = Splice.names(set.pointer());
        if (names.size() >= 4 && names.get(0).equals("bars") && names.get(2).equals("forms")) {
            Optional<Edit.Set> split = forEachKind(set, "/bars/" + names.get(1), names.get(3));
            if (split.isPresent()) {
                return split.get();
            }
        }
        String at = JsonPointer.parent(set.pointer());
        while (!at.isEmpty() && references.value(at).isEmpty()) {
            at = JsonPointer.parent(at);
        }
        Optional<Value> found = references.value(at);
        if (at.isEmpty() || found.isEmpty() || found.get() instanceof MapValue || found.get() instanceof ListValue) {
            return set;
        }
        List<String> rest = JsonPointer.names(set.pointer().substring(at.length()));
        String key = rest.get(0);
        Value value = set.value();
        for (int i = rest.size() - 1; i > 0; i--) {
            value = Trees.map(rest.get(i), value);
        }
        String place = at;
        Value last = value;
        Value shortForm = Trees.pointed(found.get());
        Optional<String> own = language(place, key, shortForm, last);
        if (own.filter(key::equals).isPresent()) {
            return new Edit.Set(place, last);
        }
        Optional<String> stands = own.or(() -> KEYS.stream()
                .filter(candidate -> isSame(place, Trees.map(candidate, shortForm)))
                .findFirst());
        if (stands.isEmpty() && isSame(place, Trees.map(Map.of()))) {
            return new Edit.Set(at, Trees.map(key, value));
        }
        if (stands.isEmpty()) {
            throw new EditException("\"" + at + "\" is " + FlowText.write(shortForm, false)
                    + " and takes no keys. Set the whole value instead.");
        }
        if (stands.get().equals(key)) {
            return rest.size() == 1 ? new Edit.Set(at, value) : deeper(set, at, Trees.map(key, shortForm), root);
        }
        Map<String, Value> all = new LinkedHashMap<>();
        all.put(stands.get(), shortForm);
        all.put(key, value);
        return new Edit.Set(at, Trees.map(all));
    }

    /** A bar with one form for all device kinds, of which one kind gets another: it has a form for each kind then. */
    private Optional<Edit.Set> forEachKind(Edit.Set set, String at, String kind) throws EditException {
        Optional<Value> bar = references.value(at);
        if (bar.isEmpty()
                || bar.get() instanceof MapValue map && map.entry("forms").isPresent()) {
            return Optional.empty();
        }
        List<String> kinds = PlanReader.read(root).draft().deviceKinds().stream()
                .map(DeviceKind::id)
                .toList();
        References.known("device kind", kind, kinds);
        var own = new LinkedHashMap<String, Value>();
        var form = new LinkedHashMap<String, Value>();
        if (bar.get() instanceof MapValue map) {
            map.entries()
                    .forEach(entry -> (OF_BARS.contains(entry.key()) ? own : form).put(entry.key(), entry.value()));
        } else {
            form.put("form", bar.get());
        }
        form.putIfAbsent("form", Trees.text(Form.Kind.usual().word()));
        Value one = Trees.pointed(form.size() == 1 ? form.get("form") : Trees.map(form));
        var forms = new LinkedHashMap<String, Value>();
        kinds.forEach(any -> forms.put(any, one));
        own.put("forms", Trees.map(forms));
        Value whole = Trees.pointed(Trees.map(own));
        return isSameOnEachKind(at, whole, kinds) ? Optional.of(deeper(set, at, whole, root)) : Optional.empty();
    }

    /** Whether each bar has the form on each kind that it has now, and all else is the same. */
    private boolean isSameOnEachKind(String at, Value other, List<String> kinds) {
        List<Bar> before = PlanReader.read(root).draft().bars();
        List<Bar> after = reading(at, other).draft().bars();
        boolean isSame = isSound(at, other) && before.size() == after.size();
        for (int i = 0; isSame && i < before.size(); i++) {
            Bar a = before.get(i);
            Bar b = after.get(i);
            isSame = a.id().equals(b.id())
                    && a.menu().equals(b.menu())
                    && a.within().equals(b.within())
                    && a.visibility().equals(b.visibility())
                    && kinds.stream().allMatch(kind -> a.form(kind).equals(b.form(kind)));
        }
        return isSame;
    }

    /** What is set lies further down in what the short form stands for. */
    private static Edit.Set deeper(Edit.Set set, String at, Value whole, Value in) throws EditException {
        Value longer = TreeEdit.apply(in, new Edit.Set(at, whole));
        Value after = TreeEdit.apply(longer, new LongForm(longer).of(set));
        return new Edit.Set(at, Trees.pointed(new References(after).value(at).orElseThrow()));
    }

    /** The plan's own language, where a text gets another language beside it. */
    private Optional<String> language(String at, String key, Value text, Value other) throws EditException {
        App app = PlanReader.read(root).draft().app();
        boolean isLanguage =
                app.languages().contains(key) || BuiltInText.known().contains(key);
        if (!isLanguage || !(text instanceof TextValue) || !isSound(at, Trees.map(key, other))) {
            return Optional.empty();
        }
        if (app.languages().isEmpty()) {
            throw new EditException("Nobody can tell in which language \"" + at
                    + "\" is. Say first which languages the plan has: set:/app/languages=[en, " + key + "].");
        }
        return Optional.of(app.language());
    }

    private boolean isSound(String at, Value other) {
        return reading(at, other).findings().size()
                <= PlanReader.read(root).findings().size();
    }

    /** Whether the plan means the same with another value at a place. */
    private boolean isSame(String at, Value other) {
        Reading before = PlanReader.read(root);
        Reading after = reading(at, other);
        return after.findings().size() <= before.findings().size()
                && after.draft().equals(before.draft());
    }

    private Reading reading(String at, Value other) {
        try {
            return PlanReader.read(TreeEdit.apply(root, new Edit.Set(at, other)));
        } catch (EditException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
