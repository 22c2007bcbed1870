package org.yonderarc.finding;

import static org.yonderarc.finding.Severity.ADVICE;
import static org.yonderarc.finding.Severity.ERROR;
import static org.yonderarc.finding.Severity.WARNING;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Every kind of finding, with its severity and why it matters. */
public enum Code {
    /** A file that can't be parsed says nothing about the app. */
    SYNTAX(ERROR, "A file that can't be parsed says nothing about the app."),
    /** Nesting this deep is never a plan; it is a mistake or an attack. */
    TOO_DEEP(ERROR, "Nesting this deep is never a plan; it is a mistake or an attack."),
    /** This much is never a plan; it is a mistake or an attack. */
    TOO_LARGE(ERROR, "This much is never a plan; it is a mistake or an attack."),
    /** A key that nobody reads has no effect, whatever it was meant to do. */
    UNKNOWN_KEY(ERROR, "A key that nobody reads has no effect, whatever it was meant to do."),
    /** Without it there is nothing to show or to link to. */
    MISSING_KEY(ERROR, "Without it there is nothing to show or to link to."),
    /** The value can't mean what this key means. */
    WRONG_TYPE(ERROR, "The value can't mean what this key means."),
    /** The value is outside of what this key allows. */
    BAD_VALUE(ERROR, "The value is outside of what this key allows."),
    /** Nobody can tell when it holds. */
    BAD_CONDITION(ERROR, "Nobody can tell when it holds."),
    /** Two things with one id: a link to it could mean either. */
    DUPLICATE_ID(ERROR, "Two things with one id: a link to it could mean either."),
    /** Two screens with one path: an address could mean either. */
    DUPLICATE_PATH(ERROR, "Two screens with one path: an address could mean either."),
    /** The app has nothing to show first. */
    MISSING_START(ERROR, "The app has nothing to show first."),
    /** The link leads nowhere. */
    UNKNOWN_SCREEN(ERROR, "The link leads nowhere."),
    /** The bar has nothing to show. */
    UNKNOWN_MENU(ERROR, "The bar has nothing to show."),
    /** The screen names a bar that isn't there. */
    UNKNOWN_BAR(ERROR, "The screen names a bar that isn't there."),
    /** The bar names an item that its menu doesn't have. */
    UNKNOWN_ITEM(ERROR, "The bar names an item that its menu doesn't have."),
    /** No device is of this kind, so the rule never applies. */
    UNKNOWN_KIND(ERROR, "No device is of this kind, so the rule never applies."),
    /** The value would never arrive. */
    UNKNOWN_FACT(ERROR, "The value would never arrive."),
    /** What it paints would be invisible. */
    UNKNOWN_COLOUR(ERROR, "What it paints would be invisible."),
    /** The bar or the item would look like any other. */
    UNKNOWN_STYLE(ERROR, "The bar or the item would look like any other."),
    /** Nobody can tell which colour or size is meant. */
    UNKNOWN_TOKEN(ERROR, "Nobody can tell which colour or size is meant."),
    /** The plan depends on what stands in it. */
    UNREADABLE_FILE(ERROR, "The plan depends on what stands in it."),
    /** An empty square would stand in its place. */
    UNKNOWN_ICON(ERROR, "An empty square would stand in its place."),
    /** The screen can't be shown without knowing which one is meant. */
    MISSING_PARAMETER(ERROR, "The screen can't be shown without knowing which one is meant."),
    /** The screen can't be shown with it. */
    BAD_PARAMETER(ERROR, "The screen can't be shown with it."),
    /** The screen has no use for it. */
    UNKNOWN_PARAMETER(ERROR, "The screen has no use for it."),
    /** Going up from here never arrives. */
    PARENT_LOOP(ERROR, "Going up from here never arrives."),
    /** A person would be sent from screen to screen and arrive nowhere. */
    REDIRECT_LOOP(ERROR, "A person would be sent from screen to screen and arrive nowhere."),
    /** The app would open on nothing. */
    START_GUARDED(ERROR, "The app would open on nothing."),
    /** Such an address could run code or read files on a person's device. */
    UNSAFE_LINK(ERROR, "Such an address could run code or read files on a person's device."),
    /** A plan only reads files in its own folder. */
    UNSAFE_FILE(ERROR, "A plan only reads files in its own folder."),
    /** Two bars would stand on the same edge, one on top of the other. */
    BAR_CLASH(ERROR, "Two bars would stand on the same edge, one on top of the other."),
    /** Nobody can ever get there. */
    UNREACHABLE_SCREEN(WARNING, "Nobody can ever get there."),
    /** People get in, but the screen shows no way out. */
    DEAD_END(WARNING, "People get in, but the screen shows no way out."),
    /** Anyone who isn't allowed in sees nothing at all. */
    NO_WAY_ROUND(WARNING, "Anyone who isn't allowed in sees nothing at all."),
    /** People look for it, and some of them won't find it. */
    REQUIRED_MISSING(WARNING, "People look for it, and some of them won't find it."),
    /** A condition that always holds decides nothing. */
    CONDITION_ALWAYS(WARNING, "A condition that always holds decides nothing."),
    /** What depends on it never happens. */
    CONDITION_NEVER(WARNING, "What depends on it never happens."),
    /** Nobody ever sees the item. */
    HIDDEN_EVERYWHERE(WARNING, "Nobody ever sees the item."),
    /** The more there is to choose from, the harder the choice, and the smaller each target. */
    TOO_MANY_ITEMS(WARNING, "The more there is to choose from, the harder the choice, and the smaller each target."),
    /** A bar with one item offers no choice. */
    ONE_ITEM(WARNING, "A bar with one item offers no choice."),
    /** With icons on only some items, labels don't line up and the bar looks unfinished. */
    SOME_ICONS(WARNING, "With icons on only some items, labels don't line up and the bar looks unfinished."),
    /** Without a label and an icon there is nothing to see. */
    NO_ICON(WARNING, "Without a label and an icon there is nothing to see."),
    /** A person who doesn't see the icon is told nothing. */
    NO_NAME(WARNING, "A person who doesn't see the icon is told nothing."),
    /** Items that look the same are told apart only by reading. */
    SAME_ICON(WARNING, "Items that look the same are told apart only by reading."),
    /** Without a filled twin the selected item is told apart by colour alone. */
    NO_TWIN(ADVICE, "Without a filled twin the selected item is told apart by colour alone."),
    /** More than three buttons leave no room for the title. */
    TOO_MANY_ACTIONS(WARNING, "More than three buttons leave no room for the title."),
    /** Two headers above each other take the room of the content. */
    TWO_HEADERS(WARNING, "Two headers above each other take the room of the content."),
    /** Who sees less well, or stands in the sun, can't read it. */
    LOW_CONTRAST(WARNING, "Who sees less well, or stands in the sun, can't read it."),
    /** A motion that is too short isn't seen, and for one that is too long people wait. */
    ODD_MOTION(WARNING, "A motion that is too short isn't seen, and for one that is too long people wait."),
    /** In that scheme, the bar's middle stays empty. */
    MISSING_LOGO(WARNING, "In that scheme, the bar's middle stays empty."),
    /** What could run code or load something is left out, so the icon may look otherwise. */
    UNSAFE_ICON(WARNING, "What could run code or load something is left out, so the icon may look otherwise."),
    /** Icons of another shape or weight than the others stand out, and not to their advantage. */
    ODD_ICON(WARNING, "Icons of another shape or weight than the others stand out, and not to their advantage."),
    /** Two drawers at one edge: nobody knows which one a swipe opens. */
    NESTED_DRAWERS(WARNING, "Two drawers at one edge: nobody knows which one a swipe opens."),
    /** What is smaller than 48 dp is hard to hit with a finger. */
    SMALL_TARGET(WARNING, "What is smaller than 48 dp is hard to hit with a finger."),
    /** Anyone who can't tell the two colours apart doesn't see where they are. */
    COLOUR_ALONE(WARNING, "Anyone who can't tell the two colours apart doesn't see where they are."),
    /** Two items with one name lead to different places: nobody can know which one is meant. */
    AMBIGUOUS_LABEL(WARNING, "Two items with one name lead to different places: nobody can know which one is meant."),
    /** A text for what isn't there is never shown; probably its key is misspelt. */
    UNUSED_TEXT(WARNING, "A text for what isn't there is never shown; probably its key is misspelt."),
    /** Where it is wanted, nothing would show. */
    MISSING_FILE(WARNING, "Where it is wanted, nothing would show."),
    /** Where it is wanted, nothing would show, or something would hang. */
    BAD_PICTURE(WARNING, "Where it is wanted, nothing would show, or something would hang."),
    /** Texts would be set in another font than the app's. */
    BAD_FONT(WARNING, "Texts would be set in another font than the app's."),
    /** A label that is cut off has to be guessed. */
    LABEL_TOO_WIDE(WARNING, "A label that is cut off has to be guessed."),
    /** A text that is cut off has to be guessed. */
    TEXT_CUT(WARNING, "A text that is cut off has to be guessed."),
    /** What is covered or outside the window can't be read or touched. */
    OVERLAP(WARNING, "What is covered or outside the window can't be read or touched."),
    /** People come for the content, not for the bars. */
    LITTLE_ROOM(WARNING, "People come for the content, not for the bars."),
    /** What is meant to be at hand takes two taps. */
    PUSHED_OUT(WARNING, "What is meant to be at hand takes two taps."),
    /** In such a window, people can't leave the screen they are on. */
    NO_NAVIGATION(WARNING, "In such a window, people can't leave the screen they are on."),
    /** People look for a thing where it was on the last screen. */
    MOVED_ITEMS(ADVICE, "People look for a thing where it was on the last screen."),
    /** A word that can't be broken is cut off on narrow devices and in large text. */
    LONG_WORD(ADVICE, "A word that can't be broken is cut off on narrow devices and in large text."),
    /** Characters that can't be seen change how a text reads, and can deceive. */
    HIDDEN_CHARACTERS(WARNING, "Characters that can't be seen change how a text reads, and can deceive."),
    /** An empty text leaves a hole where people expect a word. */
    EMPTY_TEXT(WARNING, "An empty text leaves a hole where people expect a word."),
    /** Part of the people would read another language here. */
    MISSING_LANGUAGE(WARNING, "Part of the people would read another language here."),
    /** Some people may read another language here than everywhere else. */
    ONE_LANGUAGE(ADVICE, "Some people may read another language here than everywhere else."),
    /** It reads as if it did something, and it doesn't. */
    NO_EFFECT(WARNING, "It reads as if it did something, and it doesn't."),
    /** What people type can't be told to it, and nothing would be looked for. */
    FILTER_TYPE(ERROR, "What people type can't be told to it, and nothing would be looked for."),
    /** A cap has no effect on what isn't a number. */
    BADGE_TYPE(WARNING, "A cap has no effect on what isn't a number."),
    /** What nobody uses is a leftover, or something was forgotten. */
    UNUSED_FACT(ADVICE, "What nobody uses is a leftover, or something was forgotten."),
    /** Nobody sees what is in it. */
    UNUSED_MENU(WARNING, "Nobody sees what is in it."),
    /** What nobody refers to is a leftover, or a name is misspelt. */
    UNUSED_STYLE(ADVICE, "What nobody refers to is a leftover, or a name is misspelt."),
    /** A file that nothing uses is a leftover, or was forgotten. */
    UNUSED_ICON(ADVICE, "A file that nothing uses is a leftover, or was forgotten."),
    /** Words that are set in two fonts look patched. */
    FONT_LACKS(ADVICE, "Words that are set in two fonts look patched."),
    /** It accepts nothing, and would hide a new finding. */
    UNUSED_ACCEPTANCE(ADVICE, "It accepts nothing, and would hide a new finding.");

    private final Severity severity;
    private final String why;

    Code(Severity severity, String why) {
        this.severity = severity;
        this.why = why;
    }

    /** How much findings of this code matter. */
    public Severity severity() {
        return severity;
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }

    /** The code with this id. */
    public static Optional<Code> of(String id) {
        return Arrays.stream(values()).filter(code -> code.id().equals(id)).findFirst();
    }

    /** The code as reports write it: {@code unknown-screen}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
