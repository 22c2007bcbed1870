package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeSet;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;

/** The edits that take a thing out of a plan, and whatever refers to it: an item whose screen goes goes too. */
final class Erasing implements Mentions {
    private final References file;
    private final Edit.Erase erase;
    private final Reading reading;
    private final TreeSet<String> gone = new TreeSet<>(Erasing::inOrder);

    Erasing(References file, Edit.Erase erase) {
        this.file = file;
        this.erase = erase;
        this.reading = PlanReader.read(file.root());
    }

    /** The edits, from the end of the plan to its start, so that none changes where another's place is. */
    List<Edit> steps() throws EditException {
        if (erase.noun() == Noun.OWN_ICON) {
            References.known("own icon", erase.id(), file.ownIcons());
            gone.addAll(file.ofEntries(erase.id()));
        } else {
            gone.add(new Things(file).pointer(erase.noun().word() + ":" + erase.id()));
        }
        PlanMentions.tell(reading.draft(), this);
        var out = new ArrayList<Edit>();
        for (String pointer : gone) {
            boolean isWithin = gone.stream().anyMatch(other -> pointer.startsWith(other + "/"));
            if (!isWithin) {
                out.add(new Edit.Remove(pointer));
            }
        }
        Collections.reverse(out);
        return out;
    }

    @Override
    public void name(Noun noun, String id, String pointer) {
        boolean isIt = noun == erase.noun() || noun == Noun.REQUIRED && erase.noun() == Noun.SCREEN;
        if (isIt && id.equals(erase.id())) {
            drop(pointer);
        }
    }

    @Override
    public void icon(String name, String pointer) {
        if (erase.noun() == Noun.OWN_ICON && (name.equals(erase.id()) || name.equals(erase.id() + "-filled"))) {
            drop(pointer);
        }
    }

    @Override
    public void place(Place place, String pointer) {
        if (erase.noun() == Noun.SCREEN && place.screen().equals(erase.id())) {
            drop(pointer);
        }
    }

    @Override
    public void condition(Condition condition, String pointer) {
        if (erase.noun() == Noun.FACT && condition.facts().contains(erase.id())) {
            drop(pointer);
        }
    }

    @Override
    public void words(Words words, Text text, String pointer) {
        // What people read is not taken away for a fact that fills a hole of it: the check tells of it.
    }

    /** An item leads somewhere, and a bar shows a menu: without that they are nothing. */
    private void drop(String mentioned) {
        String pointer = reading.inTheFile(mentioned);
        while (file.value(pointer).isEmpty() && !pointer.isEmpty()) {
            pointer = JsonPointer.parent(pointer);
        }
        String key = JsonPointer.last(pointer);
        String holder = JsonPointer.parent(pointer);
        boolean isTarget = key.equals("screen") && holder.startsWith("/menus/");
        boolean isMenu = key.equals("menu") && holder.startsWith("/bars/");
        boolean isShort =
                file.value(pointer).filter(TextValue.class::isInstance).isPresent()
                        && JsonPointer.index(key) < 0
                        && file.value(holder).filter(MapValue.class::isInstance).isEmpty();
        if (isTarget || isMenu || isShort) {
            gone.add(holder);
        } else if (!pointer.isEmpty()) {
            gone.add(pointer);
        }
    }

    /** In the order of the file, by the numbers of list items rather than their letters. */
    private static int inOrder(String one, String other) {
        List<String> left = JsonPointer.names(one);
        List<String> right = JsonPointer.names(other);
        for (int i = 0; i < Math.min(left.size(), right.size()); i++) {
            int leftIndex = JsonPointer.index(left.get(i));
            int rightIndex = JsonPointer.index(right.get(i));
            int order = leftIndex >= 0 && rightIndex >= 0
                    ? Integer.compare(leftIndex, rightIndex)
                    : left.get(i).compareTo(right.get(i));
            if (order != 0) {
                return order;
            }
        }
        return Integer.compare(left.size(), right.size());
    }
}
