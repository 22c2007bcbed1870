package org.yonderarc.check;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Visibility;

/** Names that have to lead somewhere: screens, menus, bars, items, device kinds, icons. */
final class LinkRules {
    private LinkRules() {}

    static void start(Subject subject) {
        Plan plan = subject.plan();
        plan.app().start().ifPresentOrElse(start -> subject.link(start, Map.of(), "/app/start"), () -> {
            String first = plan.screens().stream().findFirst().map(Screen::id).orElse("...");
            subject.tell(Code.MISSING_START, "/app", "The app has no start screen.", "Add \"start: " + first + "\".");
        });
        int index = 0;
        for (String required : plan.app().required()) {
            boolean isSignal = plan.items()
                    .anyMatch(item -> item.target() instanceof Target.ToApp to
                            && to.name().equals(required));
            if (!isSignal) {
                String pointer = "/app/required/" + index;
                plan.screens()
                        .find(required)
                        .ifPresentOrElse(
                                screen -> {},
                                () -> subject.tell(
                                        Code.UNKNOWN_SCREEN,
                                        pointer,
                                        "There is neither a screen nor a signal \"" + required + "\".",
                                        Suggestion.sentence(
                                                required, plan.screens().ids(), "Add an item with this signal.")));
            }
            index++;
        }
    }

    static void parents(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            String pointer = Subject.screen(screen, "under");
            if (screen.under().isEmpty()) {
                continue;
            }
            if (subject.plan().screens().find(screen.under().get()).isEmpty()) {
                // A parent is never opened with parameters of its own: it takes those of its child.
                subject.link(screen.under().get(), Map.of(), pointer);
            } else if (climbsForever(subject.plan(), screen)) {
                subject.tell(
                        Code.PARENT_LOOP,
                        pointer,
                        "Going up from \"" + screen.id() + "\" leads back to \"" + screen.id() + "\".",
                        "Let one screen of the loop stand under none.");
            }
        }
    }

    private static boolean climbsForever(Plan plan, Screen screen) {
        var seen = new HashSet<String>();
        Optional<Screen> at = Optional.of(screen);
        while (at.isPresent() && seen.add(at.get().id())) {
            at = at.get().under().flatMap(plan.screens()::find);
        }
        return at.isPresent() && at.get().id().equals(screen.id());
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
        List<String> bars = subject.plan().bars().stream().map(Bar::id).toList();
        for (Screen screen : subject.plan().screens()) {
            screen.otherwise().ifPresent(other -> subject.link(other, Map.of(), Subject.screen(screen, "otherwise")));
            screen.bars().only().stream()
                    .filter(bar -> !bars.contains(bar))
                    .forEach(bar -> subject.unknown(
                            Code.UNKNOWN_BAR, Subject.screen(screen, "bars"), "bar", bar, bars, "Give a bar this id."));
        }
    }

    static void items(Subject subject) {
        Set<String> ids = new HashSet<>();
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            if (item.target() instanceof Target.ToScreen to) {
                subject.link(to.place().screen(), to.place().parameters(), placed.pointer() + "/screen");
            }
            if (!ids.add(item.id())) {
                subject.tell(
                        Code.DUPLICATE_ID,
                        placed.pointer(),
                        "There is another item \"" + item.id() + "\".",
                        "Give one of them an id of its own: \"id: ...\".");
            }
            item.badge().map(Badge::fact).ifPresent(fact -> subject.fact(fact, placed.pointer() + "/badge"));
            kinds(subject, item.visibility(), placed.pointer());
        }
    }

    static void rows(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            int index = 0;
            for (Row row : screen.wireframe().rows()) {
                String pointer = Subject.screen(screen, "wireframe") + "/rows/" + index++ + "/to";
                row.to().ifPresent(to -> subject.link(to.screen(), to.parameters(), pointer));
            }
        }
    }

    static void bars(Subject subject) {
        Plan plan = subject.plan();
        Set<String> ids = new HashSet<>();
        int index = 0;
        for (Bar bar : plan.bars()) {
            String pointer = subject.bar(index++);
            bar.menu()
                    .filter(menu -> plan.menus().find(menu).isEmpty())
                    .ifPresent(menu -> subject.unknown(
                            Code.UNKNOWN_MENU,
                            pointer + "/menu",
                            "menu",
                            menu,
                            plan.menus().ids(),
                            "Add it below \"menus\"."));
            bar.within().ifPresent(screen -> {
                if (plan.screens().find(screen).isEmpty()) {
                    subject.link(screen, Map.of(), pointer + "/within");
                }
            });
            if (!ids.add(bar.id())) {
                subject.tell(
                        Code.DUPLICATE_ID,
                        pointer,
                        "There is another bar \"" + bar.id() + "\".",
                        "Give one of them an id of its own: \"id: ...\".");
            }
            kinds(subject, bar.visibility(), pointer);
            bar.forms().keySet().stream()
                    .filter(kind -> !kind.equals(Bar.ANY_KIND))
                    .forEach(kind -> kind(subject, kind, pointer + "/forms/" + kind));
            bar.forms().values().forEach(form -> named(subject, form, pointer));
        }
    }

    /** The items that a form names stand in some menu. */
    private static void named(Subject subject, Form form, String pointer) {
        List<String> items = subject.plan().items().map(Item::id).toList();
        List<String> named = form instanceof Form.Top top
                ? top.actions()
                : form instanceof Form.Drawer drawer
                        ? drawer.footer()
                        : form instanceof Form.Rail rail
                                ? rail.action().stream().toList()
                                : List.of();
        named.stream()
                .filter(id -> !items.contains(id))
                .forEach(id -> subject.unknown(Code.UNKNOWN_ITEM, pointer, "item", id, items, "Add it to the menu."));
    }

    private static void kinds(Subject subject, Visibility visibility, String pointer) {
        visibility.on().forEach(kind -> kind(subject, kind, pointer + "/on"));
        visibility.off().forEach(kind -> kind(subject, kind, pointer + "/off"));
    }

    private static void kind(Subject subject, String kind, String pointer) {
        if (subject.plan().kinds().find(kind).isEmpty()) {
            List<String> known =
                    List.copyOf(new java.util.TreeSet<>(subject.plan().kinds().ids()));
            subject.unknown(
                    Code.UNKNOWN_KIND, pointer, "device kind", kind, known, "Write " + Suggestion.choice(known) + ".");
        }
    }

    static void icons(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            screen.icon().ifPresent(name -> icon(subject, name, Subject.screen(screen, "icon")));
        }
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().icon().ifPresent(name -> icon(subject, name, placed.pointer() + "/icon"));
            placed.item().selectedIcon().ifPresent(name -> icon(subject, name, placed.pointer() + "/selected-icon"));
        }
        overflows(subject);
    }

    /** The icons of overflow items. */
    private static void overflows(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            for (Form form : bar.forms().values()) {
                if (form instanceof Form.Bottom bottom && !bottom.overflow().equals(Form.Overflow.DEFAULT)) {
                    icon(subject, bottom.overflow().icon(), pointer);
                }
            }
        }
    }

    private static void icon(Subject subject, String name, String pointer) {
        if (!subject.icons().has(name)) {
            subject.unknown(
                    Code.UNKNOWN_ICON, pointer, "icon", name, subject.icons().all(), "Choose an icon of the set.");
        }
    }
}
