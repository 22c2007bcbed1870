package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.StyleBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Tiles, badges, tags, orders and distances of items. */
class ItemLooksTest {
    private static final FormBuilder<?> DRAWER = FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS);

    private static Plan plan(FormBuilder<?> form, Consumer<StyleBuilder> style) {
        form.style(style);
        return PlanBuilder.app("Looks")
                .start("a")
                .fact("n", 7)
                .fact("word", "")
                .screen("a", screen -> screen.title("Harbour").icon("anchor"))
                .screen("b", screen -> screen.title("Boats").icon("ship"))
                .screen("c", screen -> screen.title("Crew").icon("user"))
                .menu("main", menu -> menu.item("a", item -> item.badge("n").tag("Never"))
                        .item("b", item -> item.tag("New"))
                        .section("People", section -> section.item("c", item -> item.tag("{word}"))))
                .bar(bar -> bar.menu("main").orderOn("desktop", List.of("b")).form(form))
                .build();
    }

    private static List<Layout.Slot> slots(Plan plan, Device device) {
        var walk = Walk.of(plan);
        var fitting = Fitter.fit(walk, device, walk.start());
        return Layouter.layOut(fitting, new PlainMeasure()).bars().stream()
                .flatMap(bar -> bar.slots().stream())
                .toList();
    }

    private static Layout.Slot slot(List<Layout.Slot> slots, String id) {
        return slots.stream()
                .filter(slot -> slot.item().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static SceneNode.Rect rect(Plan plan, String item, String key) {
        var walk = Walk.of(plan);
        var found = new SceneNode.Rect[1];
        new View(walk, Device.PHONE, new PlainMeasure())
                .scene(walk.start())
                .nodes()
                .forEach(node -> find(node, "", item, key, found));
        return found[0];
    }

    private static void find(SceneNode node, String path, String item, String key, SceneNode.Rect[] found) {
        if (node instanceof SceneNode.Rect rect && node.key().equals(key) && path.contains("item:" + item)) {
            found[0] = rect;
        } else if (node instanceof SceneNode.Group group) {
            group.children().forEach(child -> find(child, path + "/" + node.key(), item, key, found));
        }
    }

    @ParameterizedTest
    @CsvSource({"ROUND, 20", "ROUNDED, 11.2", "SQUARE, 3.2"})
    void aTileLiesBehindEachIcon(Tile.Shape shape, double radius) {
        Plan plan = plan(FormBuilder.bottom(), style -> style.tile(
                        square -> square.shape(shape).size(40))
                .state(ItemState.DEFAULT, look -> look.tile("#112233", "#445566")));
        SceneNode.Rect tile = rect(plan, "b", "tile");
        Layout.Slot slot = slot(slots(plan, Device.PHONE), "b");
        assertEquals(Box.around(slot.icon().centerX(), slot.icon().centerY(), 40, 40), tile.area());
        assertEquals(radius, tile.radius(), 1e-9);
        assertEquals(Colour.rgb(0x112233), tile.fill());
        slot.label().forEach(line -> assertTrue(line.box().y() >= tile.area().bottom() - 2, "the label is below it"));
    }

    @Test
    void aTileMakesRoomInLists() {
        Layout.Slot bare = slot(slots(plan(DRAWER, style -> {}), Device.DESKTOP), "b");
        Layout.Slot tiled = slot(
                slots(
                        plan(
                                DRAWER,
                                style -> style.tile(
                                        square -> square.shape(Tile.Shape.ROUND).size(56))),
                        Device.DESKTOP),
                "b");
        assertEquals(bare.icon().width(), tiled.icon().width());
        assertEquals(
                56 - bare.icon().width(),
                tiled.label().get(0).left() - bare.label().get(0).left(),
                1e-9);
        assertTrue(tiled.target().height() >= 56);
    }

    @Test
    void badgesHaveColoursAndPlaces() {
        Plan plan = plan(DRAWER, style -> style.badgePosition(Style.BadgePosition.UPPER)
                .state(ItemState.DEFAULT, look -> look.badge("#ffd400")));
        Layout.Slot upper = slot(slots(plan, Device.DESKTOP), "a");
        assertTrue(upper.badge().orElseThrow().box().overlaps(upper.icon()), "at the icon, in a list too");
        Layout.Slot lower =
                slot(slots(plan(DRAWER, style -> style.badgePosition(Style.BadgePosition.LOWER)), Device.DESKTOP), "a");
        assertTrue(lower.badge().orElseThrow().box().centerY() > lower.icon().centerY());
        Layout.Slot usual = slot(slots(plan(DRAWER, style -> {}), Device.DESKTOP), "a");
        assertTrue(usual.badge().orElseThrow().box().x() > usual.label().get(0).left() + 40, "at the end");
        assertEquals(Colour.rgb(0xffd400), rect(plan, "a", "ground").fill());
    }

    @Test
    void aTagStandsWhereNoBadgeDoes() {
        var items = slots(plan(FormBuilder.bottom(), style -> {}), Device.PHONE).stream()
                .map(Layout.Slot::item)
                .toList();
        assertEquals(
                List.of("7", "New", "none"),
                items.stream().map(item -> item.badge().orElse("none")).toList());
    }

    @Test
    void anOrderHoldsOnItsDevicesAndInSections() {
        Plan plan = plan(FormBuilder.bottom(), style -> {});
        assertEquals(List.of("a", "b", "c"), ids(plan, Device.PHONE));
        assertEquals(List.of("b", "a", "c"), ids(plan, Device.DESKTOP));
        // What stands in a section stays there.
        var menu = plan.menus().get("main").inOrder(List.of("c", "b"));
        assertEquals(List.of("b", "a", "c"), menu.items().stream().map(Item::id).toList());
    }

    private static List<String> ids(Plan plan, Device device) {
        var walk = Walk.of(plan);
        return Fitter.fit(walk, device, walk.start()).bars().get(0).items().stream()
                .map(FittedItem::id)
                .toList();
    }

    @Test
    void distancesAreThoseOfTheStyle() {
        Layout.Slot usual = slot(slots(plan(DRAWER, style -> {}), Device.DESKTOP), "c");
        var slots = slots(
                plan(DRAWER, style -> style.size(Size.PADDING_START, 30)
                        .size(Size.PADDING_END, 2)
                        .size(Size.PADDING_TOP, 40)
                        .size(Size.INDENT, 20)),
                Device.DESKTOP);
        Box first = slot(slots, "b").target();
        Box indented = slot(slots, "c").target();
        assertEquals(30, first.x());
        assertEquals(40, first.y());
        assertEquals(50, indented.x(), "below a heading");
        assertEquals(first.right(), indented.right());
        assertEquals(usual.target().right() + 10, indented.right(), 1e-9);
        var bottom = slots(
                plan(FormBuilder.bottom(), style -> style.size(Size.PADDING_START, 60)
                        .size(Size.PADDING_END, 0)),
                Device.PHONE);
        assertEquals(60, bottom.get(0).target().x(), 0.1);
        assertEquals(Device.PHONE.width(), bottom.get(2).target().right(), 0.1);
    }

    @Test
    void aListThatGoesOnFadesAtItsEnd() {
        var low = new Device("low", 1200, 250, Insets.NONE);
        var walk = Walk.of(plan(DRAWER, style -> style.size(Size.ITEM_HEIGHT, 90)));
        for (Device device : List.of(low, Device.DESKTOP)) {
            var bar = (SceneNode.Group) new View(walk, device, new PlainMeasure())
                    .scene(walk.start()).nodes().stream()
                            .filter(node -> node.key().contains("drawer"))
                            .findFirst()
                            .orElseThrow();
            var list = (SceneNode.Group) child(bar, "list").orElseThrow();
            var fade = child(bar, "goes-on");
            assertEquals(device == low, fade.isPresent(), device.id());
            fade.ifPresent(shown -> {
                assertEquals(Part.Plain.SHADOW, ((SceneNode.Group) shown).part(), "touches go through");
                assertEquals(list.area().bottom(), shown.box().orElseThrow().bottom());
                // At its end, the last item stands above the fade.
                double reach = ((Meaning.Scroll) list.meaning()).down();
                double last = list.children().stream()
                        .filter(node -> node.key().startsWith("item:"))
                        .mapToDouble(node -> node.box().orElseThrow().bottom())
                        .max()
                        .orElseThrow();
                assertEquals(list.area().bottom() - 24, last - reach, 1e-9);
            });
        }
    }

    private static Optional<SceneNode> child(SceneNode.Group group, String key) {
        return group.children().stream().filter(node -> node.key().equals(key)).findFirst();
    }

    @Test
    void aLabelThatIsCutOffBesideItsIconStandsBelowIt() {
        Plan plan = plan(
                FormBuilder.bottom().iconPosition(Form.IconPosition.BEFORE), style -> style.size(Size.LABEL_SIZE, 22));
        Layout.Slot narrow = slot(slots(plan, new Device("narrow", 300, 700, Insets.NONE)), "a");
        assertTrue(narrow.label().get(0).box().y() > narrow.icon().bottom() - 6);
        assertEquals("Harbour", narrow.label().get(0).text());
        Layout.Slot wide = slot(slots(plan, new Device("wide", 580, 700, Insets.NONE)), "a");
        assertTrue(wide.label().get(0).left() > wide.icon().right());
    }

    @Test
    void bracketsStandAroundTheIconOrTheItem() {
        var slots = slots(plan(FormBuilder.bottom(), style -> style.indicator(Indicator.Kind.BRACKETS)), Device.PHONE);
        Layout.Slot around = slot(slots, "a");
        var shapes = around.mark().orElseThrow().shapes();
        assertEquals(6, shapes.size());
        assertTrue(shapes.stream().noneMatch(shape -> shape.box().overlaps(around.icon())));
        assertEquals(around.icon().x() - 6, shapes.get(0).box().x());
        assertEquals(around.icon().right() + 6, shapes.get(3).box().right());
    }

    @Test
    void aPictureMayBeTheMark() {
        Plan plan = plan(
                FormBuilder.bottom(),
                style -> style.indicator(mark -> mark.kind(Indicator.Kind.SHAPE)
                        .behind(Indicator.Behind.ICON)
                        .width(56)
                        .thickness(36)
                        .picture("marks/wave.svg")));
        assertTrue(PlanMentions.files(plan).contains("marks/wave.svg"));
        var walk = Walk.of(plan);
        var pictures = new ArrayList<SceneNode.Picture>();
        new View(walk, Device.PHONE, new PlainMeasure())
                .scene(walk.start())
                .nodes()
                .forEach(node -> pictures(node, pictures));
        assertEquals(1, pictures.size());
        assertEquals(56, pictures.get(0).area().width());
        assertEquals(SceneNode.Picture.Fit.WHOLE, pictures.get(0).fit());
    }

    private static void pictures(SceneNode node, List<SceneNode.Picture> out) {
        if (node instanceof SceneNode.Picture picture) {
            out.add(picture);
        } else if (node instanceof SceneNode.Group group) {
            group.children().forEach(child -> pictures(child, out));
        }
    }

    @Test
    void theSelectedLabelHasItsOwnSize() {
        var slots = slots(plan(FormBuilder.bottom(), style -> style.size(Size.SELECTED_SIZE, 15)), Device.PHONE);
        assertEquals(15, slot(slots, "a").label().get(0).type().size());
        assertEquals(12, slot(slots, "b").label().get(0).type().size());
    }
}
