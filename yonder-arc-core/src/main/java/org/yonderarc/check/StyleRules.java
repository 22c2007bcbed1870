package org.yonderarc.check;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
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

    /** A reference to a style, and where it stands. */
    record Used(Style.Ref ref, String pointer) {}

    /** Every reference to a style in the plan. */
    static void each(Subject subject, Consumer<Used> take) {
        subject.plan().theme().style().ifPresent(ref -> take.accept(new Used(ref, "/theme/style")));
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            bar.forms().forEach((kind, form) -> {
                String at = kind.equals(Bar.ANY_KIND) ? pointer : pointer + "/forms/" + kind;
                form.style().ifPresent(ref -> take.accept(new Used(ref, at + "/style")));
                if (form instanceof Form.Bottom bottom) {
                    bottom.overflow().style().ifPresent(ref -> take.accept(new Used(ref, at + "/overflow/style")));
                }
            });
        }
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().style().ifPresent(ref -> take.accept(new Used(ref, placed.pointer() + "/style")));
        }
    }

    static void names(Subject subject) {
        each(subject, used -> used.ref()
                .name()
                .filter(name -> subject.plan().styles().find(name).isEmpty())
                .ifPresent(name -> subject.unknown(
                        Code.UNKNOWN_STYLE,
                        used.pointer(),
                        "style",
                        name,
                        subject.plan().styles().ids(),
                        "Add it below \"styles\".")));
    }

    static void targets(Subject subject) {
        for (Style.Named named : subject.plan().styles()) {
            target(subject, named.style(), Subject.pointer("styles", named.id()));
        }
        each(subject, used -> target(subject, used.ref().own(), used.pointer()));
    }

    private static void target(Subject subject, Style style, String pointer) {
        for (Size size : List.of(Size.ITEM_WIDTH, Size.ITEM_HEIGHT, Size.THICKNESS)) {
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
                    "In the " + form.word() + " bar \"" + bar.id()
                            + "\", the selected item differs from the others in its colour alone.",
                    "Give its style an indicator or \"bold: selected\", or its items icons with filled twins."));
        }
    }

    private static boolean tellsByColourAlone(Subject subject, Bar bar, Form form) {
        Look look = Look.of(subject.plan(), form, Optional.empty());
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
        return form instanceof Form.Bottom bottom && bottom.labels() == Form.Labels.NONE
                || form instanceof Form.Rail rail && rail.labels() == Form.Labels.NONE;
    }

    /** Whether an item's icon is another one while it is selected. */
    private static boolean changes(Subject subject, Look look, Item item) {
        return item.selectedIcon().isPresent()
                || look.isFilled(true) != look.isFilled(false)
                        && BarRules.icon(subject.plan(), item)
                                .filter(subject.icons()::hasTwin)
                                .isPresent();
    }
}
