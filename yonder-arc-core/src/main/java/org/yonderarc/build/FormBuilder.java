package org.yonderarc.build;

import java.util.function.Consumer;
import org.yonderarc.plan.Form;

/**
 * Defines the form of a bar. Each form has a builder of its own, with the keys that it takes and no others.
 *
 * @param <B> the builder itself
 */
public abstract class FormBuilder<B extends FormBuilder<B>> extends MapBuilder<B> {
    FormBuilder(Form.Kind kind) {
        put("form", kind.word());
    }

    /** A bar at the lower edge. */
    public static BottomBuilder bottom() {
        return new BottomBuilder();
    }

    /** A bar at the upper edge. */
    public static TopBuilder top() {
        return new TopBuilder();
    }

    /** A narrow bar at a side edge. */
    public static RailBuilder rail() {
        return new RailBuilder();
    }

    /** A panel at a side edge. */
    public static DrawerBuilder drawer() {
        return new DrawerBuilder();
    }

    /** A round button that fans its items out. */
    public static RadialBuilder radial() {
        return new RadialBuilder();
    }

    /** Tiles at the head of the content of these screens. */
    public static GridBuilder grid(String... screens) {
        return new GridBuilder().put("on-screens", screens);
    }

    /** Lets the bar's items look as a shared style says. */
    public B style(String name) {
        return put("style", name);
    }

    /** Gives the bar's items a style of their own. */
    public B style(Consumer<? super StyleBuilder> define) {
        return put("style", StyleBuilder.own(define));
    }
}
