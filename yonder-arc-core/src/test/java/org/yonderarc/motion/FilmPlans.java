package org.yonderarc.motion;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Walks and films that the tests of films share. */
final class FilmPlans {
    /** Steps that its random plans can take. */
    private static final List<String> STEPS = List.of(
            "choose:a", "choose:b", "choose:c", "open:d", "back", "toggle:main", "toggle:side", "tell:n=3", "tell:n=0");

    private FilmPlans() {}

    /** Is told of a change in a walk, and where it comes from. */
    interface Taken {
        void change(Walk walk, Change change, String context);
    }

    /** Takes six random steps in each of so many random plans. */
    static void walks(int plans, Taken taken) {
        for (int seed = 0; seed < plans; seed++) {
            var random = new Random(seed);
            Walk walk = Walk.of(plan(random, false));
            State state = walk.start();
            for (int i = 0; i < 6; i++) {
                String step = STEPS.get(random.nextInt(STEPS.size()));
                Change change = walk.step(state, Steps.parse(walk.plan(), step));
                state = change.after();
                taken.change(walk, change, "seed " + seed + ", " + step);
            }
        }
    }

    static Scene scene(Walk walk, State state) {
        return new View(walk, Device.PHONE, new PlainMeasure()).scene(state);
    }

    static Film film(Walk walk, Change change) {
        return Film.of(
                scene(walk, change.before()),
                scene(walk, change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
    }

    static Plan turning(FormBuilder<?> phone, FormBuilder<?> desktop) {
        return PlanBuilder.app("Turn")
                .start("a")
                .screen("a", screen -> screen.title("Harbour").icon("anchor"))
                .screen("b", screen -> screen.title("Boats").icon("ship"))
                .menu("main", menu -> menu.section("At the quay", in -> in.item("a"))
                        .item("b"))
                .bar(bar -> bar.menu("main").form("phone", phone).form("desktop", desktop))
                .build();
    }

    static Map<String, Box> boxes(List<SceneNode> nodes) {
        var out = new HashMap<String, Box>();
        collect(nodes, "", out);
        return out;
    }

    static void collect(List<SceneNode> nodes, String path, Map<String, Box> out) {
        for (SceneNode node : nodes) {
            String key = path + "/" + node.key();
            if (node instanceof SceneNode.Rect rect) {
                out.put(key, rect.area());
            } else if (node instanceof SceneNode.Icon icon) {
                out.put(key, icon.area());
            } else if (node instanceof SceneNode.Group group) {
                out.put(key, group.area());
                collect(group.children(), key, out);
            }
        }
    }

    /** A plan with some of all that moves. */
    static Plan plan(Random random, boolean linear) {
        var kinds = Transition.Kind.values();
        var marks = Indicator.Kind.values();
        var builder = PlanBuilder.app("Film").start("a").fact("n", 0);
        for (String id : List.of("a", "b", "c", "d")) {
            builder.screen(id, screen -> screen.icon("droplet")
                    .wireframe(Wireframe.Kind.values()[random.nextInt(Wireframe.Kind.values().length)])
                    .row("One", "Note", "3"));
        }
        builder.menu("main", menu -> menu.item("a")
                        .item("b", item -> item.badge("n"))
                        .item("c"))
                .menu("side", menu -> menu.signal("send", item -> {}).signal("leave", item -> {}));
        Indicator.Kind mark = marks[random.nextInt(marks.length)];
        builder.bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom()
                                .labels(Form.Labels.values()[random.nextInt(3)])
                                .iconPosition(Form.IconPosition.values()[random.nextInt(4)])
                                .style(style -> style.indicator(mark))))
                .bar(bar -> bar.menu("side")
                        .form(FormBuilder.drawer().opens(DrawerForm.Opening.values()[random.nextInt(3)])))
                .topBar();
        Transition.Kind kind = kinds[random.nextInt(kinds.length)];
        MotionBuilder timing = linear
                ? MotionBuilder.lasting(200).easing("linear")
                : random.nextBoolean() ? MotionBuilder.spring(200, 24) : MotionBuilder.lasting(250);
        return builder.screenMotion(
                        (linear ? MotionBuilder.lasting(200).easing("linear") : MotionBuilder.lasting(300)).kind(kind))
                .selectMotion(timing)
                .drawerMotion(linear ? MotionBuilder.lasting(200).easing("linear") : MotionBuilder.lasting(240))
                .build();
    }
}
