package org.yonderarc.check;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.tree.Spot;

/** The rules about links, ids and paths. */
final class Rules {
    private Rules() {}

    static void start(Plan plan, Consumer<Finding> tell) {
        Optional<String> start = plan.app().start();
        if (start.isEmpty()) {
            String first = plan.screens().stream().findFirst().map(Screen::id).orElse("...");
            tell(tell, Code.MISSING_START, "/app", "The app has no start screen.", "Add \"start: " + first + "\".");
            return;
        }
        link(plan, start.get(), Map.of(), "/app/start", tell);
    }

    static void parents(Plan plan, Consumer<Finding> tell) {
        for (Screen screen : plan.screens()) {
            String pointer = pointer("/screens", screen.id(), "under");
            if (screen.under().isEmpty()) {
                continue;
            }
            if (plan.screens().find(screen.under().get()).isEmpty()) {
                unknownScreen(plan, screen.under().get(), pointer, tell);
            } else if (climbsForever(plan, screen)) {
                tell(
                        tell,
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

    static void paths(Plan plan, Consumer<Finding> tell) {
        var owners = new HashMap<String, String>();
        for (Screen screen : plan.screens()) {
            String owner = owners.putIfAbsent(screen.path().shape(), screen.id());
            if (owner != null) {
                tell(
                        tell,
                        Code.DUPLICATE_PATH,
                        pointer("/screens", screen.id(), "path"),
                        "\"" + screen.id() + "\" and \"" + owner + "\" have the same path " + screen.path() + ".",
                        "Give one of them another path.");
            }
        }
    }

    static void items(Plan plan, Consumer<Finding> tell) {
        Set<String> ids = new HashSet<>();
        for (Menu menu : plan.menus()) {
            int index = 0;
            for (Item item : menu.items()) {
                String pointer = pointer("/menus", menu.id(), Integer.toString(index++));
                link(plan, item.screen(), Map.of(), Spot.child(pointer, "screen"), tell);
                if (!ids.add(item.id())) {
                    tell(
                            tell,
                            Code.DUPLICATE_ID,
                            pointer,
                            "There is another item \"" + item.id() + "\".",
                            "Give one of them an id of its own: \"{ screen: " + item.screen() + ", id: ... }\".");
                }
                item.badge()
                        .filter(fact -> plan.facts().find(fact).isEmpty())
                        .ifPresent(fact -> tell(
                                tell,
                                Code.UNKNOWN_FACT,
                                Spot.child(pointer, "badge"),
                                "There is no fact \"" + fact + "\".",
                                Suggestion.sentence(
                                        fact, plan.facts().ids(), "Add it below \"facts\": \"" + fact + ": 0\".")));
            }
        }
    }

    static void rows(Plan plan, Consumer<Finding> tell) {
        for (Screen screen : plan.screens()) {
            int index = 0;
            for (Row row : screen.wireframe().rows()) {
                String pointer = pointer("/screens", screen.id(), "wireframe") + "/rows/" + index++ + "/to";
                row.to().ifPresent(to -> link(plan, to.screen(), to.parameters(), pointer, tell));
            }
        }
    }

    static void bars(Plan plan, Consumer<Finding> tell) {
        var forms = new HashSet<String>();
        int index = 0;
        for (Bar bar : plan.bars()) {
            String pointer = "/bars/" + index++;
            if (bar instanceof Bar.Bottom bottom
                    && plan.menus().find(bottom.menu()).isEmpty()) {
                tell(
                        tell,
                        Code.UNKNOWN_MENU,
                        pointer + "/menu",
                        "There is no menu \"" + bottom.menu() + "\".",
                        Suggestion.sentence(bottom.menu(), plan.menus().ids(), "Add it below \"menus\"."));
            }
            if (!forms.add(bar.form())) {
                tell(tell, Code.BAR_CLASH, pointer, "There is another " + bar.form() + " bar.", "Remove one of them.");
            }
        }
    }

    static void holes(Plan plan, Consumer<Finding> tell) {
        for (Screen screen : plan.screens()) {
            Set<String> known = new HashSet<>(plan.facts().ids());
            known.addAll(screen.path().names());
            for (String hole : screen.title().holes()) {
                if (!known.contains(hole)) {
                    tell(
                            tell,
                            Code.UNKNOWN_FACT,
                            pointer("/screens", screen.id(), "title"),
                            "{" + hole + "} is neither a parameter of the path " + screen.path() + " nor a fact.",
                            Suggestion.sentence(hole, known, "Add it to the path, or below \"facts\"."));
                }
            }
        }
    }

    static void icons(Plan plan, IconNames icons, Consumer<Finding> tell) {
        for (Screen screen : plan.screens()) {
            screen.icon().ifPresent(name -> icon(name, pointer("/screens", screen.id(), "icon"), icons, tell));
        }
        for (Menu menu : plan.menus()) {
            int index = 0;
            for (Item item : menu.items()) {
                String pointer = pointer("/menus", menu.id(), Integer.toString(index++));
                item.icon().ifPresent(name -> icon(name, Spot.child(pointer, "icon"), icons, tell));
            }
        }
    }

    private static void icon(String name, String pointer, IconNames icons, Consumer<Finding> tell) {
        if (!icons.has(name)) {
            tell(
                    tell,
                    Code.UNKNOWN_ICON,
                    pointer,
                    "There is no icon \"" + name + "\".",
                    Suggestion.sentence(name, icons.all(), "Choose an icon of the set."));
        }
    }

    /** A link: the screen exists, and gets exactly the parameters that its path takes. */
    private static void link(
            Plan plan, String screen, Map<String, String> parameters, String pointer, Consumer<Finding> tell) {
        Optional<Screen> target = plan.screens().find(screen);
        if (target.isEmpty()) {
            unknownScreen(plan, screen, pointer, tell);
            return;
        }
        List<String> names = target.get().path().names();
        for (String name : names) {
            if (!parameters.containsKey(name)) {
                tell(
                        tell,
                        Code.MISSING_PARAMETER,
                        pointer,
                        "\"" + screen + "\" needs the parameter {" + name + "} of its path "
                                + target.get().path() + ".",
                        "Link to a screen without parameters, or write \"" + screen + "?" + name + "=...\" in a row.");
            }
        }
        for (String name : parameters.keySet()) {
            if (!names.contains(name)) {
                tell(
                        tell,
                        Code.UNKNOWN_PARAMETER,
                        pointer,
                        "The path " + target.get().path() + " of \"" + screen + "\" has no parameter {" + name + "}.",
                        Suggestion.sentence(name, names, "Remove it."));
            }
        }
    }

    private static void unknownScreen(Plan plan, String screen, String pointer, Consumer<Finding> tell) {
        Collection<String> known = plan.screens().ids();
        tell(
                tell,
                Code.UNKNOWN_SCREEN,
                pointer,
                "There is no screen \"" + screen + "\".",
                Suggestion.sentence(screen, known, "Add it below \"screens\"."));
    }

    private static String pointer(String parent, String... names) {
        String pointer = parent;
        for (String name : names) {
            pointer = Spot.child(pointer, name);
        }
        return pointer;
    }

    private static void tell(Consumer<Finding> tell, Code code, String pointer, String message, String remedy) {
        tell.accept(new Finding(code, Spot.at(pointer), message, remedy));
    }
}
