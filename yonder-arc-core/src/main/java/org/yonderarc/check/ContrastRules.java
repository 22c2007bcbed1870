package org.yonderarc.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
import org.yonderarc.form.Forms;
import org.yonderarc.form.Looks;
import org.yonderarc.layout.Marks;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Theme;

/** Colours that people can tell apart: the contrast of WCAG 2.2, success criterion 1.4.3, in both schemes. */
final class ContrastRules {
    /** The least contrast of text that is not large. */
    private static final double LEAST = RoleContrast.LEAST;
    /** The least contrast of icons: WCAG 2.2, success criterion 1.4.11. */
    private static final double LEAST_GRAPHIC = 3;

    private ContrastRules() {}

    static void look(Subject subject) {
        RoleContrast.of(subject.plan().theme()).stream()
                .filter(pair -> !pair.isEnough())
                .forEach(pair -> pair(subject, pair));
    }

    private static void pair(Subject subject, RoleContrast pair) {
        Role own = subject.plan().theme().own(pair.scheme()).containsKey(pair.front()) ? pair.front() : pair.ground();
        subject.tell(
                Code.LOW_CONTRAST,
                Subject.pointer("theme", pair.scheme().word(), own.word()),
                "In the " + pair.scheme().word() + " scheme, " + pair.front().word() + " on "
                        + pair.ground().word() + " has a contrast of " + pair.rounded() + " to 1; it takes " + LEAST
                        + ".",
                "Write \"" + pair.front().word() + ": '" + pair.proposal().hex() + "'\", or another ground.");
    }

    /** Labels and icons of every style, in every state that it gives colours to, on what lies behind them. */
    static void styles(Subject subject) {
        subject.mentioned().styles.forEach(at -> style(subject, at.value(), at.pointer()));
    }

    /** Every bar that has a ground of its own: what stands on it, in every state, whoever says its colours. */
    static void grounds(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String at = subject.bar(index++);
            bar.forms().forEach((kind, form) -> {
                Look look = Looks.of(subject.plan(), form, Optional.empty());
                if (look.ground().fill().isPresent()) {
                    boolean isOnly = bar.forms().size() == 1 && kind.equals(Bar.ANY_KIND);
                    boolean hidden = form.labelled().equals(Optional.of(Form.Labels.NONE));
                    states(subject, look, (isOnly ? at : at + "/forms/" + kind) + "/style", hidden);
                }
            });
        }
    }

    /** Of all states, the one in which least can be read: the colours that mend it mend the others. */
    private static void states(Subject subject, Look look, String pointer, boolean hidden) {
        for (Scheme scheme : Scheme.values()) {
            Theme theme = subject.plan().theme();
            Optional<ItemState> label = worst(look, state -> least(theme, scheme, look, state).label);
            Optional<ItemState> icon = worst(look, state -> least(theme, scheme, look, state).icon);
            label.filter(state -> !hidden)
                    .ifPresent(state -> part(
                            subject, scheme, pointer, state, "label", least(theme, scheme, look, state).label, LEAST));
            icon.ifPresent(state -> part(
                    subject, scheme, pointer, state, "icon", least(theme, scheme, look, state).icon, LEAST_GRAPHIC));
        }
    }

    private static Optional<ItemState> worst(Look look, ToDoubleFunction<ItemState> contrast) {
        return Stream.of(ItemState.values())
                .filter(state ->
                        state != ItemState.DISABLED && look.style().states().containsKey(state))
                .min(Comparator.comparingDouble(contrast));
    }

    private static void style(Subject subject, Style style, String pointer) {
        if (style.ground().fill().isPresent()) {
            // The bars that have this ground are looked at themselves.
            return;
        }
        Look look = Looks.of(subject.plan(), Forms.of(Form.Kind.BOTTOM).usual(), style);
        boolean hidden = areLabelsHidden(subject, pointer);
        for (ItemState state : new TreeSet<>(style.states().keySet())) {
            // What can't be chosen needs no contrast: WCAG 2.2, success criterion 1.4.3.
            for (Scheme scheme : state == ItemState.DISABLED ? List.<Scheme>of() : List.of(Scheme.values())) {
                Seen seen = least(subject.plan().theme(), scheme, look, state);
                String at = pointer + "/" + state.word();
                if (!hidden) {
                    part(subject, scheme, at, state, "label", seen.label, LEAST);
                }
                part(subject, scheme, at, state, "icon", seen.icon, LEAST_GRAPHIC);
            }
        }
    }

    /** The least contrast in a state: of a gradient, what counts is the colour that stands out from least. */
    private static Seen least(Theme whole, Scheme scheme, Look look, ItemState state) {
        List<Colour> behind = look.ground().behind(whole, scheme);
        Theme theme = whole.on(scheme, behind);
        StateLook paints = look.in(Set.of(state));
        List<Colour> grounds = behind.isEmpty() ? List.of(theme.colour(scheme, Role.SURFACE)) : behind;
        double label = Double.MAX_VALUE;
        double icon = Double.MAX_VALUE;
        for (Colour ground : grounds) {
            Seen seen = seen(theme, scheme, ground, look, paints, state);
            label = Math.min(label, seen.label);
            icon = Math.min(icon, seen.icon);
        }
        return new Seen(label, icon);
    }

    /** The contrast of a label and of an icon. */
    private record Seen(double label, double icon) {}

    private static Seen seen(Theme theme, Scheme scheme, Colour surface, Look look, StateLook paints, ItemState state) {
        Colour fill = over(paints.fill().orElse(Paint.NONE).in(theme, scheme), surface);
        Indicator mark = look.indicator();
        boolean isMarked = state == ItemState.SELECTED && Marks.of(mark.kind()).isBehindIcon();
        Colour marked = isMarked ? over(paints.indicator().orElse(Paint.NONE).in(theme, scheme), fill) : fill;
        Colour behindLabel = isMarked && mark.behind() == Indicator.Behind.ITEM ? marked : fill;
        Colour label = over(paints.label().orElse(Paint.NONE).in(theme, scheme), behindLabel);
        Colour behindIcon = look.tile()
                .map(tile -> over(paints.tile().orElse(Paint.NONE).in(theme, scheme), marked))
                .orElse(marked);
        Colour icon = over(paints.icon().orElse(Paint.NONE).in(theme, scheme), behindIcon);
        return new Seen(label.contrastWith(behindLabel), icon.contrastWith(behindIcon));
    }

    /** Whether every bar whose items have the style at {@code pointer} hides their labels. */
    private static boolean areLabelsHidden(Subject subject, String pointer) {
        var forms = new ArrayList<Form>();
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String at = subject.bar(index++);
            bar.forms().forEach((kind, form) -> {
                String own = bar.forms().size() == 1 && kind.equals(Bar.ANY_KIND) ? at : at + "/forms/" + kind;
                boolean hasIt = form.style()
                        .map(ref -> ref.name()
                                .map(name -> Subject.pointer("styles", name))
                                .orElse(own + "/style"))
                        .filter(pointer::equals)
                        .isPresent();
                if (hasIt) {
                    forms.add(form);
                }
            });
        }
        return !forms.isEmpty()
                && forms.stream().allMatch(form -> form.labelled().equals(Optional.of(Form.Labels.NONE)));
    }

    private static void part(
            Subject subject, Scheme scheme, String pointer, ItemState state, String part, double ratio, double least) {
        if (ratio < least) {
            subject.tell(
                    Code.LOW_CONTRAST,
                    pointer,
                    "In the " + scheme.word() + " scheme, the " + part + " in the state " + state.word()
                            + " has a contrast of " + oneDecimal(ratio) + " to 1; it takes " + least + ".",
                    "Choose a colour that stands out more, or another ground.");
        }
    }

    /** A colour laid over an opaque one. */
    private static Colour over(Colour front, Colour ground) {
        return ground.mixedWith(front.withAlpha(1), front.alpha()).withAlpha(1);
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
