package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Style;
import org.yonderarc.tree.Split;
import org.yonderarc.walk.Step;

/** The lines of a menu in a list: items, headings, dividers; sections that are folded, or a page of their own. */
final class MenuLines {
    private final FitContext context;
    private final Menu menu;
    private final Form form;
    private final Style style;
    private final List<FittedBar.Line> lines = new ArrayList<>();
    private boolean folds = true;
    private List<String> wanted = List.of();

    MenuLines(FitContext context, Menu menu, Form form, Style style) {
        this.context = context;
        this.menu = menu;
        this.form = form;
        this.style = style;
    }

    /** The same with every section open under a heading unless {@code can}: where no line has room for what folds it. */
    MenuLines folding(boolean can) {
        folds = can;
        return this;
    }

    /** The same with those items only whose name holds each of the words of a text; sections are open then. */
    MenuLines matching(String text) {
        wanted = Split.words(text.toLowerCase(Locale.ROOT));
        return this;
    }

    private boolean matches(Item item) {
        String label = context.item(menu, item, form, style).label().toLowerCase(Locale.ROOT);
        return wanted.stream().allMatch(label::contains);
    }

    /** The lines but for some items; a heading without items and a divider at an end are left out. */
    List<FittedBar.Line> but(Set<String> without) {
        folds &= wanted.isEmpty();
        if (folds) {
            for (Entry entry : menu.entries()) {
                Optional<Entry.Section> page = entry.folding()
                        .filter(section -> section.collapsible() == Entry.Collapsible.PAGE && !isFolded(section));
                List<Item> items = shown(entry, without);
                if (page.isPresent() && !items.isEmpty()) {
                    section(page.get(), items);
                    return lines;
                }
            }
        }
        menu.entries().forEach(entry -> entry(entry, shown(entry, without)));
        if (endsWithDivider()) {
            lines.remove(lines.size() - 1);
        }
        if (lines.isEmpty() && !wanted.isEmpty()) {
            lines.add(FittedBar.Line.of(context.own(BuiltInText.NOTHING)));
        }
        return lines;
    }

    private List<Item> shown(Entry entry, Set<String> without) {
        return context.visible()
                .repeated(entry.items())
                .filter(context.visible()::item)
                .filter(item -> !without.contains(item.id()))
                .filter(item -> wanted.isEmpty() || matches(item))
                .collect(toList());
    }

    private boolean endsWithDivider() {
        return !lines.isEmpty() && lines.get(lines.size() - 1) == FittedBar.Line.DIVIDER;
    }

    private void entry(Entry entry, List<Item> items) {
        if (entry.isDivider() && !lines.isEmpty() && !endsWithDivider()) {
            lines.add(FittedBar.Line.DIVIDER);
        }
        if (items.isEmpty()) {
            return;
        }
        Optional<Entry.Section> folding = entry.folding().filter(section -> folds);
        if (folding.isPresent()) {
            section(folding.get(), items);
            return;
        }
        entry.title().ifPresent(heading -> lines.add(FittedBar.Line.of(context.filled(heading))));
        add(items, entry.title().isPresent());
    }

    private void section(Entry.Section section, List<Item> items) {
        boolean isFolded = isFolded(section);
        boolean holdsSelected =
                items.stream().anyMatch(item -> context.visible().isSelected(menu, item));
        lines.add(FittedBar.Line.of(heading(section, isFolded, isFolded && holdsSelected), false));
        if (!isFolded) {
            add(items, section.collapsible() != Entry.Collapsible.PAGE);
        }
    }

    private void add(List<Item> items, boolean below) {
        items.forEach(item -> lines.add(FittedBar.Line.of(context.item(menu, item, form, style), below)));
    }

    private boolean isFolded(Entry.Section section) {
        return context.state().collapsed().contains(section.key(menu));
    }

    /** The heading as something that can be chosen. */
    private FittedItem heading(Entry.Section section, boolean isFolded, boolean selected) {
        String key = section.key(menu);
        String label = context.filled(section.heading());
        boolean isPage = section.collapsible() == Entry.Collapsible.PAGE;
        boolean isBack = isPage && !isFolded;
        Optional<String> sign = isBack
                ? Optional.empty()
                : Optional.of(isPage ? OwnIcons.NEXT : isFolded ? OwnIcons.UNFOLD : OwnIcons.FOLD);
        return new FittedItem(
                key,
                label,
                label,
                label,
                "",
                "",
                isBack ? Optional.of(OwnIcons.BACK) : section.icon(),
                Optional.empty(),
                Optional.empty(),
                new Step.Collapse(key),
                false,
                sign,
                context.setting().touch().states(key, selected, true),
                Looks.of(context.plan(), form, style));
    }
}
