package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.form.OwnIcons;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Titles;

/** Names that have to lead somewhere: screens, menus, bars, items, device kinds, icons. */
final class LinkRules {
    /** Nobody goes as far into an app; the bound keeps every way up, and every picture of it, short. */
    private static final int DEEPEST = 100;

    private LinkRules() {}

    static void start(Subject subject) {
        Plan plan = subject.plan();
        plan.app().start().ifPresent(start -> subject.parameters(start, Map.of(), "/app/start"));
        if (plan.start().isEmpty()) {
            String first = plan.screens().stream().findFirst().map(Screen::id).orElse("...");
            subject.tell(
                    Code.MISSING_START,
                    "/app",
                    "The app has no start screen, and no item of a menu leads to one.",
                    "Add \"start: " + first + "\", or an item that leads there.");
        }
    }

    static void parents(Subject subject) {
        Plan plan = subject.plan();
        boolean isDeep = false;
        for (Screen screen : plan.screens()) {
            var seen = new HashSet<String>();
            Screen at = screen;
            // A parent is never opened with parameters of its own: it takes those of its child.
            while (at != null && seen.size() <= DEEPEST + 1 && seen.add(at.id())) {
                at = at.under().flatMap(plan.screens()::find).orElse(null);
            }
            if (at == screen) {
                subject.tell(
                        Code.PARENT_LOOP,
                        Subject.screen(screen, "under"),
                        "Going up from " + Titles.of(plan, screen) + " leads back to it.",
                        "Remove \"under\" from one screen of the loop.");
            } else if (seen.size() > DEEPEST + 1 && !isDeep) {
                isDeep = true;
                subject.tell(
                        Code.TOO_DEEP,
                        Subject.screen(screen, "under"),
                        "More than " + DEEPEST + " screens stand above " + Titles.of(plan, screen) + ".",
                        "Let one of them stand under none, or under the start.");
            }
        }
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
                            "The path " + screen.path() + " of " + Titles.of(subject.plan(), screen)
                                    + " has no parameter {" + parameter.id() + "}.",
                            Suggestion.sentence(parameter.id(), names, "Remove it, or add it to the path."));
                }
                if (parameter.sample().isPresent() && screen.path().options().contains(parameter.id())) {
                    subject.tell(
                            Code.NO_EFFECT,
                            Subject.screen(screen, "parameters") + "/" + parameter.id() + "/sample",
                            "\"sample\" has no effect here: {" + parameter.id()
                                    + "} may be left out, and previews leave it out.",
                            "Remove it.");
                }
                Parameter.Kind kind = subject.kinds().of(screen, parameter.id());
                parameter
                        .sample()
                        .filter(sample -> !kind.takes(sample))
                        .ifPresent(sample -> subject.tell(
                                Code.BAD_PARAMETER,
                                Subject.screen(screen, "parameters") + "/" + parameter.id() + "/sample",
                                "{" + parameter.id() + "} of " + Titles.of(subject.plan(), screen) + " takes "
                                        + kind.words() + ", not \"" + sample + "\".",
                                "Write a sample of that kind, or change the kind."));
            }
            screen.parameters().forEach(parameter -> alike(subject, screen, parameter));
            String owner = owners.putIfAbsent(screen.path().shape(), screen.id());
            if (owner != null) {
                subject.tell(
                        Code.DUPLICATE_PATH,
                        Subject.screen(screen, "path"),
                        Titles.of(subject.plan(), screen) + " and " + Titles.ofScreen(subject.plan(), owner)
                                + " have the same path " + screen.path() + ".",
                        "Give one of them another path.");
            }
        }
    }

    /** A parameter takes the same in all paths that begin the same way: going up from one leads to the other. */
    private static void alike(Subject subject, Screen screen, Parameter parameter) {
        if (parameter.kind().isEmpty()) {
            return;
        }
        subject.kinds()
                .other(screen, parameter.id())
                .filter(other -> !subject.kinds()
                        .of(other, parameter.id())
                        .equals(parameter.kind().get()))
                .ifPresent(other -> subject.tell(
                        Code.PARAMETER_CLASH,
                        Subject.screen(screen, "parameters") + "/" + parameter.id(),
                        "{" + parameter.id() + "} takes "
                                + parameter.kind().get().words() + " on " + Titles.of(subject.plan(), screen) + ", but "
                                + subject.kinds().of(other, parameter.id()).words() + " on "
                                + Titles.of(subject.plan(), other) + ", whose path begins the same way.",
                        "Set its kind on one of these screens; the other inherits it."));
    }

    static void guards(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            if (screen.otherwise().isPresent() && screen.needs().isEmpty()) {
                subject.tell(
                        Code.NO_EFFECT,
                        Subject.screen(screen, "otherwise"),
                        "\"otherwise\" has no effect here: " + Titles.of(subject.plan(), screen)
                                + " has no \"needs\", so it is always shown.",
                        "Say with \"needs\" when it can be shown, or leave it out.");
            }
            screen.otherwise()
                    .ifPresent(other -> subject.parameters(other, Map.of(), Subject.screen(screen, "otherwise")));
        }
    }

    /** Every name that refers to something of the plan: there is such a thing. */
    static void names(Subject subject) {
        Plan plan = subject.plan();
        var items = new LinkedHashSet<String>();
        var required = new HashSet<>(plan.screens().ids());
        plan.items().forEach(item -> {
            items.add(item.id());
            if (item.target() instanceof Target.ToApp to) {
                required.add(to.name());
            }
        });
        List<String> bars = plan.bars().stream().map(Bar::id).collect(toList());
        List<String> kinds = List.copyOf(new TreeSet<>(plan.deviceKinds().ids()));
        for (Mentioned.Name name : subject.mentioned().names) {
            switch (name.noun()) {
                case SCREEN -> subject.screen(name.id(), name.pointer());
                case FACT -> subject.fact(name.id(), name.pointer());
                case ITEM -> known(subject, name, Code.UNKNOWN_ITEM, "item", items, "Add it to the menu.");
                case BAR -> known(subject, name, Code.UNKNOWN_BAR, "bar", bars, "Give a bar this id.");
                case MENU ->
                    known(subject, name, Code.UNKNOWN_MENU, "menu", plan.menus().ids(), "Add it below \"menus\".");
                case STYLE ->
                    known(
                            subject,
                            name,
                            Code.UNKNOWN_STYLE,
                            "style",
                            plan.styles().ids(),
                            "Add it below \"styles\".");
                case COLOUR -> colour(subject, name);
                case KIND ->
                    known(
                            subject,
                            name,
                            Code.UNKNOWN_KIND,
                            "device kind",
                            kinds,
                            "Write " + Suggestion.choice(kinds) + ".");
                case REQUIRED -> required(subject, name, required);
            }
        }
    }

    private static void colour(Subject subject, Mentioned.Name name) {
        var known = new LinkedHashSet<>(subject.plan().theme().named().ids());
        Stream.of(Role.values()).map(Role::word).forEach(known::add);
        known(subject, name, Code.UNKNOWN_COLOUR, "colour", known, "Add it below \"theme: colours\".");
    }

    private static void known(
            Subject subject, Mentioned.Name name, Code code, String noun, Collection<String> known, String otherwise) {
        if (!known.contains(name.id())) {
            subject.unknown(code, name.pointer(), noun, name.id(), known, otherwise);
        }
    }

    private static void required(Subject subject, Mentioned.Name name, Set<String> known) {
        if (!known.contains(name.id())) {
            subject.tell(
                    Code.UNKNOWN_SCREEN,
                    name.pointer(),
                    "There is neither a screen nor a signal \"" + name.id() + "\".",
                    Suggestion.sentence(name.id(), subject.plan().screens().ids(), "Add an item with this signal."));
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
    /** Two sections of a menu that fold under one name would fold together. */
    private static void sections(Subject subject) {
        for (Menu menu : subject.plan().menus()) {
            var keys = new HashSet<String>();
            int index = 0;
            for (Entry entry : menu.entries()) {
                String pointer = Subject.pointer("menus", menu.id(), Integer.toString(index++));
                entry.folding()
                        .filter(section -> !keys.add(section.key(menu)))
                        .ifPresent(section -> subject.tell(
                                Code.DUPLICATE_ID,
                                pointer,
                                "There is another section \"" + section.key(menu) + "\" that folds.",
                                "Give one of them an id of its own: \"id: ...\"."));
            }
        }
    }

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
        sections(subject);
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

    /** Items are repeated for the entries of a list, and each of its entries has what their places are made of. */
    static void lists(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().repeat().ifPresent(each -> {
                FactValue value = subject.plan()
                        .facts()
                        .find(each.fact())
                        .map(Fact::initial)
                        .orElse(null);
                if (value instanceof FactValue.Entries list) {
                    list.entries().forEach(entry -> filled(subject, placed, each.fact(), entry));
                } else if (value != null) {
                    subject.tell(
                            Code.BAD_VALUE,
                            placed.pointer() + "/repeat",
                            "\"" + each.fact() + "\" is " + value.kind() + ", and has no entries.",
                            "Declare it as a list: \"" + each.fact() + ": []\".");
                }
            });
        }
    }

    private static String hole(Target target) {
        return target instanceof Target.ToFact ? "/sets/value" : target instanceof Target.ToScreen ? "/screen" : "/web";
    }

    /** What says which scheme is shown is a text. */
    static void scheme(Subject subject) {
        subject.plan()
                .theme()
                .schemeFact()
                .flatMap(subject.plan().facts()::find)
                .map(Fact::initial)
                .filter(initial -> !(initial instanceof FactValue.Text))
                .ifPresent(initial -> subject.tell(
                        Code.BAD_VALUE,
                        "/theme/scheme-fact",
                        "\"" + subject.plan().theme().schemeFact().orElseThrow() + "\" is " + initial.kind()
                                + ", and never says \"light\" or \"dark\".",
                        "Name a fact that is a text."));
    }

    /** What items set facts to is of the facts' kinds. */
    static void told(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            if (placed.item().target() instanceof Target.ToFact to) {
                subject.plan().facts().find(to.fact()).map(Fact::initial).ifPresent(initial -> {
                    boolean fits = to.value()
                            .map(FactValue::kind)
                            .orElse(FactValue.of(true).kind())
                            .equals(initial.kind());
                    if (!fits) {
                        subject.tell(
                                Code.BAD_VALUE,
                                placed.pointer() + "/sets" + (to.value().isPresent() ? "/value" : ""),
                                "\"" + to.fact() + "\" is " + initial.kind()
                                        + to.value()
                                                .map(value -> ", not " + value.kind() + ".")
                                                .orElse(", and has no opposite."),
                                to.value().isPresent()
                                        ? "Write " + initial.kind() + "."
                                        : "Add the \"value\" that it gets.");
                    }
                });
            }
        }
    }

    private static void filled(Subject subject, Subject.PlacedItem placed, String list, ListEntry entry) {
        placed.item().target().holes().stream()
                .filter(hole -> entry.value(hole).isEmpty())
                .forEach(hole -> subject.tell(
                        Code.MISSING_PARAMETER,
                        placed.pointer() + hole(placed.item().target()),
                        "The entry \"" + entry.id() + "\" of \"" + list + "\" has no \"" + hole
                                + "\", so that no item shows for it.",
                        Suggestion.sentence(hole, entry.values().keySet(), "Add \"" + hole + ": ...\" to the entry.")));
        Target target = placed.item().target();
        boolean isWhole =
                target.holes().stream().allMatch(hole -> entry.value(hole).isPresent());
        if (isWhole && target.filled(entry::value) instanceof Target.ToScreen to) {
            subject.parameters(to.place().screen(), to.place().parameters(), placed.pointer() + "/screen");
        }
    }

    static void icons(Subject subject) {
        for (Mentioned.At<String> at : subject.mentioned().icons) {
            if (OwnIcons.ALL.contains(at.value()) || subject.icons().has(at.value())) {
                continue;
            }
            boolean wants = subject.findings().wants(Code.UNKNOWN_ICON);
            List<String> like = wants ? subject.icons().like(at.value()) : List.of();
            if (like.isEmpty()) {
                subject.unknown(
                        Code.UNKNOWN_ICON,
                        at.pointer(),
                        "icon",
                        at.value(),
                        subject.icons().all(),
                        "Choose an icon of the set.");
            } else {
                subject.tell(
                        Code.UNKNOWN_ICON,
                        at.pointer(),
                        "There is no icon \"" + at.value() + "\".",
                        "Did you mean " + Suggestion.choice(like) + "?");
            }
        }
    }
}
