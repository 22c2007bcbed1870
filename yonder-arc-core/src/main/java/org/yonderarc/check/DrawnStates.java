package org.yonderarc.check;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.Composer;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** The scenes of a plan's start: on a device of each kind, in both schemes, with each menu open, and all items in each state. */
final class DrawnStates {
    private final Plan plan;
    private final Walk walk;
    private final Set<ItemState> states = EnumSet.of(ItemState.DEFAULT, ItemState.SELECTED);
    private final TextMeasure measure = new PlainMeasure();

    /** Looks at one of them. */
    interface Look {
        /**
         * @param fitting what is shown
         * @param state the state of all items
         * @param scene what is painted
         */
        void at(Fitting fitting, ItemState state, Scene scene);
    }

    DrawnStates(Subject subject) {
        this.plan = subject.plan();
        this.walk = Walk.of(plan);
        // The states that no style says anything of are as in every other app.
        subject.mentioned()
                .styles
                .forEach(style -> states.addAll(style.value().states().keySet()));
        states.remove(ItemState.DISABLED);
    }

    void look(Look look) {
        for (Device device : devices(plan)) {
            for (State at : openings(walk)) {
                Fitting fitting = Fitter.fit(walk, device, at);
                Optional<String> opened = at.open().map(Step.Toggle::new).map(Step.Toggle::owner);
                List<FittedBar> bars = fitting.bars().stream()
                        .filter(bar -> opened.map(bar.id()::equals).orElse(true))
                        .toList();
                states.forEach(state -> look(fitting, bars, state, look));
            }
        }
    }

    private void look(Fitting fitting, List<FittedBar> bars, ItemState state, Look look) {
        Set<ItemState> in = state == ItemState.DEFAULT ? Set.of() : Set.of(state);
        Fitting all = fitting.onlyBars(bars.stream().map(bar -> bar.in(in)).toList());
        // Both schemes have the same boxes.
        Layout layout = Layouter.layOut(all, measure);
        for (Scheme scheme : Scheme.values()) {
            Fitting seen = all.in(all.setting().with(scheme));
            look.at(seen, state, Composer.compose(seen, layout, measure));
        }
    }

    /** One device of each kind, the narrowest preset where there is one. */
    static List<Device> devices(Plan plan) {
        var byKind = new HashMap<String, Device>();
        Device.presets(plan).stream()
                .sorted(Comparator.comparingDouble(Device::width))
                .forEach(device -> byKind.putIfAbsent(DeviceKind.at(plan.kinds(), device.width()), device));
        return plan.kinds().stream()
                .map(kind -> byKind.getOrDefault(
                        kind.id(), new Device("window", Math.max(320, kind.from()), 800, Insets.NONE)))
                .toList();
    }

    /** The start, the start with every flag turned, as for somebody who is signed in, and the start with each menu open. */
    static List<State> openings(Walk walk) {
        State start = walk.start();
        var out = new LinkedHashSet<State>();
        out.add(start);
        Map<String, FactValue> turned = new HashMap<>();
        start.facts().forEach((fact, value) -> {
            if (value instanceof FactValue.Flag flag) {
                turned.put(fact, new FactValue.Flag(!flag.on()));
            }
        });
        if (!turned.isEmpty()) {
            out.add(walk.step(start, new Step.TellAll(turned)).after());
        }
        walk.plan().bars().forEach(bar -> {
            out.add(walk.step(start, new Step.Toggle(bar.id())).after());
            out.add(walk.step(start, new Step.Toggle(Step.Toggle.overflow(bar.id())))
                    .after());
        });
        return List.copyOf(out);
    }
}
