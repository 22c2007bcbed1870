package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.GridForm;
import org.yonderarc.plan.Item;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;

/** All forms, each by its home. */
public final class Forms {
    private static final BottomHome BOTTOM = new BottomHome();
    private static final TopHome TOP = new TopHome();
    private static final RailHome RAIL = new RailHome();
    private static final DrawerHome DRAWER = new DrawerHome();
    private static final RadialHome RADIAL = new RadialHome();
    private static final GridHome GRID = new GridHome();

    private Forms() {}

    /** The home of a form. */
    public static FormHome<?> of(Form.Kind kind) {
        return switch (kind) {
            case BOTTOM -> BOTTOM;
            case TOP -> TOP;
            case RAIL -> RAIL;
            case DRAWER -> DRAWER;
            case RADIAL -> RADIAL;
            case GRID -> GRID;
        };
    }

    /** All homes, the usual form first. */
    public static List<FormHome<?>> all() {
        return Stream.of(Form.Kind.values()).<FormHome<?>>map(Forms::of).collect(toList());
    }

    /** What shows of a bar in a form. */
    public static void fit(Bar bar, Form form, FitContext context, List<FittedBar> out) {
        at(form).fit(bar, context, out);
    }

    /** Which of the items that show stand in a bar itself; the others go to the overflow. */
    public static List<Item> held(Form form, List<Item> all, Device device) {
        return at(form).held(all, device);
    }

    /** The boxes of a bar; no value where nothing of it can be seen. */
    public static Optional<Layout.Bar> layOut(FittedBar bar, Room room) {
        return at(bar.form()).layOut(bar, room);
    }

    /** The room that a bar leaves to the content and the bars behind it. */
    public static Room remaining(Layout.Bar bar, Room room) {
        return at(bar.fitted().form()).remaining(bar, room);
    }

    /** How far the page moved aside from a bar. */
    public static Optional<Layout.Aside> aside(FittedBar bar, Optional<Layout.Bar> placed) {
        return at(bar.form()).aside(placed);
    }

    /** The form of the place that an overflow opens. */
    public static Form place(Form.Overflow overflow) {
        return new GridForm(List.of(), Optional.empty(), overflow.layout(), false, false, Optional.empty())
                .asSheet(overflow.presentation() == Form.Overflow.Presentation.SHEET);
    }

    /** The keys of a style that do nothing in a form, each with the reason. */
    static Map<String, String> idleStyle(Form form) {
        return at(form).idleStyle();
    }

    /** The keys of items and sections that do nothing in a form, each with the reason. */
    public static Map<String, String> idleItem(Form form) {
        return at(form).idleItem();
    }

    /** Whether a form shows sections that a person collapses. */
    public static boolean collapses(Form form) {
        return !idleItem(form).containsKey("collapsible");
    }

    /** What a bar is to a person who doesn't see it. */
    public static Meaning meaning(FittedBar bar) {
        return of(bar.form().kind()).meaning(bar);
    }

    /** What part of a scene a bar is. */
    public static Part.Bar part(FittedBar bar) {
        boolean isOverflow = bar.standing() == FittedBar.Standing.OVERFLOW;
        Part.Tempo tempo =
                isOverflow ? Part.Tempo.DRAWERS : of(bar.form().kind()).tempo();
        return new Part.Bar(bar.word(), bar.form().edge(), tempo);
    }

    /** Whether a bar stays where it is when the page moves aside. */
    public static boolean isOutsidePage(FittedBar bar) {
        return of(bar.form().kind()).isOutsidePage();
    }

    /** More items than this beside each other in a form can't be taken in at a glance. */
    public static int mostAtOnce(Form form) {
        return at(form).mostAtOnce();
    }

    /** More items than this that a form names itself leave no room for the rest of it. */
    public static int mostNamed(Form form) {
        return of(form.kind()).mostNamed();
    }

    /** Whether a bar leaves when the content scrolls. */
    public static boolean scrollsAway(Form form) {
        return at(form).scrollsAway();
    }

    /** Whether a bar stands free between those that reach from edge to edge. */
    public static boolean standsFree(FittedBar bar) {
        return at(bar.form()).standsFree();
    }

    /** Whether a bar is pulled in from its edge, and pushed back. */
    public static boolean isPulled(FittedBar bar) {
        return at(bar.form()).isPulled();
    }

    /** Whether a form shows the app's logo. */
    public static boolean showsLogo(Form form) {
        return at(form).showsLogo();
    }

    private static AtHome<?> at(Form form) {
        return AtHome.of(of(form.kind()), form);
    }

    /** A form with its home: the one place where the type of the one is known to be that of the other. */
    private record AtHome<F extends Form>(FormHome<F> home, F form) {
        static <F extends Form> AtHome<F> of(FormHome<F> home, Form form) {
            return new AtHome<>(home, home.own(form));
        }

        Map<String, String> idleItem() {
            return home.idleItem(form);
        }

        void fit(Bar bar, FitContext context, List<FittedBar> out) {
            home.fit(bar, form, context, out);
        }

        List<Item> held(List<Item> all, Device device) {
            return home.held(form, all, device);
        }

        Optional<Layout.Bar> layOut(FittedBar bar, Room room) {
            return home.layOut(form, bar, room);
        }

        Room remaining(Layout.Bar bar, Room room) {
            return home.remaining(form, bar, room);
        }

        Optional<Layout.Aside> aside(Optional<Layout.Bar> bar) {
            return home.aside(form, bar);
        }

        Map<String, String> idleStyle() {
            return home.idleStyle(form);
        }

        int mostAtOnce() {
            return home.mostAtOnce(form);
        }

        boolean isPulled() {
            return home.isPulled(form);
        }

        boolean standsFree() {
            return home.standsFree(form);
        }

        boolean showsLogo() {
            return home.showsLogo(form);
        }

        boolean scrollsAway() {
            return home.scrollsAway(form);
        }
    }
}
