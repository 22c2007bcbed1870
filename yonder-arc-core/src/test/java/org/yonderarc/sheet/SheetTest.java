package org.yonderarc.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.sheet.SheetPlans.MEASURE;
import static org.yonderarc.sheet.SheetPlans.plan;
import static org.yonderarc.sheet.SheetPlans.shot;
import static org.yonderarc.sheet.SheetPlans.whole;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.Shore;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Sheets: their axes, captions and frames. */
class SheetTest {
    @ParameterizedTest
    @CsvSource({
        "device=phone;phone-small;tablet, 3",
        "scheme, 2",
        "screen=tides;surveys, 2",
        "state, 6",
        "form=bottom, 1",
        "labels, 3",
        "icon-position, 4",
        "icon-fill, 2",
        "indicator, 6",
        "contrast, 2",
        "text-scale, 3",
        "scroll=0;40;80, 3",
        "fact, 2",
    })
    void everyAxisGivesDifferentPictures(String text, int count) {
        Shot bar = shot(Shore.plan());
        Shot base = text.startsWith("scroll") ? longList() : bar;
        Axis axis = Axes.parse(text.replace(';', ','), base);
        assertEquals(count, axis.choices().size());
        Set<Object> distinct = new HashSet<>();
        for (Axis.Choice choice : axis.choices()) {
            Scene scene = choice.apply().apply(base).scene(MEASURE);
            distinct.add(List.of(scene.nodes(), scene.background(), scene.width(), scene.height()));
        }
        // The facts of this plan change nothing in its bar.
        boolean same = text.equals("fact");
        assertEquals(same ? 1 : count, distinct.size());
    }

    @Test
    void aFrameKeepsThePictureAndTakesTheFormOfTheDevice() {
        for (Device device : Device.PRESETS) {
            var bare = new Shot(
                    Shore.plan(), Setting.of(device).with(Scheme.DARK), Optional.empty(), List.of(), Optional.empty());
            Scene plain = bare.scene(MEASURE);
            Scene framed = bare.framed(true).scene(MEASURE);
            boolean isWindow = device.pointer() == Visibility.Pointer.FINE;
            SceneNode.Group holder = isWindow ? group(framed, "window") : null;
            var shot = (SceneNode.Group)
                    (isWindow ? holder.children().get(holder.children().size() - 1) : group(framed, "shot"));
            assertEquals(plain.width(), shot.area().width(), device.id());
            assertEquals(plain.height(), shot.area().height(), device.id());
            assertEquals(plain.nodes().size() + 1, shot.children().size(), "the picture on its ground");
            assertTrue(shot.area().bottom() < framed.height() && shot.area().right() < framed.width());
            boolean hasLens =
                    framed.nodes().stream().anyMatch(node -> node.key().equals("lens"));
            assertEquals(!isWindow && device.safe().top() + device.safe().left() >= 24, hasLens, device.id());
        }
    }

    @Test
    void bothAxesCountInEveryPicture() {
        Shot base = shot(Shore.plan());
        Axis across = Axes.parse("indicator=line,dot", base);
        Axis down = Axes.parse("icon-position=above,before", base);
        Scene sheet = Sheet.of(base, across, down, MEASURE);
        var shots = sheet.nodes().stream()
                .filter(node -> node.key().startsWith("shot-"))
                .map(node -> ((SceneNode.Group) node).children().size())
                .toList();
        assertEquals(4, shots.size());
        List<Object> pictures = down.choices().stream()
                .flatMap(row -> across.choices().stream().map(column -> (Object) column.apply()
                        .apply(row.apply().apply(base))
                        .scene(MEASURE)
                        .nodes()))
                .toList();
        assertEquals(4, Set.copyOf(pictures).size());
        assertTrue(sheet.width() > 2 * Device.PHONE.width());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "schema         | Did you mean \"scheme\"?",
                "device=phome   | Did you mean \"phone\"?",
                "screen=nowhere | It has tides, surveys, survey, sightings, new-survey, map",
                "text-scale=9   | is not a text scale",
                "text-scale=big | is not a text scale",
                "language       | one language",
            })
    void anAxisThatIsNotThereIsRefused(String text, String reason) {
        Shot base = shot(Shore.plan());
        var refused = assertThrows(
                IllegalArgumentException.class, () -> Sheet.of(base, Axes.parse(text, base), Axis.NONE, MEASURE));
        assertTrue(refused.getMessage().contains(reason), refused.getMessage());
    }

    /** Places with parameters, values of facts, and what opens or collapses. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "screen=boats,boat?boat=7 | screen: boats, screen: boat?boat=7",
                "fact=letters=0,letters=5 | letters: 0, letters: 5",
                "open | open: closed, open: main",
                "collapse | collapse: expanded, collapse: main",
                "screen=boat?bot=7 | ! needs the parameter {boat}",
                "fact=letters=many | ! takes a number",
                "fact | ! name values of others",
                "open=side | ! It has closed, main",
            })
    void axesOfWhatAnAppTellsAndOpens(String text, String captions) {
        Plan plan = PlanBuilder.app("Quay")
                .start("boats")
                .fact("letters", 2)
                .screen("boats")
                .screen("boat", screen -> screen.under("boats").path("/boats/{boat}"))
                .screen("mail", screen -> screen.title("Mail, {letters}"))
                .menu("main", menu -> menu.item("boats").item("mail", item -> item.badge("letters")))
                .bar(bar -> bar.menu("main")
                        .form("phone", FormBuilder.drawer())
                        .form(
                                "desktop",
                                FormBuilder.drawer()
                                        .opens(DrawerForm.Opening.ALWAYS)
                                        .collapsedWidth(72)))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build();
        Device device = text.startsWith("collapse") ? Device.DESKTOP : Device.PHONE;
        Shot base = new Shot(plan, Setting.of(device), Optional.empty(), List.of(), Optional.empty());
        if (captions.startsWith("! ")) {
            var refused = assertThrows(IllegalArgumentException.class, () -> Axes.parse(text, base));
            assertTrue(refused.getMessage().contains(captions.substring(2)), refused.getMessage());
            return;
        }
        List<Axis.Choice> choices = Axes.parse(text, base).choices();
        assertEquals(captions, choices.stream().map(Axis.Choice::caption).collect(Collectors.joining(", ")));
        boolean isOfFact = text.startsWith("fact");
        Set<Object> pictures = choices.stream()
                .map(choice -> choice.apply()
                        .apply(isOfFact ? base.with(Place.of("mail")) : base)
                        .scene(MEASURE)
                        .nodes())
                .collect(Collectors.toSet());
        assertEquals(2, pictures.size());
    }

    @Test
    void aPlacedSceneKeepsItsProportions() {
        Scene scene = whole(Shore.plan()).scene(MEASURE);
        SceneNode.Group half = scene.placed("half", 10, 20, 0.5, 4);
        assertEquals(scene.width() / 2, half.area().width());
        assertEquals(scene.nodes().size() + 1, half.children().size());
        assertNotEquals(scene.nodes().get(0), half.children().get(1));
    }

    /** The axes may be asked for in either order: a form doesn't wipe out the mark that the other axis gives. */
    @Test
    void aFormKeepsTheMarkOfTheOtherAxis() {
        Shot base = whole(plan(false));
        Axis forms = Axes.parse("form=bottom", base);
        Axis marks = Axes.parse("indicator=none,dot", base);
        var scenes = marks.choices().stream()
                .map(mark -> forms.choices()
                        .get(0)
                        .apply()
                        .apply(mark.apply().apply(base))
                        .scene(MEASURE))
                .toList();
        assertFalse(scenes.get(0).equals(scenes.get(1)), "no mark and a dot look different");
    }

    /** Eight phones side by side would be wider than any screen: they go on below, each caption above its picture. */
    @Test
    void aWideSheetGoesOnBelow() {
        Shot base = whole(plan(false));
        Axis devices = Axes.parse("device=phone,tablet,desktop,500x700,600x700,700x700,800x700", base);
        Scene sheet = Sheet.of(base, devices, Axis.NONE, MEASURE);
        assertTrue(sheet.width() <= 3200, "as wide as " + sheet.width());
        var lines = sheet.nodes().stream()
                .filter(node -> node.key().startsWith("column-"))
                .map(node -> ((SceneNode.Text) node).line())
                .toList();
        assertEquals(7, lines.size());
        assertTrue(lines.get(6).baseline() > lines.get(0).baseline() + 500, "the last caption is in a lower band");
        for (TextLine line : lines) {
            assertTrue(sheet.nodes().stream()
                    .filter(SceneNode.Group.class::isInstance)
                    .flatMap(node -> node.box().stream())
                    .anyMatch(box -> Math.abs(box.x() - line.left()) < 1 && Math.abs(box.y() - line.baseline()) < 40));
        }
    }

    @Test
    void aFanIsOpenOnASheet() {
        Shot base = whole(plan(false));
        Scene fan = Axes.parse("form=radial", base)
                .choices()
                .get(0)
                .apply()
                .apply(base)
                .scene(MEASURE);
        SceneNode.Group bar = fan.bar("radial").orElseThrow();
        assertTrue(bar.area().height() > 150, "only the button is shown: " + bar.area());
    }

    private static Shot longList() {
        Plan plan = PlanBuilder.app("A")
                .start("a")
                .screen("a", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST);
                    for (int i = 0; i < 20; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .build();
        return new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
    }

    private static SceneNode.Group group(Scene scene, String key) {
        return scene.nodes().stream()
                .filter(node -> node.key().equals(key))
                .map(SceneNode.Group.class::cast)
                .findFirst()
                .orElseThrow();
    }
}
