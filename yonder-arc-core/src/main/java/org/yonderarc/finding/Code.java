package org.yonderarc.finding;

import static org.yonderarc.finding.Severity.ADVICE;
import static org.yonderarc.finding.Severity.ERROR;
import static org.yonderarc.finding.Severity.WARNING;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A kind of finding, with its severity and why it matters. The constants are the library's own; a team's own rules have codes of their own,
 * see {@link #own}.
 */
public final class Code {
    private static final Map<String, Code> KNOWN = new LinkedHashMap<>();

    /** A file that can't be parsed says nothing about the app. */
    public static final Code SYNTAX = known("syntax", ERROR, "A file that can't be parsed says nothing about the app.");
    /** Nesting this deep is never a plan; it is a mistake or an attack. */
    public static final Code TOO_DEEP =
            known("too-deep", ERROR, "Nesting this deep is never a plan; it is a mistake or an attack.");
    /** This much is never a plan; it is a mistake or an attack. */
    public static final Code TOO_LARGE =
            known("too-large", ERROR, "This much is never a plan; it is a mistake or an attack.");
    /** A key that nobody reads has no effect, whatever it was meant to do. */
    public static final Code UNKNOWN_KEY =
            known("unknown-key", ERROR, "A key that nobody reads has no effect, whatever it was meant to do.");
    /** Read as an older one, it could lose what it says. */
    public static final Code NEWER_FORMAT =
            known("newer-format", ERROR, "Read as an older one, it could lose what it says.");
    /** The next version won't know the old name. */
    public static final Code RENAMED_KEY = known("renamed-key", WARNING, "The next version won't know the old name.");
    /** Without it there is nothing to show or to link to. */
    public static final Code MISSING_KEY =
            known("missing-key", ERROR, "Without it there is nothing to show or to link to.");
    /** The value can't mean what this key means. */
    public static final Code WRONG_TYPE = known("wrong-type", ERROR, "The value can't mean what this key means.");
    /** The value is outside of what this key allows. */
    public static final Code BAD_VALUE = known("bad-value", ERROR, "The value is outside of what this key allows.");
    /** Nobody can tell when it holds. */
    public static final Code BAD_CONDITION = known("bad-condition", ERROR, "Nobody can tell when it holds.");
    /** Two things with one id: a link to it could mean either. */
    public static final Code DUPLICATE_ID =
            known("duplicate-id", ERROR, "Two things with one id: a link to it could mean either.");
    /** Two screens with one path: an address could mean either. */
    public static final Code DUPLICATE_PATH =
            known("duplicate-path", ERROR, "Two screens with one path: an address could mean either.");
    /** The app has nothing to show first. */
    public static final Code MISSING_START = known("missing-start", ERROR, "The app has nothing to show first.");
    /** The link leads nowhere. */
    public static final Code UNKNOWN_SCREEN = known("unknown-screen", ERROR, "The link leads nowhere.");
    /** The bar has nothing to show. */
    public static final Code UNKNOWN_MENU = known("unknown-menu", ERROR, "The bar has nothing to show.");
    /** The screen names a bar that isn't there. */
    public static final Code UNKNOWN_BAR = known("unknown-bar", ERROR, "The screen names a bar that isn't there.");
    /** The bar names an item that its menu doesn't have. */
    public static final Code UNKNOWN_ITEM =
            known("unknown-item", ERROR, "The bar names an item that its menu doesn't have.");
    /** No device is of this kind, so the rule never applies. */
    public static final Code UNKNOWN_KIND =
            known("unknown-kind", ERROR, "No device is of this kind, so the rule never applies.");
    /** The value would never arrive. */
    public static final Code UNKNOWN_FACT = known("unknown-fact", ERROR, "The value would never arrive.");
    /** What it paints would be invisible. */
    public static final Code UNKNOWN_COLOUR = known("unknown-colour", ERROR, "What it paints would be invisible.");
    /** The bar or the item would look like any other. */
    public static final Code UNKNOWN_STYLE =
            known("unknown-style", ERROR, "The bar or the item would look like any other.");
    /** Nobody can tell which colour or size is meant. */
    public static final Code UNKNOWN_TOKEN =
            known("unknown-token", ERROR, "Nobody can tell which colour or size is meant.");
    /** The plan depends on what stands in it. */
    public static final Code UNREADABLE_FILE =
            known("unreadable-file", ERROR, "The plan depends on what stands in it.");
    /** An empty square would stand in its place. */
    public static final Code UNKNOWN_ICON = known("unknown-icon", ERROR, "An empty square would stand in its place.");
    /** The screen can't be shown without knowing which one is meant. */
    public static final Code MISSING_PARAMETER =
            known("missing-parameter", ERROR, "The screen can't be shown without knowing which one is meant.");
    /** The screen can't be shown with it. */
    public static final Code BAD_PARAMETER = known("bad-parameter", ERROR, "The screen can't be shown with it.");
    /** An address that one of the screens takes may be refused by the other. */
    public static final Code PARAMETER_CLASH =
            known("parameter-clash", ERROR, "An address that one of the screens takes may be refused by the other.");
    /** The screen has no use for it. */
    public static final Code UNKNOWN_PARAMETER = known("unknown-parameter", ERROR, "The screen has no use for it.");
    /** Going up from here never arrives. */
    public static final Code PARENT_LOOP = known("parent-loop", ERROR, "Going up from here never arrives.");
    /** A person would be sent from screen to screen and arrive nowhere. */
    public static final Code REDIRECT_LOOP =
            known("redirect-loop", ERROR, "A person would be sent from screen to screen and arrive nowhere.");
    /** The app would open on nothing. */
    public static final Code START_GUARDED = known("start-guarded", ERROR, "The app would open on nothing.");
    /** Such an address could run code or read files on a person's device. */
    public static final Code UNSAFE_LINK =
            known("unsafe-link", ERROR, "Such an address could run code or read files on a person's device.");
    /** A plan only reads files in its own folder. */
    public static final Code UNSAFE_FILE = known("unsafe-file", ERROR, "A plan only reads files in its own folder.");
    /** Two bars would stand on the same edge, one on top of the other. */
    public static final Code BAR_CLASH =
            known("bar-clash", ERROR, "Two bars would stand on the same edge, one on top of the other.");
    /** Nobody can ever get there. */
    public static final Code UNREACHABLE_SCREEN = known("unreachable-screen", WARNING, "Nobody can ever get there.");
    /** People get in, but the screen shows no way out. */
    public static final Code DEAD_END = known("dead-end", WARNING, "People get in, but the screen shows no way out.");
    /** Anyone who isn't allowed in sees nothing at all. */
    public static final Code NO_WAY_ROUND =
            known("no-way-round", WARNING, "Anyone who isn't allowed in sees nothing at all.");
    /** People look for it, and some of them won't find it. */
    public static final Code REQUIRED_MISSING =
            known("required-missing", WARNING, "People look for it, and some of them won't find it.");
    /** A condition that always holds decides nothing. */
    public static final Code CONDITION_ALWAYS =
            known("condition-always", WARNING, "A condition that always holds decides nothing.");
    /** What depends on it never happens. */
    public static final Code CONDITION_NEVER = known("condition-never", WARNING, "What depends on it never happens.");
    /** Nobody ever sees the item. */
    public static final Code HIDDEN_EVERYWHERE = known("hidden-everywhere", WARNING, "Nobody ever sees the item.");
    /** The more there is to choose from, the harder the choice, and the smaller each target. */
    public static final Code TOO_MANY_ITEMS = known(
            "too-many-items",
            WARNING,
            "The more there is to choose from, the harder the choice, and the smaller each target.");
    /** A bar with one item offers no choice. */
    public static final Code ONE_ITEM = known("one-item", WARNING, "A bar with one item offers no choice.");
    /** With icons on only some items, labels don't line up and the bar looks unfinished. */
    public static final Code SOME_ICONS = known(
            "some-icons", WARNING, "With icons on only some items, labels don't line up and the bar looks unfinished.");
    /** Without a label and an icon there is nothing to see. */
    public static final Code NO_ICON =
            known("no-icon", WARNING, "Without a label and an icon there is nothing to see.");
    /** A person who doesn't see the icon is told nothing. */
    public static final Code NO_NAME = known("no-name", WARNING, "A person who doesn't see the icon is told nothing.");
    /** Items that look the same are told apart only by reading. */
    public static final Code SAME_ICON =
            known("same-icon", WARNING, "Items that look the same are told apart only by reading.");
    /** Without a filled variant the selected item is told apart by colour alone. */
    public static final Code NO_FILLED_ICON = known(
            "no-filled-icon", ADVICE, "Without a filled variant the selected item is told apart by colour alone.");
    /** More than three buttons leave no room for the title. */
    public static final Code TOO_MANY_ACTIONS =
            known("too-many-actions", WARNING, "More than three buttons leave no room for the title.");
    /** Two headers above each other take the room of the content. */
    public static final Code TWO_HEADERS =
            known("two-headers", WARNING, "Two headers above each other take the room of the content.");
    /** Who sees less well, or stands in the sun, can't read it. */
    public static final Code LOW_CONTRAST =
            known("low-contrast", WARNING, "Who sees less well, or stands in the sun, can't read it.");
    /** A motion that is too short isn't seen, and for one that is too long people wait. */
    public static final Code ODD_MOTION = known(
            "odd-motion", WARNING, "A motion that is too short isn't seen, and for one that is too long people wait.");
    /** In that scheme, the bar's middle stays empty. */
    public static final Code MISSING_LOGO =
            known("missing-logo", WARNING, "In that scheme, the bar's middle stays empty.");
    /** What could run code or load something is left out, so the icon may look otherwise. */
    public static final Code UNSAFE_ICON = known(
            "unsafe-icon",
            WARNING,
            "What could run code or load something is left out, so the icon may look otherwise.");
    /** Icons of another shape or weight than the others stand out, and not to their advantage. */
    public static final Code ODD_ICON = known(
            "odd-icon",
            WARNING,
            "Icons of another shape or weight than the others stand out, and not to their advantage.");
    /** Two drawers at one edge: nobody knows which one a swipe opens. */
    public static final Code NESTED_DRAWERS =
            known("nested-drawers", WARNING, "Two drawers at one edge: nobody knows which one a swipe opens.");
    /** What is smaller than 48 dp is hard to hit with a finger. */
    public static final Code SMALL_TARGET =
            known("small-target", WARNING, "What is smaller than 48 dp is hard to hit with a finger.");
    /** Anyone who can't tell the two colours apart doesn't see where they are. */
    public static final Code COLOUR_ALONE =
            known("colour-alone", WARNING, "Anyone who can't tell the two colours apart doesn't see where they are.");
    /** Two items with one name lead to different places: nobody can know which one is meant. */
    public static final Code AMBIGUOUS_LABEL = known(
            "ambiguous-label",
            WARNING,
            "Two items with one name lead to different places: nobody can know which one is meant.");
    /** A text for what isn't there is never shown; probably its key is misspelt. */
    public static final Code UNUSED_TEXT =
            known("unused-text", WARNING, "A text for what isn't there is never shown; probably its key is misspelt.");
    /** Where it is wanted, nothing would show. */
    public static final Code MISSING_FILE = known("missing-file", WARNING, "Where it is wanted, nothing would show.");
    /** Where it is wanted, nothing would show, or something would hang. */
    public static final Code BAD_PICTURE =
            known("bad-picture", WARNING, "Where it is wanted, nothing would show, or something would hang.");
    /** Texts would be set in another font than the app's. */
    public static final Code BAD_FONT =
            known("bad-font", WARNING, "Texts would be set in another font than the app's.");
    /** A label that is cut off has to be guessed. */
    public static final Code LABEL_TOO_WIDE =
            known("label-too-wide", WARNING, "A label that is cut off has to be guessed.");
    /** A text that is cut off has to be guessed. */
    public static final Code TEXT_CUT = known("text-cut", WARNING, "A text that is cut off has to be guessed.");
    /** What is covered or outside the window can't be read or touched. */
    public static final Code OVERLAP =
            known("overlap", WARNING, "What is covered or outside the window can't be read or touched.");
    /** People come for the content, not for the bars. */
    public static final Code LITTLE_ROOM =
            known("little-room", WARNING, "People come for the content, not for the bars.");
    /** What is meant to be at hand takes two taps. */
    public static final Code PUSHED_OUT = known("pushed-out", WARNING, "What is meant to be at hand takes two taps.");
    /** In such a window, people can't leave the screen they are on. */
    public static final Code NO_NAVIGATION =
            known("no-navigation", WARNING, "In such a window, people can't leave the screen they are on.");
    /** People look for a thing where it was on the last screen. */
    public static final Code MOVED_ITEMS =
            known("moved-items", ADVICE, "People look for a thing where it was on the last screen.");
    /** A word that can't be broken is cut off on narrow devices and in large text. */
    public static final Code LONG_WORD =
            known("long-word", ADVICE, "A word that can't be broken is cut off on narrow devices and in large text.");
    /** Characters that can't be seen change how a text reads, and can deceive. */
    public static final Code HIDDEN_CHARACTERS = known(
            "hidden-characters", WARNING, "Characters that can't be seen change how a text reads, and can deceive.");
    /** An empty text leaves a hole where people expect a word. */
    public static final Code EMPTY_TEXT =
            known("empty-text", WARNING, "An empty text leaves a hole where people expect a word.");
    /** Part of the people would read another language here. */
    public static final Code MISSING_LANGUAGE =
            known("missing-language", WARNING, "Part of the people would read another language here.");
    /** Some people may read another language here than everywhere else. */
    public static final Code ONE_LANGUAGE =
            known("one-language", ADVICE, "Some people may read another language here than everywhere else.");
    /** It reads as if it did something, and it doesn't. */
    public static final Code NO_EFFECT =
            known("no-effect", WARNING, "It reads as if it did something, and it doesn't.");
    /** What people type can't be told to it, and nothing would be looked for. */
    public static final Code FILTER_TYPE =
            known("filter-type", ERROR, "What people type can't be told to it, and nothing would be looked for.");
    /** A cap has no effect on what isn't a number. */
    public static final Code BADGE_TYPE = known("badge-type", WARNING, "A cap has no effect on what isn't a number.");
    /** What nobody uses is a leftover, or something was forgotten. */
    public static final Code UNUSED_FACT =
            known("unused-fact", ADVICE, "What nobody uses is a leftover, or something was forgotten.");
    /** Nobody sees what is in it. */
    public static final Code UNUSED_MENU = known("unused-menu", WARNING, "Nobody sees what is in it.");
    /** What nobody refers to is a leftover, or a name is misspelt. */
    public static final Code UNUSED_STYLE =
            known("unused-style", ADVICE, "What nobody refers to is a leftover, or a name is misspelt.");
    /** A file that nothing uses is a leftover, or was forgotten. */
    public static final Code UNUSED_ICON =
            known("unused-icon", ADVICE, "A file that nothing uses is a leftover, or was forgotten.");
    /** Words that are set in two fonts look patched. */
    public static final Code FONT_LACKS = known("font-lacks", ADVICE, "Words that are set in two fonts look patched.");
    /** It accepts nothing, and would hide a new finding. */
    public static final Code UNUSED_ACCEPTANCE =
            known("unused-acceptance", ADVICE, "It accepts nothing, and would hide a new finding.");

    private final String id;
    private final Severity severity;
    private final String why;

    private Code(String id, Severity severity, String why) {
        this.id = id;
        this.severity = severity;
        this.why = why;
    }

    private static Code known(String id, Severity severity, String why) {
        var code = new Code(id, severity, why);
        KNOWN.put(id, code);
        return code;
    }

    /**
     * The code of a rule of one's own.
     *
     * @param id lower case words with hyphens, {@code too-many-tabs}; none of the library's own
     * @param severity how much it matters
     * @param why why it matters, in one sentence
     */
    public static Code own(String id, Severity severity, String why) {
        if (!isId(id)) {
            throw new IllegalArgumentException("\"" + id + "\" is not a code: write lower case words with hyphens");
        }
        if (KNOWN.containsKey(id)) {
            throw new IllegalArgumentException("\"" + id + "\" is a code of the library; choose another");
        }
        return new Code(id, severity, why);
    }

    /** Words of lower case letters and digits with hyphens between them; pages have no regular expressions, which are large. */
    private static boolean isId(String id) {
        boolean isPlain = id.chars().allMatch(c -> c == '-' || c >= 'a' && c <= 'z' || c >= '0' && c <= '9');
        return isPlain && !id.isEmpty() && !id.startsWith("-") && !id.endsWith("-") && !id.contains("--");
    }

    /** The library's own codes. */
    public static List<Code> values() {
        return List.copyOf(KNOWN.values());
    }

    /** How much it matters. */
    public Severity severity() {
        return severity;
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return why;
    }

    /** The code of the library with this id. */
    public static Optional<Code> of(String id) {
        return Optional.ofNullable(KNOWN.get(id));
    }

    /** The code as reports write it: {@code unknown-screen}. */
    public String id() {
        return id;
    }

    /** Codes are the same if their ids are. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Code code && code.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
