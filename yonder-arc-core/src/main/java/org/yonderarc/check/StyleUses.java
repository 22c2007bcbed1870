package org.yonderarc.check;

import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Style;

/**
 * Which style it is that colours something: that of the item, else that of its bar, else that of the theme.
 *
 * @param subject the plan
 * @param fitting where it is seen
 */
record StyleUses(Subject subject, Fitting fitting) {
    /** The pointer to the colours in a style; no value where they are the theme's. */
    Optional<String> cause(PaintedContrast.Seen seen, ItemState state) {
        return header(seen).or(() -> colour(seen, state));
    }

    /** What stands at the head of a drawer stands on a background of its own. */
    private Optional<String> header(PaintedContrast.Seen seen) {
        if (!seen.what().equals(PaintedContrast.HEADER)) {
            return Optional.empty();
        }
        return subject.plan().bars().stream()
                .filter(bar -> form(bar).flatMap(Form::behindHead).isPresent())
                .findFirst()
                .map(bar -> formAt(bar, subject.bar(bar.id())) + "/header/background");
    }

    private Optional<String> colour(PaintedContrast.Seen seen, ItemState state) {
        return seen.item()
                .flatMap(id -> subject.items().stream()
                        .filter(placed -> placed.item().id().equals(id))
                        .findFirst())
                .flatMap(
                        placed -> placed.item().style().flatMap(ref -> within(ref, placed.pointer() + "/style", state)))
                .or(() -> fitting.bars().stream()
                        .filter(bar -> bar.word().equals(seen.bar()))
                        .filter(bar ->
                                seen.item().isEmpty() || holds(bar, seen.item().get()))
                        .flatMap(bar -> ofBar(bar, seen.item().isEmpty() ? ItemState.DEFAULT : state).stream())
                        .findFirst())
                .or(() -> subject.plan().theme().style().flatMap(ref -> within(ref, "/theme/style", state)));
    }

    private static boolean holds(FittedBar bar, String item) {
        return Stream.concat(bar.items().stream(), bar.apart().stream())
                .anyMatch(one -> one.id().equals(item));
    }

    private Optional<String> ofBar(FittedBar fitted, ItemState state) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String at = subject.bar(index++);
            if (bar.id().equals(fitted.id())) {
                return fitted.standing() == FittedBar.Standing.OVERFLOW
                        ? form(bar).flatMap(Form::overflows).flatMap(overflow -> overflow.style()
                                .flatMap(ref -> within(ref, at + "/overflow/style", state)))
                        : form(bar).flatMap(Form::style).flatMap(ref -> within(ref, formAt(bar, at) + "/style", state));
            }
        }
        return Optional.empty();
    }

    private String kind() {
        Device device = fitting.device();
        return DeviceKind.at(subject.plan().deviceKinds(), device.width());
    }

    private Optional<Form> form(Bar bar) {
        return bar.form(kind());
    }

    private String formAt(Bar bar, String at) {
        boolean isOnly = bar.forms().size() == 1 && bar.forms().containsKey(Bar.ANY_KIND);
        return isOnly ? at : at + "/forms/" + (bar.forms().containsKey(kind()) ? kind() : Bar.ANY_KIND);
    }

    private Optional<String> within(Style.Ref ref, String own, ItemState state) {
        Style style = ref.in(subject.plan().styles());
        String pointer = ref.name().map(name -> Subject.pointer("styles", name)).orElse(own);
        if (style.states().containsKey(state)) {
            return Optional.of(pointer + "/" + state.word());
        }
        if (style.background().fill().isPresent()) {
            return Optional.of(pointer + "/background");
        }
        boolean isBase = state == ItemState.DEFAULT || state == ItemState.SELECTED;
        return isBase && style.states().containsKey(ItemState.DEFAULT)
                ? Optional.of(pointer + "/" + ItemState.DEFAULT.word())
                : Optional.empty();
    }
}
