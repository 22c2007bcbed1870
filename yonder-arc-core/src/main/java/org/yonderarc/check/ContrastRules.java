package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    private static final double LEAST = 4.5;
    /** The least contrast of icons: WCAG 2.2, success criterion 1.4.11. */
    private static final double LEAST_GRAPHIC = 3;

    private record Pair(Role front, Role ground) {}

    private static final List<Pair> PAIRS = List.of(
            new Pair(Role.TEXT, Role.SURFACE),
            new Pair(Role.TEXT, Role.BACKGROUND),
            new Pair(Role.MUTED, Role.SURFACE),
            new Pair(Role.MUTED, Role.BACKGROUND),
            new Pair(Role.ACCENT, Role.SURFACE),
            new Pair(Role.ACCENT, Role.BACKGROUND),
            new Pair(Role.BADGE_TEXT, Role.BADGE),
            new Pair(Role.ACCENT_TEXT, Role.ACCENT));

    private ContrastRules() {}

    static void look(Subject subject) {
        for (Scheme scheme : Scheme.values()) {
            PAIRS.forEach(pair -> pair(subject, scheme, pair));
        }
    }

    private static void pair(Subject subject, Scheme scheme, Pair pair) {
        Theme theme = subject.plan().theme();
        Colour front = theme.colour(scheme, pair.front);
        Colour ground = theme.colour(scheme, pair.ground);
        Colour seen = front.withAlpha(1);
        Colour mixed = ground.mixedWith(seen, front.alpha()).withAlpha(1);
        double ratio = mixed.contrastWith(ground);
        if (ratio < LEAST) {
            Role own = theme.own(scheme).containsKey(pair.front) ? pair.front : pair.ground;
            subject.tell(
                    Code.LOW_CONTRAST,
                    Subject.pointer("theme", scheme.word(), own.word()),
                    "In the " + scheme.word() + " scheme, " + pair.front.word() + " on " + pair.ground.word()
                            + " has a contrast of " + oneDecimal(ratio) + " to 1; it takes " + LEAST + ".",
                    "Write \"" + pair.front.word() + ": '"
                            + enough(seen, grounds(theme, scheme, pair.front)).hex() + "'\", or another ground.");
        }
    }

    /** Labels and icons of every style, in every state that it gives colours to, on what lies behind them. */
    static void styles(Subject subject) {
        subject.mentioned().styles.forEach(at -> style(subject, at.value(), at.pointer()));
    }

    private static void style(Subject subject, Style style, String pointer) {
        Look look = Looks.of(subject.plan(), Forms.of(Form.Kind.BOTTOM).usual(), style);
        boolean hidden = areLabelsHidden(subject, pointer);
        for (Map.Entry<ItemState, StateLook> entry : style.states().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .toList()) {
            ItemState state = entry.getKey();
            // What can't be chosen needs no contrast: WCAG 2.2, success criterion 1.4.3.
            if (state == ItemState.DISABLED) {
                continue;
            }
            for (Scheme scheme : Scheme.values()) {
                StateLook paints = look.in(Set.of(state));
                shown(subject, scheme, look, paints, pointer + "/" + state.word(), state, hidden);
            }
        }
    }

    private static void shown(
            Subject subject,
            Scheme scheme,
            Look look,
            StateLook paints,
            String pointer,
            ItemState state,
            boolean hidden) {
        Theme theme = subject.plan().theme();
        Colour surface = theme.colour(scheme, Role.SURFACE);
        Colour fill = over(paints.fill().orElse(Paint.NONE).in(theme, scheme), surface);
        Indicator mark = look.indicator();
        boolean isMarked = state == ItemState.SELECTED && Marks.of(mark.kind()).isBehindIcon();
        Colour marked = isMarked ? over(paints.indicator().orElse(Paint.NONE).in(theme, scheme), fill) : fill;
        Colour behindLabel = isMarked && mark.behind() == Indicator.Behind.ITEM ? marked : fill;
        Colour label = over(paints.label().orElse(Paint.NONE).in(theme, scheme), behindLabel);
        Colour icon = over(paints.icon().orElse(Paint.NONE).in(theme, scheme), marked);
        if (!hidden) {
            part(subject, scheme, pointer, state, "label", label.contrastWith(behindLabel), LEAST);
        }
        part(subject, scheme, pointer, state, "icon", icon.contrastWith(marked), LEAST_GRAPHIC);
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

    /** Everything that a role has to stand out from. */
    private static List<Colour> grounds(Theme theme, Scheme scheme, Role front) {
        return PAIRS.stream()
                .filter(pair -> pair.front == front)
                .map(pair -> theme.colour(scheme, pair.ground))
                .toList();
    }

    /** The colour nearest to {@code front}, on the way to black or to white, that stands out enough from all grounds. */
    private static Colour enough(Colour front, List<Colour> grounds) {
        Colour black = Colour.rgb(0);
        Colour white = Colour.rgb(0xFFFFFF);
        Colour best = black;
        for (int percent = 0; percent <= 100; percent++) {
            for (Colour end : List.of(black, white)) {
                Colour tried = front.mixedWith(end, percent / 100.0);
                if (least(tried, grounds) >= LEAST) {
                    return tried;
                }
                best = least(tried, grounds) > least(best, grounds) ? tried : best;
            }
        }
        // Grounds that are too far apart from each other leave no such colour: the one that comes nearest.
        return best;
    }

    private static double least(Colour front, List<Colour> grounds) {
        return grounds.stream().mapToDouble(front::contrastWith).min().orElse(1);
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    private static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
