package org.yonderarc.files;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.plan.App;
import org.yonderarc.plan.OwnWord;
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

    /** The same setting, of the whole thing in its long form where what it sets a key of is short. */
    Edit.Set of(Edit.Set set) throws EditTrouble {
        Splice.names(set.pointer());
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
        if (stands.isEmpty()) {
            throw new EditTrouble("\"" + at + "\" is " + FlowText.write(shortForm, false)
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

    /** What is set lies further down in what the short form stands for. */
    private static Edit.Set deeper(Edit.Set set, String at, Value whole, Value in) throws EditTrouble {
        Value longer = TreeEdit.apply(in, new Edit.Set(at, whole));
        Value after = TreeEdit.apply(longer, new LongForm(longer).of(set));
        return new Edit.Set(at, Trees.pointed(new References(after).value(at).orElseThrow()));
    }

    /** The plan's own language, where a text gets another language beside it. */
    private Optional<String> language(String at, String key, Value text, Value other) throws EditTrouble {
        App app = PlanReader.read(root).draft().app();
        boolean isLanguage = app.languages().contains(key) || OwnWord.known().contains(key);
        if (!isLanguage || !(text instanceof TextValue) || !isSound(at, Trees.map(key, other))) {
            return Optional.empty();
        }
        if (app.languages().isEmpty()) {
            throw new EditTrouble("Nobody can tell in which language \"" + at
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
        } catch (EditTrouble impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
