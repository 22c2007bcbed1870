package org.yonderarc.check;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
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
            new Pair(Role.ON_BADGE, Role.BADGE),
            new Pair(Role.ON_ACCENT, Role.ACCENT));

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
                            + enough(seen, ground).hex() + "'\", or another ground.");
        }
    }

    /** Labels and icons of every style, in every state that it gives colours to, on what lies behind them. */
    static void styles(Subject subject) {
        for (Style.Named named : subject.plan().styles()) {
            style(subject, named.style(), Subject.pointer("styles", named.id()));
        }
        StyleRules.each(subject, used -> style(subject, used.ref().own(), used.pointer()));
    }

    private static void style(Subject subject, Style style, String pointer) {
        Look look = Look.of(subject.plan(), Form.Bottom.DEFAULT, style);
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
                shown(subject, scheme, look, paints, pointer + "/" + state.word(), state);
            }
        }
    }

    private static void shown(
            Subject subject, Scheme scheme, Look look, StateLook paints, String pointer, ItemState state) {
        Theme theme = subject.plan().theme();
        Colour surface = theme.colour(scheme, Role.SURFACE);
        Colour container = over(paints.container().orElse(Paint.NONE).in(theme, scheme), surface);
        Indicator mark = look.indicator();
        boolean isMarked = state == ItemState.SELECTED
                && (mark.kind() == Indicator.Kind.SHAPE || mark.kind() == Indicator.Kind.NOTCH);
        Colour marked = isMarked ? over(paints.indicator().orElse(Paint.NONE).in(theme, scheme), container) : container;
        Colour behindLabel = isMarked && mark.behind() == Indicator.Behind.ITEM ? marked : container;
        Colour label = over(paints.label().orElse(Paint.NONE).in(theme, scheme), behindLabel);
        Colour icon = over(paints.icon().orElse(Paint.NONE).in(theme, scheme), marked);
        part(subject, scheme, pointer, state, "label", label.contrastWith(behindLabel), LEAST);
        part(subject, scheme, pointer, state, "icon", icon.contrastWith(marked), LEAST_GRAPHIC);
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

    /** The colour nearest to {@code front}, on the way to black or to white, that stands out enough. */
    private static Colour enough(Colour front, Colour ground) {
        Colour black = Colour.rgb(0);
        Colour white = Colour.rgb(0xFFFFFF);
        for (int percent = 0; percent <= 100; percent++) {
            for (Colour end : List.of(black, white)) {
                Colour tried = front.mixedWith(end, percent / 100.0);
                if (tried.contrastWith(ground) >= LEAST) {
                    return tried;
                }
            }
        }
        // One of the two always stands out: no ground is nearer than 4.5 to both.
        return ground.contrastWith(black) > ground.contrastWith(white) ? black : white;
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    private static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
