package org.yonderarc.browser;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.xml.Element;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.stage.Stage;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Split;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Vectors;
import org.yonderarc.walk.Walk;

/**
 * Plays a plan in the page, on one device or several in step, and keeps the browser's history in step too. Each history entry has a
 * number, and each number a state; the browser's back button brings the state of the entry before.
 */
final class Player implements Stage.Host {
    /** What a link starts with that brings back a view. */
    private static final String VIEW = "view=";
    /** What the state starts with in a view. */
    private static final String AT = "at=";
    /** What starts with it in a view: how far the content is scrolled, in px. */
    private static final String DOWN = "down=";

    private final HTMLDocument document;
    private Walk walk;
    private final List<Show> shows = new ArrayList<>();
    private final Map<Integer, State> entries = new HashMap<>();
    private final List<Taken> taken = new ArrayList<>();
    private final List<Renamed> renames = new ArrayList<>();
    private final Tools tools;
    private int entry;
    private State state;
    /** The step back that the browser's history is taking for us. */
    private Optional<Change> undone = Optional.empty();

    /** A step that was taken, and where it led. */
    record Taken(String what, State after) {}

    Player(HTMLDocument document, Plan plan) {
        this.document = document;
        this.walk = Walk.of(plan);
        this.state = walk.start();
        this.tools = new Tools(document, this);
    }

    void start() {
        entry = Math.max(0, Page.entry());
        String saved = Page.address().startsWith(VIEW) ? Page.address().substring(VIEW.length()) : Page.saved();
        state = saved(saved).orElse(state);
        List<Preferences> preferences = preferences(saved);
        boolean isLink = Page.address().startsWith(VIEW);
        String problem = "";
        if (!isLink) {
            Optional<Place> outside = walk.placeAt(Page.address());
            problem = outside.flatMap(walk::problem).orElse("");
            if (outside.isEmpty() && Page.address().length() > 1) {
                problem = Page.word("nothing", Page.address());
            }
            State then = state;
            state = outside.filter(place -> walk.problem(place).isEmpty())
                    .filter(place -> !place.equals(then.place()))
                    .map(place -> walk.arriveAt(then, place))
                    .orElse(state);
        }
        entries.put(entry, state);
        preferences.forEach(this::add);
        tools.start(walk.plan());
        Page.onKey((key, shift) -> shows.stream().anyMatch(show -> show.key(key, shift)));
        Page.onPop(this::pop);
        Page.onResize(this::resized);
        Page.onSchemeChange(this::arrange);
        arrange();
        said(problem.isEmpty() ? Page.word("started") : problem);
        // The first picture is there at once, however large the window is.
        shows.forEach(show -> show.stage().settle());
        shows.forEach(show -> show.frame(Page.now()));
        shows.get(0).scrollTo(down(saved));
        Page.onScrolled(this::keep);
        settle();
        AppBridge.open(this);
    }

    /** Goes on with another plan where the person is: what it still has of the place, of the trails and of what was told stays. */
    void use(Plan plan) {
        var next = Walk.of(plan);
        State usual = renamed(walk.start());
        entries.replaceAll((number, then) -> moved(renamed(then), usual, next));
        taken.clear();
        state = moved(renamed(state), usual, next);
        renames.clear();
        undone = Optional.empty();
        walk = next;
        shows.forEach(show -> show.use(walk, state));
        tools.use(plan);
        arrange();
        settle();
    }

    /** Something is called otherwise in the plan that comes next. */
    String rename(String text) {
        renames.add(Renamed.read(text));
        return "";
    }

    private State renamed(State then) {
        State now = then;
        for (Renamed rename : renames) {
            now = rename.in(now);
        }
        return now;
    }

    /** What nobody has told is as the newer plan says. */
    private static State moved(State then, State usual, Walk next) {
        Map<String, FactValue> told = new HashMap<>(then.facts());
        told.entrySet().removeIf(fact -> fact.getValue().equals(usual.facts().get(fact.getKey())));
        var known = new State(then.branch(), then.trails(), told, then.open(), then.collapsed(), then.visited());
        return SavedState.move(known, next).state();
    }

    /** The state as text. */
    String saved() {
        return SavedState.write(state);
    }

    /** What follows from each step of a walk of its own, which the person's place has no part in: a line for each. */
    String outcomes(String steps) {
        var lines = new ArrayList<String>();
        for (Vectors.Outcome outcome : Vectors.outcomes(walk.plan(), Split.at(steps, '\n'))) {
            lines.add(outcome.text());
        }
        return String.join("\n", lines);
    }

    /** Is where another page is; gives why not, or nothing. */
    String follow(String text) {
        Optional<State> there = read(text);
        there.filter(other -> !other.equals(state)).ifPresent(other -> {
            state = other;
            entries.put(entry, state);
            Page.replace(entry, walk.addressOf(state.place()), view(0));
            shows.forEach(show -> show.jump(walk, state));
            settle(false);
        });
        return there.isPresent() ? "" : "This state is of another plan.";
    }

    /** Goes to a screen, with samples where it takes parameters; gives why not, or nothing. */
    String goTo(String screen) {
        Place place = Samples.of(walk.plan()).filled(Place.of(screen));
        Optional<String> problem = walk.problem(place);
        if (problem.isEmpty()) {
            take(new Step.Link(walk.addressOf(place)));
        }
        return problem.orElse("");
    }

    /** Whether a condition holds now: "yes", "no", or why it can't be read. */
    String holds(String text) {
        try {
            return Condition.parse(text).holds(state.facts()) ? "yes" : "no";
        } catch (IllegalArgumentException unreadable) {
            return unreadable.getMessage();
        }
    }

    /** What the parts of a device's picture show. */
    Finder finder(Element device) {
        Show found = shows.stream()
                .filter(show -> show.element() == device)
                .findFirst()
                .orElse(shows.get(0));
        return new Finder(walk, state, found.stage());
    }

    /** Keeps with the entry of the history where the person is, and how far the content is scrolled. */
    private void keep() {
        Page.replace(entry, walk.addressOf(state.place()), view());
    }

    /** How far a view says that the content is scrolled, in px. */
    private static double down(String view) {
        return part(view, DOWN).map(text -> Decimals.parse(text).orElse(0)).orElse(0.0);
    }

    private static Optional<String> part(String view, String name) {
        return Split.at(view, '&').stream()
                .filter(part -> part.startsWith(name))
                .findFirst()
                .flatMap(part -> Percent.decode(part.substring(name.length())));
    }

    private static List<Preferences> preferences(String saved) {
        Preferences first = Preferences.first("phone");
        var preferences = new ArrayList<Preferences>();
        for (String part : Split.at(saved, '&')) {
            int is = part.indexOf('=');
            String value = is < 0 ? "" : Percent.decode(part.substring(is + 1)).orElse("");
            if (part.startsWith("on=")) {
                preferences.add(Preferences.read(value, first));
            }
        }
        return preferences.isEmpty() ? List.of(first) : preferences;
    }

    /** The state in a view as it was written; no value where there is none, or where it is of another plan. */
    private Optional<State> saved(String view) {
        return part(view, AT).flatMap(this::read);
    }

    private Optional<State> read(String text) {
        try {
            return Optional.of(SavedState.read(walk, text).state());
        } catch (IllegalArgumentException ofAnotherPlan) {
            return Optional.empty();
        }
    }

    /** Everything that brings back this view: the trails, the facts and the devices. */
    private String view() {
        return view(shows.isEmpty() ? 0 : shows.get(0).scrolled());
    }

    private String view(double down) {
        var out = new StringBuilder(AT).append(Percent.encode(SavedState.write(state)));
        shows.forEach(show ->
                out.append("&on=").append(Percent.encode(show.preferences().written())));
        return down > 0 ? out.append('&').append(DOWN).append(Math.round(down)).toString() : out.toString();
    }

    String link() {
        return Page.base() + "#" + VIEW + view();
    }

    Walk walk() {
        return walk;
    }

    State state() {
        return state;
    }

    List<Show> shows() {
        return shows;
    }

    List<Taken> taken() {
        return taken;
    }

    /** Another device beside the others. */
    void add(Preferences preferences) {
        HTMLElement device = shows.isEmpty() ? document.getElementById("device") : tools.anotherFrame();
        boolean isFirst = shows.isEmpty();
        shows.add(new Show(document, device, walk, state, preferences, this, isFirst));
    }

    void remove(Show show) {
        shows.remove(show);
    }

    /** Gives each device its place and its scale. */
    void arrange() {
        tools.arrange();
        shows.forEach(Show::wake);
        title();
        Page.replace(entry, walk.addressOf(state.place()), view());
    }

    /** A window that is dragged by its corner is laid out with each step, not filmed. */
    private void resized() {
        arrange();
        shows.forEach(show -> show.stage().settle());
    }

    @Override
    public boolean take(Step step) {
        Change change = walk.step(state, step);
        tell(change);
        if (!change.moved()) {
            shows.forEach(show -> show.changed(change));
            return false;
        }
        boolean undoes = step instanceof Step.Back && change.after().equals(entries.get(entry - 1));
        boolean closes = step instanceof Step.Close && isClosed(entries.get(entry - 1), change.after());
        if ((undoes || closes) && Page.hasHistory()) {
            undone = Optional.of(change);
            Page.back();
            return true;
        }
        boolean opens = state.open().isEmpty() && change.after().open().isPresent();
        boolean isElsewhere = !change.after().place().equals(state.place())
                || !change.after().branch().equals(state.branch());
        // What was opened over a place has an entry of its own, which the place that is chosen there takes over.
        boolean isNext = opens || isElsewhere && state.open().isEmpty();
        if (isNext) {
            keep();
        }
        state = change.after();
        entry += isNext ? 1 : 0;
        entries.put(entry, state);
        String address = walk.addressOf(state.place());
        // The devices still show what was: another content has not been scrolled yet.
        String view = isElsewhere ? view(0) : view();
        if (isNext) {
            Page.push(entry, address, view);
        } else {
            Page.replace(entry, address, view);
        }
        play(change);
        return true;
    }

    private static boolean isClosed(State before, State after) {
        return before != null && before.open().isEmpty() && before.place().equals(after.place());
    }

    /** The browser went to another entry of its history, or somebody wrote another address. */
    private void pop(int number) {
        if (Page.address().startsWith(VIEW)) {
            Page.reload();
            return;
        }
        State before = state;
        // After the page was loaded anew, only the history knows of what was before.
        boolean isKnown = entries.containsKey(number);
        String saved = Page.saved();
        State then = isKnown ? entries.get(number) : saved(saved).orElse(null);
        if (then != null) {
            // What was closed stays closed on the way forward.
            Optional<String> open = number > entry ? Optional.empty() : then.open();
            state = new State(then.branch(), then.trails(), state.facts(), open, state.collapsed(), then.visited());
        } else {
            Optional<Place> outside = walk.placeAt(Page.address());
            String problem = outside.isEmpty()
                    ? Page.word("nothing", Page.address())
                    : outside.flatMap(walk::problem).orElse("");
            said(problem.isEmpty() ? Page.word("followed") : problem);
            state = outside.filter(place -> walk.problem(place).isEmpty())
                    .map(place -> walk.arriveAt(before, place))
                    .orElse(state);
        }
        entry = number < 0 ? entry + 1 : number;
        entries.put(entry, state);
        // As it was kept: the devices still show what was before.
        Page.replace(entry, walk.addressOf(state.place()), view(down(saved)));
        Change change = undone.filter(back -> back.after().equals(state))
                .orElseGet(() -> new Change(new Step.Back(), before, state, List.of(), ""));
        undone = Optional.empty();
        play(change);
        if (!isKnown) {
            shows.get(0).scrollTo(down(saved));
        }
    }

    /** Goes back to where a step had led. */
    void goTo(State then) {
        state = then;
        entry++;
        entries.put(entry, state);
        Page.push(entry, walk.addressOf(state.place()), view(0));
        shows.forEach(show -> show.jump(walk, state));
        settle();
    }

    private void play(Change change) {
        if (!change.because().isEmpty()) {
            taken.add(new Taken(change.step().text(), change.after()));
        }
        shows.forEach(show -> show.changed(change));
        settle();
    }

    private void title() {
        document.setTitle(shows.get(0).stage().still().title());
    }

    private void settle() {
        settle(true);
    }

    private void settle(boolean tells) {
        title();
        HTMLElement address = document.getElementById("address");
        address.setTextContent(walk.addressOf(walk.shown(state)));
        address.setAttribute("data-place", walk.shown(state).text());
        shows.stream()
                .map(show -> show.stage().announcement())
                .filter(any -> !any.isEmpty())
                .findFirst()
                .ifPresent(said -> document.getElementById("said").setTextContent(said));
        tools.refresh();
        if (tells) {
            AppBridge.moved();
        }
    }

    private void tell(Change change) {
        var happened = new StringBuilder(change.because());
        for (Effect effect : change.effects()) {
            if (effect instanceof Effect.OpenWeb web) {
                Page.open(web.address());
            }
        }
        change.effects().stream()
                .filter(effect -> !(effect instanceof Effect.Refused))
                .forEach(effect -> happened.append(" (").append(effect.text()).append(")"));
        said(happened.toString());
    }

    private void said(String text) {
        document.getElementById("happened").setTextContent(text);
    }
}
