package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.ParameterKinds;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Titles;
import org.yonderarc.plan.Visibility;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.Spot;

/** What the rules look at, and where they tell what they notice. What several rules ask is worked out once. */
final class Subject {
    private final Plan plan;
    private final ParameterKinds kinds;
    private final IconNames icons;
    private final FileNames files;
    private final Mentioned mentioned;
    private final RuleFindings findings;
    private final List<PlacedItem> items;
    private final Map<String, List<PlacedItem>> byMenu = new HashMap<>();
    private final Map<String, ShownItems> shown = new HashMap<>();
    private final Map<String, FactValue> facts;
    private final boolean hasBarsByDefault;

    /** An item and the JSON Pointer to it. */
    record PlacedItem(Menu menu, Item item, String pointer) {}

    /**
     * @param plan the plan
     * @param icons the icons that exist
     * @param files the files in the plan's folder
     * @param mentioned everything that the plan mentions
     * @param findings takes what is noticed
     */
    Subject(Plan plan, IconNames icons, FileNames files, Mentioned mentioned, RuleFindings findings) {
        this.plan = plan;
        this.kinds = new ParameterKinds(plan.screens());
        this.icons = icons;
        this.files = files;
        this.mentioned = mentioned;
        this.findings = findings;
        this.items = placed(plan);
        this.facts = plan.initialFacts();
        this.hasBarsByDefault = plan.bars().equals(Plan.defaultBars(plan.menus()));
        items.forEach(placed -> byMenu.computeIfAbsent(placed.menu().id(), none -> new ArrayList<>())
                .add(placed));
    }

    Plan plan() {
        return plan;
    }

    /** What the parameters of paths take. */
    ParameterKinds kinds() {
        return kinds;
    }

    IconNames icons() {
        return icons;
    }

    FileNames files() {
        return files;
    }

    Mentioned mentioned() {
        return mentioned;
    }

    RuleFindings findings() {
        return findings;
    }

    /** The facts before the app has told any. */
    Map<String, FactValue> initialFacts() {
        return facts;
    }

    /** What a bar's menu shows on devices of a kind, in some window. */
    ShownItems shown(Bar bar, DeviceKind kind) {
        String menu = bar.menu().orElse("");
        return shown.computeIfAbsent(
                menu + "/" + kind.id(),
                none -> ShownItems.of(
                        this,
                        byMenu.getOrDefault(menu, List.of()).stream()
                                .filter(placed -> mayShow(placed.item().visibility(), kind))
                                .collect(toList())));
    }

    void tell(Code code, String pointer, String message, String remedy) {
        findings.add(new Finding(code, Spot.at(pointer), message, remedy));
    }

    /** Tells of a name that nothing has, with the names that can be meant. */
    void unknown(Code code, String pointer, String noun, String name, Collection<String> known, String otherwise) {
        if (!findings.wants(code)) {
            findings.leaveOut(code, Spot.at(pointer));
            return;
        }
        findings.add(Suggestion.finding(
                code, Spot.at(pointer), "There is no " + noun + " \"" + name + "\".", name, known, otherwise));
    }

    /** Every item with its pointer, those in sections included. */
    List<PlacedItem> items() {
        return items;
    }

    private static List<PlacedItem> placed(Plan plan) {
        var all = new ArrayList<PlacedItem>();
        for (Menu menu : plan.menus()) {
            int index = 0;
            for (Entry entry : menu.entries()) {
                String pointer = pointer("menus", menu.id(), Integer.toString(index++));
                // Items of a section stand one list deeper; an item alone is its own entry, those of a rule are all of
                // it.
                boolean isAlone = !(entry instanceof Entry.Section);
                int inner = 0;
                for (Item item : entry.items().collect(toList())) {
                    all.add(new PlacedItem(menu, item, isAlone ? pointer : pointer + "/items/" + inner++));
                }
            }
        }
        return all;
    }

    /** The icon of an item: its own, else that of its screen. */
    Optional<String> icon(Item item) {
        return item.icon().or(() -> item.screen().flatMap(plan.screens()::find).flatMap(Screen::icon));
    }

    /** Where the icon of an item is named: by the item itself, else by its screen. */
    String iconPointer(PlacedItem placed) {
        Item item = placed.item();
        return item.icon().isPresent() || item.screen().isEmpty()
                ? placed.pointer() + "/icon"
                : pointer("screens", item.screen().get(), "icon");
    }

    /** Whether something with this visibility shows on devices of this kind, in some window. */
    boolean mayShow(Visibility visibility, DeviceKind kind) {
        return visibility.mayShow(kind, kind.end(plan.deviceKinds()));
    }

    /** The device kinds as a message says them: "on phone, tablet and desktop". */
    static String on(List<DeviceKind> kinds) {
        var out = new StringBuilder("on ");
        for (int i = 0; i < kinds.size(); i++) {
            out.append(i == 0 ? "" : i == kinds.size() - 1 ? " and " : ", ")
                    .append(kinds.get(i).id());
        }
        return out.toString();
    }

    /** The pointer to a screen's key. */
    static String screen(Screen screen, String key) {
        return pointer("screens", screen.id(), key);
    }

    static String pointer(String... names) {
        String pointer = "";
        for (String name : names) {
            pointer = JsonPointer.child(pointer, name);
        }
        return pointer;
    }

    /** The pointer to a bar; for the bars of a plan that defines none, to what they are made of. */
    String bar(int index) {
        Bar bar = plan.bars().get(index);
        return hasBarsByDefault ? bar.menu().map(menu -> pointer("menus", menu)).orElse("") : "/bars/" + index;
    }

    /** The pointer to the bar with this id. */
    String bar(String id) {
        return bar(plan.bars().stream().map(Bar::id).collect(toList()).indexOf(id));
    }

    /** A link to a screen that exists gets exactly the parameters that its path takes. */
    void parameters(String screen, Map<String, String> parameters, String pointer) {
        Screen target = plan.screens().find(screen).orElse(null);
        if (target == null) {
            return;
        }
        List<String> names = target.path().names();
        target.path().required().stream()
                .filter(name -> !parameters.containsKey(name))
                .forEach(name -> tell(
                        Code.MISSING_PARAMETER,
                        pointer,
                        Titles.of(plan, target) + " needs the parameter {" + name + "} of its path " + target.path()
                                + ".",
                        "Write \"" + screen + "?" + name + "=...\", or link to a screen without parameters."));
        parameters.keySet().stream()
                .filter(name -> !names.contains(name))
                .forEach(name -> tell(
                        Code.UNKNOWN_PARAMETER,
                        pointer,
                        "The path " + target.path() + " of " + Titles.of(plan, target) + " has no parameter {" + name
                                + "}.",
                        Suggestion.sentence(name, names, "Remove it.")));
        parameters.forEach((name, value) -> {
            // What an entry of a list fills is known only while the app runs.
            if (!kinds.of(target, name).takes(value) && value.indexOf('{') < 0) {
                tell(
                        Code.BAD_PARAMETER,
                        pointer,
                        "{" + name + "} of " + Titles.of(plan, target) + " takes "
                                + kinds.of(target, name).words() + ", not \"" + value + "\".",
                        "Write one, or change its kind below \"parameters\" of \"" + screen + "\".");
            }
        });
    }

    /** A fact that is asked for somewhere. */
    void fact(String fact, String pointer) {
        if (plan.facts().find(fact).isEmpty()) {
            unknown(Code.UNKNOWN_FACT, pointer, "fact", fact, plan.facts().ids(), "Add it below \"facts\".");
        }
    }

    /** A screen that is named somewhere. */
    void screen(String screen, String pointer) {
        if (plan.screens().find(screen).isEmpty()) {
            unknown(
                    Code.UNKNOWN_SCREEN,
                    pointer,
                    "screen",
                    screen,
                    plan.screens().ids(),
                    "Add it below \"screens\".");
        }
    }
}
