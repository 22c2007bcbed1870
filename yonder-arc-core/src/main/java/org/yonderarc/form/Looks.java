package org.yonderarc.form;

import java.util.EnumMap;
import java.util.Optional;
import org.yonderarc.fit.Look;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;

/** Merges styles in one place: item, form, theme, what is usual for the form. */
public final class Looks {
    private Looks() {}

    /** How an item looks in a form; no value for any item without a style of its own. */
    public static Look of(Plan plan, Form form, Optional<Item> item) {
        return of(
                plan,
                form,
                item.flatMap(Item::style).map(ref -> ref.in(plan.styles())).orElse(Style.NONE));
    }

    /** What is usual on hover and press would hide what stands on a ground that an item has of its own. */
    private static Style unfilled(Style said, Style usual) {
        boolean isFilled = said.states()
                .getOrDefault(ItemState.DEFAULT, StateLook.NONE)
                .fill()
                .filter(fill -> !fill.equals(Paint.NONE))
                .isPresent();
        if (!isFilled) {
            return usual;
        }
        var states = new EnumMap<ItemState, StateLook>(usual.states());
        states.remove(ItemState.HOVER);
        states.remove(ItemState.PRESSED);
        return usual.withStates(states);
    }

    /** How something looks in a form, with a style of its own. */
    public static Look of(Plan plan, Form form, Style own) {
        Style bar = form.style().map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        Style theme = plan.theme().style().map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        UsualLook usual = Forms.of(form.kind()).look();
        if (own.equals(Style.NONE) && bar.equals(Style.NONE) && theme.equals(Style.NONE)) {
            return usual.plain();
        }
        Style said = own.over(bar).over(theme);
        return new Look(
                said.over(unfilled(said, usual.with(said.indicator().orElse(usual.mark())))),
                own.over(bar).states().getOrDefault(ItemState.DEFAULT, StateLook.NONE));
    }

    /** How a title, or the heading of a list, is set at a text scale. */
    static Type title(Look look, double scale) {
        double size = look.size(Size.TITLE_SIZE) * scale;
        return look.isTitleBold() ? Type.semibold(size) : Type.regular(size);
    }
}
