package org.yonderarc.check;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.form.OwnIcons;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;

/** Names that have to lead somewhere: screens, menus, bars, items, device kinds, icons. */
final class LinkRules {
    private LinkRules() {}

    static void start(Subject subject) {
        Plan plan = subject.plan();
        plan.app().start().ifPresentOrElse(start -> subject.parameters(start, Map.of(), "/app/start"), () -> {
            String first = plan.screens().stream().findFirst().map(Screen::id).orElse("...");
            subject.tell(Code.MISSING_START, "/app", "The app has no start screen.", "Add \"start: " + first + "\".");
        });
    }

    static void parents(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            // A parent is never opened with parameters of its own: it takes those of its child.
            if (screen.under().isPresent() && climbsForever(subject.plan(), screen)) {
                subject.tell(
                        Code.PARENT_LOOP,
                        Subject.screen(screen, "under"),
                        "Going up from \"" + screen.id() + "\" leads back to \"" + screen.id() + "\".",
                        "Let one screen of the loop stand under none.");
            }
        }
    }

    private static boolean climbsForever(Plan plan, Screen screen) {
        List<String> above = plan.above(screen.id());
        Screen last = plan.screens().get(above.get(above.size() - 1));
        return last.under().filter(screen.id()::equals).isPresent();
    }

    static void paths(Subject subject) {
        var owners = new HashMap<String, String>();
        for (Screen screen : subject.plan().screens()) {
            List<String> names = screen.path().names();
            for (Parameter parameter : screen.parameters()) {
                if (!names.contains(parameter.id())) {
                    subject.tell(
                            Code.UNKNOWN_PARAMETER,
                            Subject.screen(screen, "parameters") + "/" + parameter.id(),
                            "The path " + screen.path() + " of \"" + screen.id() + "\" has no parameter {"
                                    + parameter.id() + "}.",
                            Suggestion.sentence(parameter.id(), names, "Remove it, or add it to the path."));
                }
            }
            String owner = owners.putIfAbsent(screen.path().shape(), screen.id());
            if (owner != null) {
                subject.tell(
                        Code.DUPLICATE_PATH,
                        Subject.screen(screen, "path"),
                        "\"" + screen.id() + "\" and \"" + owner + "\" have the same path " + screen.path() + ".",
                        "Give one of them another path.");
            }
        }
    }

    static void guards(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            screen.otherwise()
                    .ifPresent(other -> subject.parameters(other, Map.of(), Subject.screen(screen, "otherwise")));
        }
    }

    /** Every name that refers to something of the plan: there is such a thing. */
    static void names(Subject subject) {
        subject.mentioned().names.forEach(name -> name(subject, name));
    }

    private static void name(Subject subject, Mentioned.Name name) {
        Plan plan = subject.plan();
        String id = name.id();
        String pointer = name.pointer();
        switch (name.noun()) {
            case SCREEN -> subject.screen(id, pointer);
            case FACT -> subject.fact(id, pointer);
            case ITEM ->
                known(
                        subject,
                        name,
                        Code.UNKNOWN_ITEM,
                        "item",
                        plan.items().map(Item::id).toList(),
                        "Add it to the menu.");
            case BAR ->
                known(
                        subject,
                        name,
                        Code.UNKNOWN_BAR,
                        "bar",
                        plan.bars().stream().map(Bar::id).toList(),
                        "Give a bar this id.");
            case MENU ->
                known(subject, name, Code.UNKNOWN_MENU, "menu", plan.menus().ids(), "Add it below \"menus\".");
            case STYLE ->
                known(subject, name, Code.UNKNOWN_STYLE, "style", plan.styles().ids(), "Add it below \"styles\".");
            case KIND -> {
                List<String> kinds = List.copyOf(new TreeSet<>(plan.kinds().ids()));
                known(
                        subject,
                        name,
                        Code.UNKNOWN_KIND,
                        "device kind",
                        kinds,
                        "Write " + Suggestion.choice(kinds) + ".");
            }
            case REQUIRED -> required(subject, id, pointer);
        }
    }

    private static void known(
            Subject subject, Mentioned.Name name, Code code, String noun, Collection<String> known, String otherwise) {
        if (!known.contains(name.id())) {
            subject.unknown(code, name.pointer(), noun, name.id(), known, otherwise);
        }
    }

    private static void required(Subject subject, String id, String pointer) {
        Plan plan = subject.plan();
        boolean isSignal = plan.items()
                .anyMatch(item ->
                        item.target() instanceof Target.ToApp to && to.name().equals(id));
        if (!isSignal && plan.screens().find(id).isEmpty()) {
            subject.tell(
                    Code.UNKNOWN_SCREEN,
                    pointer,
                    "There is neither a screen nor a signal \"" + id + "\".",
                    Suggestion.sentence(id, plan.screens().ids(), "Add an item with this signal."));
        }
    }

    /** Every place that something leads to: its screen exists and gets its parameters. */
    static void places(Subject subject) {
        for (Mentioned.At<Place> at : subject.mentioned().places) {
            subject.screen(at.value().screen(), at.pointer());
            subject.parameters(at.value().screen(), at.value().parameters(), at.pointer());
        }
    }

    /** Ids that name one thing only: an item within its menu, and across menus where they lead to the same. */
    static void ids(Subject subject) {
        var first = new HashMap<String, Subject.PlacedItem>();
        var inMenu = new HashSet<String>();
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            Subject.PlacedItem other = first.putIfAbsent(item.id(), placed);
            boolean isTwice = !inMenu.add(placed.menu().id() + "/" + item.id());
            boolean leadsElsewhere = other != null && !other.item().target().equals(item.target());
            if (isTwice || leadsElsewhere) {
                subject.tell(
                        Code.DUPLICATE_ID,
                        placed.pointer(),
                        isTwice
                                ? "There is another item \"" + item.id() + "\"."
                                : "The menu \"" + other.menu().id() + "\" has an item \"" + item.id()
                                        + "\" that leads elsewhere.",
                        "Give one of them an id of its own: \"id: ...\".");
            }
        }
        var bars = new HashSet<String>();
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            if (!bars.add(bar.id())) {
                subject.tell(
                        Code.DUPLICATE_ID,
                        pointer,
                        "There is another bar \"" + bar.id() + "\".",
                        "Give one of them an id of its own: \"id: ...\".");
            }
        }
    }

    static void icons(Subject subject) {
        for (Mentioned.At<String> at : subject.mentioned().icons) {
            if (!OwnIcons.ALL.contains(at.value()) && !subject.icons().has(at.value())) {
                subject.unknown(
                        Code.UNKNOWN_ICON,
                        at.pointer(),
                        "icon",
                        at.value(),
                        subject.icons().all(),
                        "Choose an icon of the set.");
            }
        }
    }
}
