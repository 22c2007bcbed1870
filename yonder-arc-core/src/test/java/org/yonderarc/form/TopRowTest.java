package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.TopBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.TopForm;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.Walk;

/** Titles and items of top bars, from much room to little. */
class TopRowTest {
    private static final List<String> SCREENS = List.of("sightings", "observers", "stations", "weather");

    private static Plan plan(UnaryOperator<TopBuilder> form) {
        var builder = PlanBuilder.app("Brinelight").start("sightings").fact("place", "Gull Point");
        SCREENS.forEach(id -> builder.screen(id, screen -> screen.icon("droplet")));
        return builder.menu("main", menu -> {
                    SCREENS.forEach(id -> menu.item(id, item -> item.shortLabel(id.substring(0, 3))));
                })
                .bar(bar -> bar.menu("main").form(form.apply(FormBuilder.top())))
                .build();
    }

    private static Layout.Bar bar(UnaryOperator<TopBuilder> form, Device device) {
        var walk = Walk.of(plan(form));
        Layout layout = Layouter.layOut(Fitter.fit(walk, device, walk.start()), new PlainMeasure());
        return layout.one(Form.Kind.TOP).orElseThrow();
    }

    private static List<String> labels(Layout.Bar bar) {
        return bar.list().slots().stream()
                .map(slot ->
                        slot.label().stream().map(TextLine::text).findFirst().orElse(""))
                .toList();
    }

    @Test
    void withLessRoomLabelsGetShortThenIconsStandAlone() {
        assertEquals(
                "Sightings",
                labels(bar(form -> form, new Device("window", 1200, 800, Insets.NONE)))
                        .get(0));
        assertEquals(
                "sig",
                labels(bar(form -> form, new Device("window", 560, 800, Insets.NONE)))
                        .get(0));
        assertEquals(
                "",
                labels(bar(form -> form, new Device("window", 420, 800, Insets.NONE)))
                        .get(0));
        assertEquals(
                4,
                labels(bar(form -> form, new Device("window", 420, 800, Insets.NONE)))
                        .size());
        List<String> few = bar(form -> form, new Device("window", 300, 800, Insets.NONE)).slots().stream()
                .map(slot -> slot.item().id())
                .toList();
        assertEquals(List.of("sightings", "more:main"), few, "at last, an overflow");
    }

    @ParameterizedTest
    @ValueSource(ints = {240, 320, 360, 412, 480, 600, 720, 900, 1280, 1920})
    void atAnyWidthNothingIsCutOffOrLiesOverAnother(int width) {
        for (boolean below : new boolean[] {false, true}) {
            for (TopForm.ItemWidths widths : TopForm.ItemWidths.values()) {
                Layout.Bar bar = bar(
                        form -> form.ownRow(below).itemWidths(widths).subtitle("{place}"),
                        new Device("window", width, 900, Insets.NONE));
                double right = -1;
                for (Layout.Slot slot : bar.list().slots()) {
                    assertTrue(slot.target().width() >= 48, "a target: " + slot.target());
                    assertTrue(right < 0 || slot.target().x() >= right - 1e-6);
                    slot.label().forEach(line -> assertTrue(!line.text().contains("\u2026"), line.text()));
                    right = slot.target().right();
                }
                if (!bar.list().clips()) {
                    assertTrue(right <= width + 1e-6, width + ": " + right);
                }
                bar.head().title().ifPresent(title -> bar.list().slots().stream()
                        .filter(slot -> !below)
                        .forEach(slot -> assertTrue(slot.target().x() >= title.left() + title.width() - 1e-6)));
            }
        }
    }

    @Test
    void itemsBelowTheTitleShareTheBarEquallyOrAreAsWideAsTheirText() {
        Layout.Bar equal = bar(
                form -> form.ownRow(true).itemWidths(TopForm.ItemWidths.EQUAL),
                new Device("window", 800, 900, Insets.NONE));
        double each = equal.list().slots().get(0).target().width();
        assertTrue(equal.list().slots().stream().allMatch(slot -> slot.target().width() == each));
        assertEquals(800, each * 4 + 3 * 4, 1, "with 4 dp between them");
        Layout.Bar text = bar(
                form -> form.ownRow(true).itemWidths(TopForm.ItemWidths.TEXT),
                new Device("window", 800, 900, Insets.NONE));
        assertTrue(text.list().slots().get(0).target().width() < each);
        assertEquals(4, text.list().slots().get(0).target().x(), "its text, 12 dp further, stands below a title");
        double title = text.head().title().orElseThrow().baseline();
        assertTrue(text.list().slots().stream().allMatch(slot -> slot.target().y() > title));
    }

    /** What doesn't fit goes onto further lines, whole words as long as three lines are enough; nothing is cut off or scrolled. */
    @ParameterizedTest
    @ValueSource(ints = {240, 300, 360, 480, 700, 1280})
    void itemsThatWrapAllShow(int width) {
        for (TopForm.ItemWidths widths : TopForm.ItemWidths.values()) {
            Layout.Bar bar = bar(
                    form -> form.ownRow(true)
                            .itemWidths(widths)
                            .wraps(true)
                            .maxItems(24)
                            .overflow(more -> {}),
                    new Device("window", width, 900, Insets.NONE));
            List<Layout.Slot> slots = bar.list().slots();
            assertEquals(SCREENS, slots.stream().map(slot -> slot.item().id()).toList());
            assertEquals(false, bar.list().clips());
            long lines =
                    slots.stream().map(slot -> slot.target().y()).distinct().count();
            assertTrue(
                    lines <= 3 && (width < 700 || lines == 1) && (width > 360 || lines > 1),
                    lines + " lines in " + width);
            for (Layout.Slot slot : slots) {
                assertTrue(bar.box().contains(slot.target()), slot.target() + " in " + bar.box());
                assertTrue(slot.target().height() >= 48);
                slot.label().forEach(line -> assertEquals(slot.item().label(), line.text()));
                slots.stream()
                        .filter(other -> other != slot)
                        .forEach(other -> assertTrue(!other.target().overlaps(slot.target())));
            }
        }
    }

    /** A title in the usual weight is narrower, in whatever type the bar's style says. */
    @Test
    void aTitleMayBeInTheUsualWeight() {
        Layout.Bar bar =
                bar(form -> form.style(style -> style.titleBold(false)), new Device("window", 1200, 800, Insets.NONE));
        assertEquals(
                Type.Weight.REGULAR, bar.head().title().orElseThrow().type().weight());
    }

    @Test
    void aRowWithoutIconsThatDoesNotFitScrollsToTheSelectedItem() {
        var builder = PlanBuilder.app("Brinelight").start("s9");
        for (int i = 0; i < 12; i++) {
            String id = "s" + i;
            builder.screen(id, screen -> screen.title("Shore number " + id));
        }
        Plan plan = builder.menu("main", menu -> {
                    for (int i = 0; i < 12; i++) {
                        menu.item("s" + i);
                    }
                })
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.top()
                                .ownRow(true)
                                .itemWidths(TopForm.ItemWidths.TEXT)
                                .maxItems(24)
                                .overflow(more -> {})))
                .build();
        var walk = Walk.of(plan);
        Layout layout = Layouter.layOut(
                Fitter.fit(walk, new Device("window", 700, 900, Insets.NONE), walk.start()), new PlainMeasure());
        Layout.ItemList list = layout.one(Form.Kind.TOP).orElseThrow().list();
        assertTrue(list.clips());
        Layout.Slot selected = list.slots().stream()
                .filter(slot -> slot.item().selected())
                .findFirst()
                .orElseThrow();
        assertTrue(
                selected.target().x() >= 0 && selected.target().right() <= 700,
                selected.target().toString());
    }

    @Test
    void titlesStandInTheMiddleAtTheStartOrAsIsUsualOnTheDevice() {
        var walk = Walk.of(PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("place", "Gull Point")
                .screen("tides", screen -> {})
                .menu("main", menu -> menu.item("tides"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .bar(bar -> bar.form(FormBuilder.top()
                        .titleShows(TopForm.TitleContent.NAME)
                        .alignTitle(TopForm.TitleAlignment.BY_DEVICE)
                        .subtitle("At {place}")))
                .build());
        Layout.Head phone = head(walk, Device.PHONE);
        assertEquals(TextLine.Anchor.MIDDLE, phone.title().orElseThrow().anchor());
        Layout.Head desktop = head(walk, Device.DESKTOP);
        assertEquals(16, desktop.title().orElseThrow().left());
        assertEquals("Brinelight", desktop.title().orElseThrow().text());
        TextLine note = desktop.note().orElseThrow();
        assertEquals("At Gull Point", note.text());
        assertEquals(16, note.left());
        assertTrue(note.baseline() > desktop.title().orElseThrow().baseline());
    }

    private static Layout.Head head(Walk walk, Device device) {
        return Layouter.layOut(Fitter.fit(walk, device, walk.start()), new PlainMeasure())
                .one(Form.Kind.TOP)
                .orElseThrow()
                .head();
    }

    @Test
    void anActionWithoutAnIconIsATextButton() {
        var walk = Walk.of(PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> {})
                .menu("main", menu -> menu.item("tides")
                        .signal("save", item -> item.label("Save this survey"))
                        .signal("share", item -> item.icon("share")))
                .bar(bar -> bar.menu("main").form(FormBuilder.top().actions("save", "share")))
                .build());
        Layout.Bar bar = Layouter.layOut(Fitter.fit(walk, Device.DESKTOP, walk.start()), new PlainMeasure())
                .one(Form.Kind.TOP)
                .orElseThrow();
        List<Layout.Slot> apart = bar.apart();
        assertEquals("Save this survey", apart.get(0).label().get(0).text());
        assertEquals(48, apart.get(1).target().width());
        assertTrue(Stream.of(apart.get(0)).allMatch(slot -> slot.target().width() > 100));
    }
}
