package org.yonderarc.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Visible;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Marks;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Titles;
import org.yonderarc.walk.State;

/** What stands in bars has room there, covers nothing and stays in the window, and the bars leave the content room. */
final class BoxRules {
    /** The least that a finger can hit, in dp (WCAG 2.2, 2.5.8). */
    private static final double NARROWEST = 24;
    /** The least width and height of a screen's content, in dp. */
    private static final double LEAST_WIDTH = 200;

    private static final double LEAST_HEIGHT = 120;
    /** What two things may share, in dp, before one covers the other. */
    private static final double SHARED = 1;

    private final Subject subject;
    private final Plan plan;
    private final Map<String, Subject.PlacedItem> items = new HashMap<>();
    private final Set<String> told = new HashSet<>();

    BoxRules(Subject subject) {
        this.subject = subject;
        this.plan = subject.plan();
        subject.items().forEach(placed -> items.putIfAbsent(placed.item().id(), placed));
    }

    /** Looks at a bar. */
    void look(Layout.Bar bar, State state, Layout layout, Fitting fitting) {
        targets(bar, fitting);
        pushedOut(bar.fitted(), state, fitting);
        covers(bar, layout, fitting);
    }

    /** Items that have hardly any room, because what stands around them takes it. */
    private void targets(Layout.Bar bar, Fitting fitting) {
        double narrowest = bar.slots().stream()
                .mapToDouble(slot -> slot.target().width())
                .min()
                .orElse(NARROWEST);
        if (narrowest < NARROWEST && told.add("target " + bar.fitted().id())) {
            subject.tell(
                    Code.SMALL_TARGET,
                    subject.bar(bar.fitted().id()),
                    "On " + fitting.device().id() + ", items of the bar \""
                            + bar.fitted().id() + "\" are " + (int) narrowest + " dp wide.",
                    "Let it float nearer to the edges, or make what stands in it smaller.");
        }
    }

    /** Items that were to stand in the bar itself, and are in its overflow. */
    private void pushedOut(FittedBar bar, State state, Fitting fitting) {
        if (bar.items().stream().noneMatch(FittedItem::isOverflow)) {
            return;
        }
        var standing = Stream.concat(bar.items().stream(), bar.apart().stream())
                .map(FittedItem::id)
                .collect(Collectors.toSet());
        Menu menu = plan.bars().stream()
                .filter(one -> one.id().equals(bar.id()))
                .flatMap(one -> one.menu().stream())
                .findFirst()
                .map(plan.menus()::get)
                .orElseThrow();
        var visible = new Visible(plan, fitting.device(), fitting.place(), state);
        visible.items(menu).stream()
                .filter(item ->
                        item.slot() == Item.Slot.BAR || bar.form().named().contains(item.id()))
                .filter(item -> !standing.contains(item.id()))
                .filter(item -> items.containsKey(item.id()) && told.add("out " + bar.id() + " " + item.id()))
                .forEach(item -> subject.tell(
                        Code.PUSHED_OUT,
                        Objects.requireNonNull(items.get(item.id())).pointer(),
                        "On " + fitting.device().id() + ", the bar \"" + bar.id() + "\" has no room for "
                                + Titles.of(plan, item) + ": it goes to the overflow.",
                        "Pin fewer items to the bar, or use another form there."));
    }

    /** Something that stands in a bar, and what a message calls it. */
    private record Thing(String name, Box box, boolean isItem) {}

    /** Of each bar, the first device on which something covers something else, or leaves the window. */
    private void covers(Layout.Bar bar, Layout layout, Fitting fitting) {
        String id = bar.fitted().id();
        if (told.contains("covers " + id)) {
            return;
        }
        Optional<Layout.Slot> marked =
                bar.slots().stream().filter(BoxRules::coversItsLabel).findFirst();
        if (marked.isPresent()) {
            told.add("covers " + id);
            subject.tell(
                    Code.OVERLAP,
                    subject.bar(id),
                    "On " + fitting.device().id() + ", in the bar \"" + id + "\", the circle of \""
                            + marked.get().item().label() + "\" lies over its label.",
                    "Make the circle smaller, or widen the gap between icon and label.");
            return;
        }
        List<Thing> things = things(bar);
        String on = "On " + fitting.device().id() + ", in the bar \"" + id + "\", ";
        for (int i = 0; i < things.size(); i++) {
            Thing thing = things.get(i);
            Optional<Thing> other = things.subList(0, i).stream()
                    .filter(before -> !(thing.isItem && before.isItem) && shared(thing.box, before.box) > SHARED)
                    .findFirst();
            boolean isOutside = thing.box.x() < -SHARED
                    || thing.box.right() > layout.screen().right() + SHARED;
            if (other.isPresent() || isOutside) {
                told.add("covers " + id);
                subject.tell(
                        Code.OVERLAP,
                        subject.bar(bar.fitted().id()),
                        on
                                + thing.name
                                + (isOutside ? " extends beyond the window." : " lies over " + other.get().name + "."),
                        "Show less in it there, or make what stands in it smaller.");
                return;
            }
        }
    }

    /** A circle that carries the icon is opaque: what it covers can't be read. */
    private static boolean coversItsLabel(Layout.Slot slot) {
        return slot.mark()
                .filter(mark -> Marks.of(mark.kind()).isRaised())
                .filter(mark -> slot.body().label().stream().anyMatch(line -> shared(mark.box(), line.box()) > SHARED))
                .isPresent();
    }

    private static double shared(Box a, Box b) {
        double width = Math.min(a.right(), b.right()) - Math.max(a.x(), b.x());
        double height = Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y());
        return width > 0 && height > 0 ? Math.min(width, height) : 0;
    }

    private static List<Thing> things(Layout.Bar bar) {
        var out = new ArrayList<Thing>();
        Layout.ItemList list = bar.list();
        list.slots().stream()
                .filter(slot -> !list.clips() || list.view().contains(slot.target()))
                .forEach(slot -> out.add(new Thing("the item \"" + slot.item().label() + "\"", slot.target(), true)));
        bar.apart()
                .forEach(slot -> out.add(new Thing("the item \"" + slot.item().label() + "\"", slot.target(), false)));
        bar.buttons()
                .forEach(button ->
                        out.add(new Thing("the button \"" + button.fitted().name() + "\"", button.target(), false)));
        Layout.Head head = bar.head();
        head.title().ifPresent(line -> out.add(new Thing("the title", line.box(), false)));
        head.note().ifPresent(line -> out.add(new Thing("the subtitle", line.box(), false)));
        head.face().ifPresent(face -> out.add(new Thing("the person", face.picture(), false)));
        head.face().ifPresent(face -> face.texts()
                .forEach(line -> out.add(new Thing("the person's name", line.box(), false))));
        return out;
    }

    /** Looks at what is left for the content. */
    void content(Layout layout, Fitting fitting) {
        Box content = layout.content();
        Box screen = layout.screen();
        if (content.width() < LEAST_WIDTH && screen.width() > LEAST_WIDTH) {
            layout.bars().stream()
                    .filter(bar -> bar.box().height() >= screen.height() / 2)
                    .max(Comparator.comparingDouble(bar -> bar.box().width()))
                    .ifPresent(bar -> room(bar, fitting, content.width(), screen.width(), "width", "narrower"));
        } else if (content.height() < LEAST_HEIGHT) {
            layout.bars().stream()
                    .filter(bar -> bar.box().width() >= screen.width() / 2)
                    .max(Comparator.comparingDouble(bar -> bar.box().height()))
                    .ifPresent(bar -> room(bar, fitting, content.height(), screen.height(), "height", "lower"));
        }
    }

    /** Tells of the bar that takes most of the room: it is the one to mend. */
    private void room(Layout.Bar bar, Fitting fitting, double left, double whole, String direction, String smaller) {
        String id = bar.fitted().id();
        if (told.add("content " + id)) {
            subject.tell(
                    Code.LITTLE_ROOM,
                    subject.bar(id),
                    "On " + fitting.device().id() + ", the bars leave the content only " + (int) left + " of "
                            + (int) whole + " dp in " + direction + ".",
                    "Make the bar \"" + id + "\" " + smaller + ", or let it open over the content.");
        }
    }
}
