package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Target;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines one item of a {@link MenuBuilder}. */
public final class ItemBuilder extends ShownBuilder<ItemBuilder> {
    ItemBuilder() {}

    @Override
    ItemBuilder self() {
        return this;
    }

    /** Sets an id other than the screen's. */
    public ItemBuilder id(String own) {
        return put("id", own);
    }

    /** Repeats it for the entries of a list, at most so many; what is told of an entry fills the holes of its place. */
    public ItemBuilder repeat(String list, int most) {
        return put("repeat", list).put("max-items", most);
    }

    /** Lets the item only tell the app that it was chosen; the person stays. */
    public ItemBuilder stays() {
        return put("navigates", false);
    }

    /** Sets where a web address opens. */
    public ItemBuilder openIn(Target.OpenIn where) {
        return put("open-in", where);
    }

    /** Sets a label other than the screen's title. */
    public ItemBuilder label(String text) {
        return put("label", text);
    }

    /** Sets the label in several languages, by language tag. */
    public ItemBuilder label(Map<String, String> texts) {
        return put("label", Translations.of(texts));
    }

    /** Sets a label for where there is little room. */
    public ItemBuilder shortLabel(String text) {
        return put("short-label", text);
    }

    /** Sets the name for screen readers. */
    public ItemBuilder spokenLabel(String text) {
        return put("spoken-label", text);
    }

    /** Sets what stands at its end in lists; may have holes for facts. */
    public ItemBuilder value(String text) {
        return put("value", text);
    }

    /** Sets what is said about the item where there is room, in tiles and lists. */
    public ItemBuilder note(String text) {
        return put("note", text);
    }

    /** Sets an icon other than the screen's. */
    public ItemBuilder icon(String name) {
        return put("icon", name);
    }

    /** Sets the icon for while the item is selected. */
    public ItemBuilder selectedIcon(String name) {
        return put("selected-icon", name);
    }

    /** Sets how the item's screen follows another. */
    public ItemBuilder transition(MotionBuilder transition) {
        return put("transition", transition.tree());
    }

    /** Shows a fact as the badge. */
    public ItemBuilder badge(String fact) {
        return put("badge", fact);
    }

    /** Shows a fact as the badge, in a style, and no number above {@code cap}. */
    public ItemBuilder badge(String fact, Badge.Kind style, int cap) {
        var badge = new LinkedHashMap<String, Value>();
        badge.put("fact", Trees.text(fact));
        badge.put("kind", Trees.text(style.name().toLowerCase(java.util.Locale.ROOT)));
        badge.put("cap", Trees.number(cap));
        return put("badge", Trees.map(badge));
    }

    /** Shows a word where a badge would stand, while none shows; may have holes for facts. */
    public ItemBuilder tag(String text) {
        return put("tag", text);
    }

    /** Shows the item only while a condition holds. */
    public ItemBuilder when(String condition) {
        return put("when", condition);
    }

    /** Lets the item be chosen only while a condition holds. */
    public ItemBuilder enabled(String condition) {
        return put("enabled", condition);
    }

    /** Lets the item look as a shared style says. */
    public ItemBuilder style(String name) {
        return put("style", name);
    }

    /** Gives the item a style of its own. */
    public ItemBuilder style(Consumer<? super StyleBuilder> define) {
        return put("style", StyleBuilder.own(define));
    }

    /** Keeps the item in the bar, or in the overflow. */
    public ItemBuilder slot(Item.Slot slot) {
        return put("slot", slot);
    }
}
