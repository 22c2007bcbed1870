package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.ParameterKinds;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/** Which places a plan has, their addresses, and how they stand above each other. */
final class Places {
    /** More than any path has parameters. */
    private static final int UNFIT = 1000;

    private final Plan plan;
    private final ParameterKinds kinds;
    /** The items that lead to a screen, in the order of the menus. */
    private final Map<String, List<Item>> leading = new HashMap<>();

    /** The screens by the key of their path, each with its place in the plan. */
    private final Map<String, TreeMap<Integer, Screen>> byPath = new HashMap<>();

    private final Map<String, String> roots = new HashMap<>();
    private final List<Item> repeated = new ArrayList<>();

    Places(Plan plan) {
        this.plan = plan;
        this.kinds = new ParameterKinds(plan.screens());
        int index = 0;
        for (Screen screen : plan.screens()) {
            byPath.computeIfAbsent(screen.path().key(), key -> new TreeMap<>()).put(index++, screen);
        }
        plan.items().filter(item -> item.place().isPresent()).forEach(item -> {
            if (item.repeat().isPresent()) {
                repeated.add(item);
                return;
            }
            leading.computeIfAbsent(item.place().get().screen(), screen -> new ArrayList<>())
                    .add(item);
            roots.putIfAbsent(item.id(), item.screen().orElse(""));
        });
    }

    /** The screens that an address may be of, in the order of the plan. */
    private Collection<Screen> candidates(String address) {
        var all = new TreeMap<Integer, Screen>();
        PathTemplate.keys(address).forEach(key -> all.putAll(byPath.getOrDefault(key, new TreeMap<>())));
        return all.values();
    }

    /** Why {@code place} can't be shown: its screen or a parameter doesn't exist, is missing or of another kind. */
    Optional<String> problem(Place place) {
        Optional<Screen> screen = plan.screens().find(place.screen());
        if (screen.isEmpty()) {
            return Optional.of("There is no screen \"" + place.screen() + "\". "
                    + Suggestion.sentence(place.screen(), plan.screens().ids(), "Look at \"screens\" in the plan."));
        }
        List<String> names = screen.get().path().names();
        if (names.isEmpty() && place.parameters().isEmpty()) {
            return Optional.empty();
        }
        for (String name : screen.get().path().required()) {
            if (!place.parameters().containsKey(name)) {
                return Optional.of("\"" + place.screen() + "\" needs the parameter {" + name + "}: write "
                        + place.screen() + "?" + name + "=...");
            }
        }
        for (var parameter : place.parameters().entrySet()) {
            String name = parameter.getKey();
            if (!names.contains(name)) {
                return Optional.of("\"" + place.screen() + "\" has no parameter {" + name + "}.");
            }
            Parameter.Kind kind = kinds.of(screen.get(), name);
            if (!kind.takes(parameter.getValue())) {
                return Optional.of("{" + name + "} of \"" + place.screen() + "\" takes " + kind.words() + ", not \""
                        + parameter.getValue() + "\".");
            }
        }
        return Optional.empty();
    }

    /** The address of a place: its screen's path with the parameters filled in. */
    String addressOf(Place place) {
        return plan.screens().get(place.screen()).path().expand(place.parameters());
    }

    /** The address of the web page that a place shows, its parameters percent-encoded; no value for other places. */
    Optional<String> webOf(Place place) {
        return plan.screens()
                .get(place.screen())
                .web()
                .map(address -> address.fill(name ->
                        Optional.ofNullable(place.parameters().get(name)).map(Percent::encode)));
    }

    /**
     * The place that has this address; a static segment counts before a parameter, and a path whose parameters take the
     * values before one whose don't. Where none takes them, the nearest path answers, with its problem.
     */
    Optional<Place> at(String address) {
        Place best = null;
        int fewest = Integer.MAX_VALUE;
        for (Screen screen : candidates(address)) {
            var parameters = screen.path().match(address);
            if (parameters.isEmpty() || !areFit(parameters.get())) {
                continue;
            }
            var place = new Place(screen.id(), parameters.get());
            int count = screen.path().required().size() + (problem(place).isPresent() ? UNFIT : 0);
            if (count < fewest) {
                best = place;
                fewest = count;
            }
        }
        return Optional.ofNullable(best);
    }

    private static boolean areFit(Map<String, String> parameters) {
        return parameters.values().stream().noneMatch(value -> value.isEmpty() || value.length() > Place.LONGEST_VALUE);
    }

    /**
     * The branch that a place belongs to: of the item that leads exactly there, else of the nearest place above it that an
     * item leads to. An item with parameters leads to places with these parameters only.
     */
    Optional<String> branchAbove(Place place, Map<String, FactValue> facts) {
        for (String screen : upFrom(place.screen())) {
            Optional<Item> item = leadingTo(ancestor(screen, place), facts);
            if (item.isPresent()) {
                return item.map(Item::id);
            }
        }
        return Optional.empty();
    }

    /** Of the items whose parameters the place has, the one with the most. */
    private Optional<Item> leadingTo(Place place, Map<String, FactValue> facts) {
        Item best = null;
        int most = -1;
        List<Item> fixed = leading.getOrDefault(place.screen(), List.of());
        List<Item> all = repeated.isEmpty()
                ? fixed
                : Stream.concat(
                                fixed.stream(),
                                repeated.stream()
                                        .filter(item -> item.screen().equals(Optional.of(place.screen())))
                                        .flatMap(item -> item.repeated(facts)))
                        .collect(toList());
        for (Item item : all) {
            Map<String, String> wanted = item.place().orElseThrow().parameters();
            boolean leads = wanted.keySet().stream()
                    .allMatch(name ->
                            Objects.equals(wanted.get(name), place.parameters().get(name)));
            if (leads && wanted.size() > most) {
                best = item;
                most = wanted.size();
            }
        }
        return Optional.ofNullable(best);
    }

    /** The place above {@code place}, with those of its parameters that it takes too. */
    Optional<Place> above(Place place) {
        return plan.screens().get(place.screen()).under().map(screen -> ancestor(screen, place));
    }

    /** The places above {@code place} up to the branch's root, and the place; those whose parameters are unknown are left out. */
    Trail trailTo(Place place, String branch, Optional<Item> of) {
        String root = of.flatMap(Item::screen).orElseGet(() -> roots.getOrDefault(branch, ""));
        var down = new ArrayDeque<Place>();
        for (String screen : upFrom(place.screen())) {
            Place above = ancestor(screen, place);
            if (problem(above).isEmpty()) {
                down.addFirst(above);
            }
            if (screen.equals(root)) {
                break;
            }
        }
        Trail trail = Trail.at(down.removeFirst());
        for (Place next : down) {
            trail = trail.push(next);
        }
        return trail;
    }

    /** The screen and those above it, nearest first. */
    private List<String> upFrom(String screen) {
        var up = new LinkedHashSet<String>();
        for (Optional<String> at = Optional.of(screen);
                at.isPresent();
                at = plan.screens().get(at.get()).under()) {
            if (!up.add(at.get())) {
                throw new IllegalArgumentException(
                        "going up from \"" + screen + "\" never ends; run the check before using a plan");
            }
        }
        return List.copyOf(up);
    }

    private Place ancestor(String screen, Place place) {
        var parameters = new HashMap<>(place.parameters());
        parameters.keySet().retainAll(plan.screens().get(screen).path().names());
        return new Place(screen, parameters);
    }
}
