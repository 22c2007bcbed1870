package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The edits by which the journeys beside a plan follow a renaming in it. Addresses and titles are what people see, and stay. */
final class JourneyRenaming {
    /** What each step names; a place begins with its screen. */
    private static final Map<String, Noun> STEPS = Map.of(
            "choose", Noun.ITEM,
            "clear", Noun.ITEM,
            "open", Noun.SCREEN,
            "replace", Noun.SCREEN,
            "reset", Noun.SCREEN,
            "toggle", Noun.BAR,
            "collapse", Noun.BAR,
            "fold", Noun.BAR,
            "tell", Noun.FACT,
            "tell-all", Noun.FACT);

    private static final Map<String, Noun> EXPECTED = Map.of(
            "at", Noun.SCREEN,
            "back", Noun.SCREEN,
            "selected", Noun.ITEM,
            "shown", Noun.ITEM,
            "hidden", Noun.ITEM);

    private final Map<Noun, Edit.Rename> renames = new EnumMap<>(Noun.class);
    private final List<Edit> steps = new ArrayList<>();

    private JourneyRenaming() {}

    /**
     * The edits of a tree of journeys.
     *
     * @param renames what is called otherwise now; an item that has the id of its screen is among them with it
     */
    static List<Edit> edits(Value journeys, List<Edit.Rename> renames) {
        var run = new JourneyRenaming();
        renames.forEach(rename -> run.renames.put(rename.noun(), rename));
        run.facts(journeys);
        member(journeys, "journeys").ifPresent(all -> run.visit(all, "/journeys"));
        return run.steps;
    }

    private static java.util.Optional<Value> member(Value value, String key) {
        return value instanceof MapValue map ? map.entry(key).map(MapValue.Entry::value) : java.util.Optional.empty();
    }

    private void facts(Value journeys) {
        Edit.Rename fact = renames.get(Noun.FACT);
        if (fact != null
                && member(journeys, "facts")
                        .flatMap(facts -> member(facts, fact.from()))
                        .isPresent()) {
            steps.add(new Edit.RenameKey(JsonPointer.child("/facts", fact.from()), fact.to()));
        }
    }

    private void visit(Value value, String at) {
        if (value instanceof MapValue map) {
            for (MapValue.Entry entry : map.entries()) {
                String pointer = JsonPointer.child(at, entry.key());
                if (entry.key().equals("do")) {
                    step(entry.value(), pointer);
                } else if (EXPECTED.containsKey(entry.key()) && !(entry.value() instanceof MapValue)) {
                    expected(entry.value(), pointer, EXPECTED.get(entry.key()));
                } else {
                    visit(entry.value(), pointer);
                }
            }
        } else if (value instanceof ListValue list) {
            for (int i = 0; i < list.items().size(); i++) {
                Value item = list.items().get(i);
                String pointer = at + "/" + i;
                if (item instanceof TextValue) {
                    // A leg in its short form is its step alone.
                    step(item, pointer);
                } else {
                    visit(item, pointer);
                }
            }
        }
    }

    private void step(Value value, String pointer) {
        if (!(value instanceof TextValue text) || text.text().indexOf(':') < 0) {
            return;
        }
        int colon = text.text().indexOf(':');
        String word = text.text().substring(0, colon);
        String rest = text.text().substring(colon + 1);
        Noun noun = STEPS.get(word);
        Edit.Rename rename = noun == null ? null : renames.get(noun);
        if (rename == null) {
            return;
        }
        String now = word.equals("tell-all") ? eachFact(rest, rename) : named(rest, rename);
        set(pointer, text.text(), word + ":" + now);
    }

    private static String eachFact(String facts, Edit.Rename rename) {
        var out = new ArrayList<String>();
        for (String fact : facts.split("&", -1)) {
            out.add(named(fact, rename));
        }
        return String.join("&", out);
    }

    private void expected(Value value, String pointer, Noun noun) {
        Edit.Rename rename = renames.get(noun);
        if (rename == null) {
            return;
        }
        if (value instanceof TextValue text) {
            set(pointer, text.text(), named(text.text(), rename));
        } else if (value instanceof ListValue list) {
            for (int i = 0; i < list.items().size(); i++) {
                expected(list.items().get(i), pointer + "/" + i, noun);
            }
        }
    }

    private void set(String pointer, String before, String after) {
        if (!before.equals(after)) {
            steps.add(new Edit.Set(pointer, Trees.text(after)));
        }
    }

    /** A name, alone or with what follows it: parameters, a value, a section. */
    private static String named(String text, Edit.Rename rename) {
        String from = rename.from();
        if (text.equals(from)) {
            return rename.to();
        }
        boolean isIt = text.startsWith(from) && "?=.".indexOf(text.charAt(from.length())) >= 0;
        return isIt ? rename.to() + text.substring(from.length()) : text;
    }
}
