package org.yonderarc.browser;

import java.util.List;
import java.util.Optional;
import org.teavm.jso.browser.Window;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.html.HTMLInputElement;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Theme;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Step;

/** What stands around the devices: how they are wanted, what the app tells, the steps so far, and where to go. */
final class Tools {
    /** The width in px that a sheet of paper has between its margins, upright: A4 is 210 mm wide, letter 216. */
    private static final double PAPER = 680;
    /** Narrower and lower windows are filled by the app. */
    private static final double NARROW = 900;

    private static final double LOW = 420;
    /** The room around a device, its label included, in px. */
    private static final double ACROSS = 48;

    private static final double DOWN = 96;
    private static final double GAP = 24;
    /** Smaller than this nothing can be made out. */
    private static final double SMALLEST = 0.2;
    /** A device with more room than this above its content, in dp, has a strip there that tells the time. */
    private static final double STRIP = 20;
    /** So many steps are listed, the last ones. */
    private static final int MOST_STEPS = 12;

    private final HTMLDocument document;
    private final Player player;
    private final FactsPanel facts;
    private int chosen;

    Tools(HTMLDocument document, Player player) {
        this.document = document;
        this.player = player;
        this.facts = new FactsPanel(document, player::take);
    }

    private HTMLElement get(String id) {
        return document.getElementById(id);
    }

    private String value(String id) {
        return ((HTMLInputElement) get(id)).getValue();
    }

    private boolean isChecked(String id) {
        return ((HTMLInputElement) get(id)).isChecked();
    }

    void start(Plan plan) {
        use(plan);
        choose(0);
        for (String id : List.of(
                "device-name", "scheme", "language", "text-size", "motion", "contrast", "turned", "true-size")) {
            get(id).onEvent("change", event -> preferencesChanged());
        }
        get("targets").onEvent("change", event -> Page.toggle(get("desk"), "targets", isChecked("targets")));
        get("beside").onClick(event -> another());
        get("go-back").onClick(event -> player.take(new Step.Back()));
        get("start-over").onClick(event -> player.take(new Step.Restart()));
        get("copy-link").onClick(event -> {
            String link = player.link();
            // Where it can't be copied, it can be read.
            Page.copy(link, done -> get("happened").setTextContent(done ? Page.word("copied") : link));
        });
        get("skip").onClick(event -> {
            // The address is the app's: the browser must not follow the link by itself.
            event.preventDefault();
            Page.focus(get("app"));
        });
        get("open-map").onClick(event -> map());
        get("close-map").onClick(event -> Page.close(get("map")));
        Page.onAddress(get("map"), address -> {
            Page.close(get("map"));
            player.take(new Step.Link(address));
        });
        Page.letMove(get("open-tools"));
        Page.onPrint(this::print, player::arrange);
        get("open-tools").onClick(event -> open(!Page.hasClass(document.getBody(), "open")));
        get("screen-name").onEvent("change", event -> jump());
    }

    /** Offers what a plan has: its facts, and the screens that one can go to. */
    void use(Plan plan) {
        facts.show(plan, player.state().facts());
        Page.keepFirst(get("screen-name"));
        for (Screen screen : plan.screens()) {
            HTMLElement option = document.createElement("option");
            option.setAttribute("value", screen.id());
            option.setTextContent(Fitter.title(plan, Samples.of(plan).place(screen), player.state(), ""));
            get("screen-name").appendChild(option);
        }
    }

    private void open(boolean on) {
        Page.toggle(document.getBody(), "open", on);
        get("open-tools").setAttribute("aria-expanded", Boolean.toString(on));
        get("open-tools").setTextContent(Page.word(on ? "close" : "tools"));
    }

    /** Shows the map, with a mark where the person is. */
    private void map() {
        Page.open(get("map"));
        Page.mark(get("map"), player.walk().shown(player.state()).screen());
    }

    private void jump() {
        String screen = value("screen-name");
        if (!screen.isEmpty()) {
            player.goTo(screen);
            ((HTMLInputElement) get("screen-name")).setValue("");
        }
    }

    private Show current() {
        return player.shows().get(Math.min(chosen, player.shows().size() - 1));
    }

    /** Shows in the tools how a device is wanted. */
    private void show(Preferences preferences) {
        set("device-name", preferences.device());
        set("scheme", preferences.scheme());
        set("language", preferences.language());
        set("text-size", Decimals.brief(preferences.text()));
        set("motion", preferences.motion());
        set("contrast", preferences.contrast());
        ((HTMLInputElement) get("turned")).setChecked(preferences.turned());
        ((HTMLInputElement) get("true-size")).setChecked(preferences.trueSize());
    }

    private void set(String id, String value) {
        Page.choose(get(id), value);
    }

    private void preferencesChanged() {
        setPreferences(
                current(),
                new Preferences(
                        value("device-name"),
                        isChecked("turned"),
                        isChecked("true-size"),
                        value("scheme"),
                        value("language"),
                        Decimals.parse(value("text-size")).orElse(1),
                        value("motion"),
                        value("contrast")));
    }

    private void setPreferences(Show show, Preferences preferences) {
        show.setPreferences(preferences, fills() ? Optional.of(Show.window()) : Optional.empty());
        player.arrange();
    }

    /** A device like the one that is chosen, in the other scheme, which is chosen then. */
    private void another() {
        Preferences like = current().preferences();
        boolean isDark = like.scheme(Page.prefersDark()) == Scheme.DARK;
        String device = like.device().isEmpty() ? "phone" : like.device();
        player.add(new Preferences(
                device,
                like.turned(),
                like.trueSize(),
                isDark ? "light" : "dark",
                like.language(),
                like.text(),
                like.motion(),
                like.contrast()));
        choose(player.shows().size() - 1);
        player.arrange();
    }

    private void choose(int index) {
        chosen = index;
        show(current().preferences());
        for (int i = 0; i < player.shows().size(); i++) {
            Page.toggle(frame(player.shows().get(i)), "chosen", player.shows().size() > 1 && i == chosen);
        }
    }

    private static HTMLElement frame(Show show) {
        return (HTMLElement) show.element().getParentNode().getParentNode();
    }

    /** The frame of another device, with its label and a button that takes it away. */
    HTMLElement anotherFrame() {
        HTMLElement section = document.createElement("div");
        section.setAttribute("class", "show");
        HTMLElement label = document.createElement("p");
        label.setAttribute("class", "label");
        HTMLElement body = document.createElement("div");
        body.setAttribute("class", "body");
        HTMLElement device = document.createElement("div");
        device.setAttribute("class", "device");
        body.appendChild(device);
        section.appendChild(label);
        section.appendChild(body);
        get("desk").appendChild(section);
        return device;
    }

    /** Whether the app takes the whole window: on what is touched or small, and where it is asked to. */
    private boolean fills() {
        return isBare()
                || isOnlyOne()
                || player.shows().size() == 1
                        && current().preferences().device().isEmpty();
    }

    /** Whether the page has the app alone, without the tools. */
    private boolean isBare() {
        return Page.hasClass(document.getBody(), "bare");
    }

    /** Each device as large as it is, or as the paper is wide. */
    private void print() {
        for (int i = 0; i < player.shows().size(); i++) {
            Show show = player.shows().get(i);
            place(show, Math.min(1, PAPER / show.width()), fills(), i);
        }
    }

    /** Whether the window is a device by itself, and shows no other. */
    private static boolean isOnlyOne() {
        double width = Window.current().getInnerWidth();
        double height = Window.current().getInnerHeight();
        return width < NARROW || height < LOW || Page.isTouched();
    }

    /** Gives each device its place and its scale, so that all of each is seen. */
    void arrange() {
        boolean fills = fills();
        Page.toggle(document.getBody(), "filled", fills);
        Page.toggle(document.getBody(), "only", isOnlyOne());
        if (!fills) {
            open(false);
        }
        List<Show> shows = player.shows();
        Optional<Device> window = fills ? Optional.of(Show.window()) : Optional.empty();
        double across = get("desk").getClientWidth() - ACROSS - (shows.size() - 1) * GAP;
        double down = get("desk").getClientHeight() - DOWN;
        double wanted = 0;
        for (Show show : shows) {
            show.setPreferences(show.preferences(), window);
            wanted += show.width() * Math.min(1, down / show.height());
        }
        double share = Math.min(1, across / wanted);
        for (int i = 0; i < shows.size(); i++) {
            Show show = shows.get(i);
            Page.toggle(frame(show), "hidden", fills && i > 0);
            double fit = Math.min(1, down / show.height()) * share;
            double scale = fills || show.preferences().trueSize() ? 1 : Math.max(SMALLEST, fit);
            place(show, scale, fills, i);
        }
    }

    private void place(Show show, double scale, boolean fills, int index) {
        HTMLElement device = show.element();
        HTMLElement body = (HTMLElement) device.getParentNode();
        Page.style(device, "transform", scale == 1 ? "none" : "scale(" + Decimals.text(scale) + ")");
        Page.style(body, "width", Decimals.text(show.width() * scale) + "px");
        Page.style(body, "height", Decimals.text(show.height() * scale) + "px");
        Theme usual = player.walk().plan().theme();
        Theme theme = show.stage().surroundings().moreContrast() ? usual.moreContrast() : usual;
        Scheme scheme = show.stage().surroundings().scheme();
        Page.style(device, "--focus", theme.colour(scheme, Role.ACCENT).hex());
        Page.style(device, "--within", theme.colour(scheme, Role.SURFACE).hex());
        Page.toggle(
                device,
                "strip",
                !fills && show.stage().surroundings().device().safe().top() >= STRIP);
        Page.toggle(device, "window", show.stage().surroundings().device().id().startsWith("desktop"));
        String language = show.preferences().language();
        String own = player.walk().plan().app().language();
        // A plan that says nothing of its language is taken for one in that of the page around it.
        String spoken = !language.isEmpty()
                ? language
                : own.isEmpty() ? document.getBody().getAttribute("lang") : own;
        device.setAttribute("lang", spoken);
        if (index == 0) {
            // The title of the page is the app's, and so is what is announced.
            document.getDocumentElement().setAttribute("lang", spoken);
            get("said").setAttribute("lang", spoken);
        }
        device.setAttribute("dir", show.stage().isRightToLeft() ? "rtl" : "ltr");
        HTMLElement label = (HTMLElement) body.getParentNode().getFirstChild();
        Device shown = show.stage().surroundings().device();
        String name = name(shown.id());
        String says = name + ", " + (int) shown.width() + " \u00d7 " + (int) shown.height()
                + (scale < 1 ? ", \u2068" + Page.word("at", Long.toString(Math.round(scale * 100))) + "\u2069" : "");
        label.setTextContent("");
        boolean isAlone = player.shows().size() == 1;
        // One device is the whole of it: nothing has to be told apart by name.
        DomPainter.attribute(label, "aria-hidden", isAlone ? Optional.of("true") : Optional.empty());
        region(index == 0 ? label : frame(show), isAlone ? "" : (index + 1) + ". " + (fills ? name : says));
        if (isAlone) {
            label.setTextContent(says);
            return;
        }
        label.appendChild(button(says, () -> choose(index)));
        if (index > 0) {
            label.appendChild(button(Page.word("away"), () -> {
                player.remove(show);
                frame(show).getParentNode().removeChild(frame(show));
                choose(0);
                player.arrange();
            }));
        }
    }

    /** What a device is called where it is chosen. */
    private String name(String device) {
        var option = document.querySelector("#device-name option[value='" + device + "']");
        String name = option == null ? device : option.getTextContent();
        return Ids.asTitle(name.isEmpty() ? device : name);
    }

    /**
     * Makes something a region with a name, or nothing where that is empty. Of the first device that is the label alone: its own content and
     * bars are the landmarks of the page.
     */
    private static void region(HTMLElement element, String name) {
        Optional<String> said = Optional.of(name).filter(any -> !any.isEmpty());
        DomPainter.attribute(element, "role", said.map(any -> "region"));
        DomPainter.attribute(element, "aria-label", said);
    }

    private HTMLElement button(String text, Runnable does) {
        HTMLElement button = document.createElement("button");
        button.setAttribute("type", "button");
        button.setTextContent(text);
        button.onClick(event -> does.run());
        return button;
    }

    /** Shows the facts as they are, and lists the steps so far, each a way back to where it led. */
    void refresh() {
        facts.refresh(player.state().facts());
        HTMLElement list = get("steps");
        list.setTextContent("");
        List<Player.Taken> all = player.taken();
        for (int i = all.size() - 1; i >= Math.max(0, all.size() - MOST_STEPS); i--) {
            Player.Taken step = all.get(i);
            HTMLElement line = document.createElement("li");
            line.appendChild(button(step.what(), () -> player.goTo(step.after())));
            list.appendChild(line);
        }
    }
}
