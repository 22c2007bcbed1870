package org.yonderarc.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * Whatever a plan shows and does, view after view, worked out as far as somebody asks: still, while something is chosen, hovered,
 * pressed, focused, dragged, scrolled and typed, on several devices, in both schemes.
 */
final class Everywhere {
    private static final List<Surroundings> PLACES = List.of(
            Surroundings.of(Device.PHONE),
            new Surroundings(Device.DESKTOP, "de", Scheme.DARK, false, false),
            Surroundings.of(Device.TABLET.withText(1.4)),
            Surroundings.of(Device.PHONE_SMALL),
            Surroundings.of(Device.PHONE_WIDE));
    private static final int CHOICES = 6;
    private static final double[] MOMENTS = {40, 110, 220, 3000};

    private final Plan plan;
    private final List<Object> views = new ArrayList<>();
    private int place;
    private Optional<Visit> visit = Optional.empty();

    Everywhere(Plan plan) {
        this.plan = plan;
    }

    /** Whether something differs from {@code other}, in so many views from the first. */
    boolean differs(Everywhere other, int most) {
        for (int i = 0; i < most; i++) {
            Optional<Object> here = view(i);
            if (!here.equals(other.view(i))) {
                return true;
            }
            if (here.isEmpty()) {
                break;
            }
        }
        return false;
    }

    private Optional<Object> view(int index) {
        while (index >= views.size()) {
            if (visit.isEmpty() || visit.get().isOver()) {
                if (place == PLACES.size()) {
                    return Optional.empty();
                }
                visit = Optional.of(new Visit(plan, PLACES.get(place++)));
            }
            views.add(visit.get().next());
        }
        return Optional.of(views.get(index));
    }

    /** A person with the app on one device. */
    private static final class Visit {
        private final Walk walk;
        private final Stage stage;
        private final List<Supplier<Object>> steps = new ArrayList<>();
        private final List<Object> happened = new ArrayList<>();
        private State state;
        private double now;
        private int next;

        Visit(Plan plan, Surroundings around) {
            walk = Walk.of(plan);
            state = walk.start();
            stage = new Stage(walk, state, around, new PlainMeasure(), step -> {
                Change change = walk.step(state, step);
                state = change.after();
                happened.addAll(List.of(step, change.effects(), change.because()));
                stage().changed(change, now);
                return true;
            });
            boolean isFine = around.device().pointer() == Visibility.Pointer.FINE;
            steps.add(this::seen);
            for (int i = 0; i < CHOICES; i++) {
                int at = i;
                steps.add(this::opened);
                steps.add(() -> touched(at, isFine));
                steps.add(() -> chosen(at));
            }
            steps.add(this::linked);
            steps.add(this::typed);
            steps.add(() -> wheeled(around.device()));
            steps.add(() -> dragged(0, around.device()));
            steps.add(() -> dragged(around.device().width() - 1, around.device()));
            steps.add(() -> key(Input.Meant.CLOSE));
        }

        private Stage stage() {
            return stage;
        }

        boolean isOver() {
            return next == steps.size();
        }

        Object next() {
            return steps.get(next++).get();
        }

        private Object seen() {
            Object all = List.of(stage.scene(now).nodes(), stage.tree(), List.copyOf(happened), state.place());
            happened.clear();
            return all;
        }

        /** What is seen at some moments from now on. */
        private Object film() {
            var all = new ArrayList<Object>();
            double from = now;
            for (double moment : MOMENTS) {
                now = from + moment;
                all.add(seen());
            }
            return all;
        }

        private Optional<Access> target(int index) {
            List<Access> all = stage.tree().all().stream()
                    .filter(part -> part.step().isPresent() && part.enabled() && !part.inert())
                    .toList();
            return all.isEmpty() ? Optional.empty() : Optional.of(all.get(index % all.size()));
        }

        /** What opens is open: a drawer, a fan. */
        private Object opened() {
            stage.tree().all().stream()
                    .filter(part -> part.expanded().equals(Optional.of(false)) && !part.inert())
                    .findFirst()
                    .ifPresent(part -> stage.take(new Input.Choose(part.path()), now));
            return film();
        }

        private Object touched(int index, boolean isFine) {
            Optional<Access> target = target(index);
            if (target.isEmpty()) {
                return "";
            }
            Box box = target.get().box();
            if (isFine) {
                stage.take(new Input.Move(0, box.centerX(), box.centerY()), now);
                Object hovered = film();
                stage.take(new Input.Leave(), now);
                return hovered;
            }
            int tabs = 0;
            do {
                stage.take(new Input.Key(Input.Meant.NEXT), now);
            } while (tabs++ < 40
                    && !stage.focus().equals(Optional.of(target.get().path())));
            Object focused = film();
            stage.take(new Input.Down(0, box.centerX(), box.centerY(), true, true), now);
            Object pressed = film();
            stage.take(new Input.Cancel(0), now);
            return List.of(focused, pressed);
        }

        private Object chosen(int index) {
            target(index).ifPresent(target -> stage.take(new Input.Choose(target.path()), now));
            return film();
        }

        /** Where somebody comes who follows a link to each screen. */
        private Object linked() {
            Samples samples = Samples.of(walk.plan());
            return walk.plan().screens().stream()
                    .map(samples::place)
                    .filter(there -> walk.problem(there).isEmpty())
                    .map(there -> List.of(
                            walk.addressOf(there),
                            walk.arriveAt(state, there).trail(),
                            walk.shown(walk.arriveAt(state, there)),
                            walk.webOf(there)))
                    .toList();
        }

        private Object typed() {
            opened();
            Optional<Access> field = stage.tree().all().stream()
                    .filter(part -> part.role() == Access.Role.FIELD)
                    .findFirst();
            var seen = new ArrayList<Object>();
            for (String text : List.of("b", "bzq", "")) {
                field.ifPresent(part -> stage.take(new Input.Fill(part.path(), text), now));
                seen.add(film());
            }
            return seen;
        }

        private Object wheeled(Device device) {
            stage.take(new Input.Wheel(device.width() / 2, device.height() / 2, 0, 400), now);
            return film();
        }

        private Object dragged(double from, Device device) {
            double to = device.width() / 2;
            stage.take(new Input.Down(0, from, device.height() / 2, true, true), now);
            for (int i = 1; i <= 4; i++) {
                now += 16;
                stage.take(new Input.Move(0, from + (to - from) * i / 4, device.height() / 2), now);
            }
            Object held = seen();
            stage.take(new Input.Up(0, to, device.height() / 2), now);
            return List.of(held, film());
        }

        private Object key(Input.Meant meant) {
            stage.take(new Input.Key(meant), now);
            return film();
        }
    }
}
