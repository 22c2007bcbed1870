package org.yonderarc.plan;

import java.util.Optional;

/** How messages call screens and items: by the title that people see, then by the id where that is another word. */
public final class Titles {
    private Titles() {}

    /** What a message calls a screen: {@code "Tide tables" (tides)}, in the app's own language. */
    public static String of(Plan plan, Screen screen) {
        return of(plan, screen.title(), screen.id());
    }

    /** What a message calls the screen with this id; the id alone where the plan has no such screen. */
    public static String ofScreen(Plan plan, String id) {
        return plan.screens().find(id).map(screen -> of(plan, screen)).orElse("\"" + id + "\"");
    }

    /** What a message calls an item: by its label, else by what screen readers call it, else by the title of its screen. */
    public static String of(Plan plan, Item item) {
        Optional<Words> title = item.label()
                .or(item::spokenLabel)
                .or(() -> item.screen().flatMap(plan.screens()::find).map(Screen::title));
        return title.map(words -> of(plan, words, item.id())).orElse("\"" + item.id() + "\"");
    }

    private static String of(Plan plan, Words title, String id) {
        String text = title.in(plan.app().language()).source();
        boolean saysId = text.isBlank() || text.equalsIgnoreCase(Ids.asTitle(id)) || text.equals(id);
        return text.isBlank() ? "\"" + id + "\"" : "\"" + text + "\"" + (saysId ? "" : " (" + id + ")");
    }
}
