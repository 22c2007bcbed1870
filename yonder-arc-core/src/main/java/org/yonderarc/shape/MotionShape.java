package org.yonderarc.shape;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.FieldValues;
import org.yonderarc.codec.Schemas;
import org.yonderarc.codec.Shape;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Timing;
import org.yonderarc.plan.Transition;
import org.yonderarc.tree.Trees;

/** The shapes of motions. */
public final class MotionShape {
    private static final Codec<Easing> EASING = Codecs.parsed(
            "an easing",
            Easing::parse,
            Easing::text,
            "^\\s*((linear|ease|ease-in|ease-out|ease-in-out|step-start|step-end)|(cubic-bezier|steps|linear)\\(.*\\))\\s*$",
            "Write an easing of CSS such as ease-out, or \"cubic-bezier(0.2, 0, 0, 1)\".");

    private static final Codec<Double> MILLIS = Codecs.number(Timing.TIME);

    /** A spring; its delay stands beside it. */
    public static final Shape<Timing.Sprung> SPRING = spring();

    public static final Shape<Transition> TRANSITION_SHAPE = transition();
    public static final Codec<Transition> TRANSITION = Codecs.seen(TRANSITION_SHAPE, Mentions::transition);
    public static final Shape<Motion> MOTION = motion();

    private MotionShape() {}

    private static Shape<Timing.Sprung> spring() {
        var shape = new Shape<Timing.Sprung>("spring", "A spring, which takes as long as it takes.");
        var stiffness = shape.required(
                "stiffness", Codecs.number(Timing.Sprung.STIFFNESS), Timing.Sprung::stiffness, "Its stiffness.");
        var damping = shape.required(
                "damping",
                Codecs.number(Timing.Sprung.DAMPING),
                Timing.Sprung::damping,
                "Its damping; without it, it never rests.");
        var mass = shape.field("mass", Codecs.number(Timing.Sprung.MASS), Timing.Sprung::mass, 1.0, "Its mass.");
        var velocity = shape.field(
                "velocity",
                Codecs.number(Timing.Sprung.VELOCITY),
                Timing.Sprung::velocity,
                0.0,
                "Its velocity at the start, in lengths of the way for each second.");
        return shape.makes(
                got -> new Timing.Sprung(got.get(mass), got.get(stiffness), got.get(damping), got.get(velocity), 0));
    }

    /** Adds the keys of a timing to a shape; gives the function that puts them together, and the key {@code duration}. */
    private record TimingFields<R>(Field<R, Optional<Double>> duration, Function<FieldValues, Optional<Timing>> make) {
        static <R> TimingFields<R> of(Shape<R> shape, Function<R, Timing> get, Timing.Eased base) {
            var duration = shape.optional(
                    "duration",
                    MILLIS,
                    thing -> get.apply(thing) instanceof Timing.Eased eased && eased.duration() != base.duration()
                            ? Optional.of(eased.duration())
                            : Optional.empty(),
                    "How long it takes, in ms. Default: " + (int) base.duration() + ".");
            var delay = shape.field(
                    "delay", MILLIS, thing -> get.apply(thing).delay(), 0.0, "The time before it starts, in ms.");
            var easing = shape.optional(
                    "easing",
                    EASING,
                    thing -> get.apply(thing) instanceof Timing.Eased eased
                                    && !eased.easing().equals(base.easing())
                            ? Optional.of(eased.easing())
                            : Optional.empty(),
                    "How it is spread over the time, as in CSS Easing Functions Level 2. Default: "
                            + base.easing().text() + ".");
            var spring = shape.optional(
                    "spring",
                    SPRING,
                    thing -> get.apply(thing) instanceof Timing.Sprung sprung ? Optional.of(sprung) : Optional.empty(),
                    "A spring, in place of a duration and an easing.");
            shape.schemaRule(
                    "dependentSchemas",
                    Trees.map(
                            "spring",
                            Trees.map(
                                    "not",
                                    Trees.map(
                                            "anyOf",
                                            Trees.list(List.of(
                                                    Schemas.requires("duration"), Schemas.requires("easing")))))));
            return new TimingFields<>(duration, got -> {
                if (got.has(spring) && (got.has(duration) || got.has(easing))) {
                    got.context()
                            .report(
                                    Code.BAD_VALUE,
                                    got.source().spot(),
                                    "A spring takes as long as it takes, and is its own easing.",
                                    "Remove \"spring\", or \"duration\" and \"easing\".");
                    return Optional.empty();
                }
                return Optional.of(got.get(spring)
                        .<Timing>map(sprung -> new Timing.Sprung(
                                sprung.mass(), sprung.stiffness(), sprung.damping(), sprung.velocity(), got.get(delay)))
                        .orElseGet(() -> new Timing.Eased(
                                got.get(duration).orElse(base.duration()),
                                got.get(delay),
                                got.get(easing).orElse(base.easing()))));
            });
        }
    }

    private static Shape<Timing> timing(String name, Timing base) {
        var shape = new Shape<Timing>(name, "When and how fast something moves.");
        var fields = TimingFields.<Timing>of(shape, timing -> timing, (Timing.Eased) base);
        return shape.shortForm(fields.duration).mayMake(fields.make);
    }

    private static Shape<Transition> transition() {
        var shape = new Shape<Transition>("transition", "How one screen follows another.");
        var kind = shape.field(
                "kind",
                Codecs.choice(Transition.Kind.values()),
                Transition::kind,
                Motion.DEFAULT.transition().kind(),
                "What moves.");
        var fields = TimingFields.of(shape, Transition::timing, (Timing.Eased)
                Motion.DEFAULT.transition().timing());
        var stagger = shape.field(
                "stagger",
                Codecs.number(Transition.STAGGER),
                Transition::stagger,
                0.0,
                "The time in ms by which each row of the new screen comes after the one above it.");
        return shape.shortForm(kind)
                .mayMake(got ->
                        fields.make.apply(got).map(timing -> new Transition(got.get(kind), timing, got.get(stagger))));
    }

    private static Shape<Motion> motion() {
        var shape = new Shape<Motion>("motion", "How things move.");
        var select = shape.field(
                "select",
                timing("select-timing", Motion.DEFAULT.select()),
                Motion::select,
                Motion.DEFAULT.select(),
                "The mark of the selected item, on its way to another.");
        var states = shape.field(
                "states",
                timing("states-timing", Motion.DEFAULT.states()),
                Motion::states,
                Motion.DEFAULT.states(),
                "Items on hover, press and focus.");
        var drawers = shape.field(
                "drawers",
                timing("drawers-timing", Motion.DEFAULT.drawers()),
                Motion::drawers,
                Motion.DEFAULT.drawers(),
                "Drawers and rails that open, close, expand and collapse.");
        var screens = shape.field(
                "transition",
                TRANSITION,
                Motion::transition,
                Motion.DEFAULT.transition(),
                "Screens that follow each other.");
        var reduced = shape.field(
                "reduced",
                Codecs.choice(Motion.Reduced.values()),
                Motion::reduced,
                Motion.DEFAULT.reduced(),
                "What is left of it for people who want less motion.");
        return shape.makes(got ->
                new Motion(got.get(select), got.get(states), got.get(drawers), got.get(screens), got.get(reduced)));
    }
}
