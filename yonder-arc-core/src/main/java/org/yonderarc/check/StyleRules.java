package org.yonderarc.check;

import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
import org.yonderarc.form.Looks;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;

/** Styles: that their names exist, that targets stay large enough, and that colour isn't all that tells the selected item. */
final class StyleRules {
    /** The smallest touch target in dp; twice what WCAG 2.2, success criterion 2.5.8 asks for. */
    private static final double TARGET = 48;

    private StyleRules() {}

    static void targets(Subject subject) {
        subject.mentioned().styles.forEach(at -> target(subject, at.value(), at.pointer()));
    }

    private static void target(Subject subject, Style style, String pointer) {
        for (Size size : List.of(Size.ITEM_WIDTH, Size.ITEM_HEIGHT)) {
            Double dp = style.sizes().get(size);
            if (dp != null && dp < TARGET) {
                subject.tell(
                        Code.SMALL_TARGET,
                        pointer + "/" + size.word(),
                        "With " + plain(dp) + " dp, items are smaller than a fingertip.",
                        "Write " + plain(TARGET) + " or more.");
            }
        }
    }

    private static String plain(double dp) {
        return org.yonderarc.tree.NumberValue.plain(dp);
    }

    static void marks(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            Optional<Form> alone = bar.forms().values().stream()
                    .filter(Form::showsMenu)
                    .filter(form -> tellsByColourAlone(subject, bar, form))
                    .findFirst();
            alone.ifPresent(form -> subject.tell(
                    Code.COLOUR_ALONE,
                    pointer,
                    "In the " + form.kind().word() + " bar \"" + bar.id()
                            + "\", the selected item differs from the others in its colour alone.",
                    "Give its style an indicator or \"bold: selected\", or its items icons with filled variants."));
        }
    }

    private static boolean tellsByColourAlone(Subject subject, Bar bar, Form form) {
        Look look = Looks.of(subject.plan(), form, Optional.empty());
        boolean marked = look.indicator().kind() != Indicator.Kind.NONE;
        boolean bold = look.style()
                        .bold()
                        .filter(which -> which == Style.Which.SELECTED)
                        .isPresent()
                && !hidesLabels(form);
        return !marked
                && !bold
                && bar.menu().flatMap(subject.plan().menus()::find).stream()
                        .flatMap(menu -> menu.items().stream())
                        .filter(item -> item.place().isPresent())
                        .anyMatch(item -> !changes(subject, look, item));
    }

    private static boolean hidesLabels(Form form) {
        return form.labelled().filter(labels -> labels == Form.Labels.NONE).isPresent();
    }

    /** Whether an item's icon is another one while it is selected. */
    private static boolean changes(Subject subject, Look look, Item item) {
        return item.selectedIcon().isPresent()
                || look.isFilled(true) != look.isFilled(false)
                        && subject.icon(item).filter(subject.icons()::hasFilled).isPresent();
    }
}
