package org.yonderarc.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.codec.Shape;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;

/**
 * Everything about one form of a bar. To add a form, write its record in {@code plan} and one of these, and list both in
 * {@link Form.Kind} and {@link Forms}.
 *
 * @param <F> the form
 */
public abstract class FormHome<F extends Form> {
    private static final String ROW = "only lists have room for one";

    private final Class<F> type;
    private final F usual;
    private final Shape<F> shape;

    /**
     * A home.
     *
     * @param type the record
     * @param usual the form with all defaults
     * @param shape its keys
     */
    FormHome(Class<F> type, F usual, Shape<F> shape) {
        this.type = type;
        this.usual = usual;
        this.shape = shape;
    }

    /** The form with all defaults. */
    public F usual() {
        return usual;
    }

    /** Its keys. */
    public Shape<F> shape() {
        return shape;
    }

    /** The form as its record. */
    final F own(Form form) {
        return type.cast(form);
    }

    /** The form as a sheet shows any menu in it: open, and where people see it. */
    public Form onSheet(Plan plan) {
        return usual;
    }

    /** Whether it shows its items only after a person opened it, wherever it stands. */
    public boolean isOpened() {
        return false;
    }

    /** How its items look where no style says otherwise. */
    abstract UsualLook look();

    /** The keys of a style that do nothing in this form, each with the reason: "it has no title". */
    Map<String, String> idleStyle(F form) {
        return Map.of();
    }

    /** The keys of items and sections that do nothing in this form, each with the reason: "its items have no second line". */
    Map<String, String> idleItem(F form) {
        return Map.of("note", ROW, "value", ROW, "collapsible", "it shows no headings");
    }

    /** What shows of a bar: itself, and the place of its overflow where that is open. */
    abstract void fit(Bar bar, F form, FitContext context, List<FittedBar> out);

    /** Which of the items that show stand in the bar itself; the others go to the overflow. */
    List<Item> held(F form, List<Item> all, Device device) {
        return all;
    }

    /** The boxes of a bar; no value where it is closed and nothing of it can be seen. */
    abstract Optional<Layout.Bar> layOut(F form, FittedBar bar, Room room);

    /** The room that a bar leaves to the content and the bars behind it. */
    Room remaining(F form, Layout.Bar bar, Room room) {
        return room;
    }

    /** How far the page moved aside from it; no value where the page stays. */
    Optional<Layout.Aside> aside(F form, Optional<Layout.Bar> bar) {
        return Optional.empty();
    }

    /** What a bar is to a person who doesn't see it. */
    Meaning meaning(FittedBar bar) {
        return new Meaning.Navigation(bar.name());
    }

    /** What times it when it arrives, leaves or changes. */
    Part.Tempo tempo() {
        return Part.Tempo.SELECT;
    }

    /** Whether it stays where it is when the page moves aside. */
    boolean isOutsidePage() {
        return false;
    }

    /** Whether it stands free between what reaches from edge to edge. */
    boolean standsFree(F form) {
        return false;
    }

    /** Whether it is pulled in from its edge, and pushed back. */
    boolean isPulled(F form) {
        return false;
    }

    /** Whether it shows the app's logo. */
    boolean showsLogo(F form) {
        return false;
    }

    /** Whether it leaves when the content scrolls. */
    boolean scrollsAway(F form) {
        return false;
    }

    /** More items than this beside each other can't be taken in at a glance. */
    int mostAtOnce(F form) {
        return Integer.MAX_VALUE;
    }

    /** More items than this that it names itself leave no room for the rest of it. */
    int mostNamed() {
        return Integer.MAX_VALUE;
    }
}
