package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.motion.FilmPlans.film;
import static org.yonderarc.motion.FilmPlans.scene;
import static org.yonderarc.motion.FilmPlans.turning;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Marks, icons and labels in motion. */
class FilmMarksTest {
    @Test
    void aRaisedCircleAlwaysCarriesOneIcon() {
        FormBuilder<?> form = FormBuilder.bottom().style(style -> style.indicator(Indicator.Kind.NOTCH));
        Walk walk = Walk.of(turning(form, FormBuilder.rail()));
        Film film = film(walk, walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")));
        for (double share = 0; share <= 1; share += 0.05) {
            SceneNode.Group mark =
                    within(film.at(film.duration() * share).bar("bottom").orElseThrow(), "list", "mark");
            Box circle = mark.children().stream()
                    .filter(node -> node.key().equals("shape-0"))
                    .findFirst()
                    .flatMap(SceneNode::box)
                    .orElseThrow();
            List<Double> seen = mark.children().stream()
                    .filter(SceneNode.Icon.class::isInstance)
                    .map(SceneNode.Icon.class::cast)
                    .filter(icon -> Math.abs(icon.area().centerX() - circle.centerX()) < 0.5
                            && Math.abs(icon.area().centerY() - circle.centerY()) < 0.5)
                    .map(icon -> icon.fill().alpha())
                    .toList();
            assertEquals(List.of(1.0), seen, "at " + share + " of the film");
        }
    }

    /** What a circle passes lies below it: never is another item's icon or badge seen on it. */
    @Test
    void aRaisedCircleCoversWhatItPasses() {
        Plan plan = PlanBuilder.app("Quay")
                .fact("n", 3)
                .screen("a", screen -> screen.icon("anchor"))
                .screen("b", screen -> screen.icon("ship"))
                .screen("c", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("a")
                        .item("b", item -> item.badge("n"))
                        .item("c"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom().style(style -> style.indicator(Indicator.Kind.NOTCH))))
                .build();
        Walk walk = Walk.of(plan);
        Film film = film(walk, walk.step(walk.start(), Steps.parse(plan, "choose:c")));
        int passed = 0;
        for (double share = 0.01; share < 1; share += 0.01) {
            SceneNode.Group bar = film.at(film.duration() * share).bar("bottom").orElseThrow();
            Box circle = within(bar, "list", "mark").area();
            for (SceneNode part : within(bar, "list", "item:b").children()) {
                Box box = part.box().orElse(circle);
                boolean isOn = Math.abs(box.centerX() - circle.centerX()) < circle.width() / 2 - box.width()
                        && Math.abs(box.centerY() - circle.centerY()) < circle.height() / 2 - box.height() / 2;
                if (isOn && part instanceof SceneNode.Icon icon) {
                    passed++;
                    assertTrue(icon.fill().alpha() < 0.05, "the icon at " + share);
                } else if (isOn && part instanceof SceneNode.Group badge && badge.part() == Part.Plain.BADGE) {
                    passed++;
                    assertTrue(badge.opacity() < 0.05, "the badge at " + share);
                }
            }
        }
        assertTrue(passed > 0, "it passes");
    }

    /** Below a raised mark, the label that leaves sinks, and the one that comes rises: each is at home when it is seen whole. */
    @Test
    void labelsSinkAndRiseBelowARaisedMark() {
        for (Indicator.Kind kind : List.of(Indicator.Kind.NOTCH, Indicator.Kind.LINE)) {
            FormBuilder<?> form =
                    FormBuilder.bottom().labels(Form.Labels.SELECTED).style(style -> style.indicator(kind));
            Walk walk = Walk.of(turning(form, FormBuilder.rail()));
            Film film = film(walk, walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")));
            double home = label(film.at(0), "a").orElseThrow().line().baseline();
            double lowest = 0;
            for (double share = 0; share <= 1; share += 0.02) {
                for (String item : List.of("a", "b")) {
                    Optional<SceneNode.Text> label = label(film.at(film.duration() * share), item);
                    if (label.isPresent()) {
                        double sunk = label.get().line().baseline() - home;
                        lowest = Math.max(lowest, sunk);
                        assertTrue(sunk >= -1e-6);
                        assertTrue(label.get().fill().alpha() < 0.95 || sunk < 1, "at " + share);
                    }
                }
            }
            assertEquals(kind == Indicator.Kind.NOTCH, lowest > 5, kind + ": " + lowest);
        }
    }

    @Test
    void aLabelStaysWithItsIconWhileABarFolds() {
        Walk walk = Walk.of(turning(
                FormBuilder.bottom(),
                FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(72)));
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "collapse:main"));
        var view = new View(walk, Device.DESKTOP, new PlainMeasure());
        for (Film film : List.of(
                Film.of(
                        view.scene(change.before()),
                        view.scene(change.after()),
                        Score.of(Passage.of(walk, change), walk.plan().motion())),
                Film.of(
                        view.scene(change.after()),
                        view.scene(change.before()),
                        Score.of(Passage.of(walk, change), walk.plan().motion())))) {
            for (double share = 0.05; share < 1; share += 0.1) {
                SceneNode.Group item =
                        within(film.at(film.duration() * share).bar("drawer").orElseThrow(), "list", "item:a");
                Box icon = null;
                Box label = null;
                for (SceneNode node : item.children()) {
                    icon = node instanceof SceneNode.Icon ? node.box().orElseThrow() : icon;
                    label = node instanceof SceneNode.Text ? node.box().orElseThrow() : label;
                }
                if (label != null) {
                    assertEquals(icon.centerY(), label.centerY(), 4, "at " + share);
                }
            }
        }
    }

    private static SceneNode.Group within(SceneNode.Group group, String... keys) {
        SceneNode.Group at = group;
        for (String key : keys) {
            at = (SceneNode.Group) at.children().stream()
                    .filter(node -> node.key().equals(key))
                    .findFirst()
                    .orElseThrow();
        }
        return at;
    }

    private static Optional<SceneNode.Text> label(Scene scene, String item) {
        return within(scene.bar("bottom").orElseThrow(), "list", "item:" + item).children().stream()
                .filter(SceneNode.Text.class::isInstance)
                .map(SceneNode.Text.class::cast)
                .findFirst();
    }
}
