package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Titles;

/** Plans are untrusted: where their links and files may point. */
final class SafetyRules {
    private static final List<String> SCHEMES = List.of("http", "https", "mailto", "tel");

    private SafetyRules() {}

    static void links(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            if (placed.item().target() instanceof Target.ToWeb web) {
                // An entry of a list fills its holes, percent-encoded.
                boolean isFilled = placed.item().repeat().isPresent();
                Target shown = isFilled ? web.filled(name -> Optional.of("x")) : web;
                link(subject, ((Target.ToWeb) shown).address(), placed.pointer() + "/web");
            }
        }
    }

    /** Web pages that are places: a whole address, whatever its parameters are. */
    static void pages(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            screen.web().ifPresent(address -> {
                String pointer = Subject.screen(screen, "web");
                List<String> names = screen.path().names();
                address.holes().stream()
                        .filter(hole -> !names.contains(hole))
                        .forEach(hole -> subject.tell(
                                Code.UNKNOWN_PARAMETER,
                                pointer,
                                "The path " + screen.path() + " of " + Titles.of(subject.plan(), screen)
                                        + " has no parameter {" + hole + "}.",
                                Suggestion.sentence(hole, names, "Add it to the path.")));
                String filled = address.fill(hole -> Optional.of("x"));
                if (filled.startsWith("http://") || filled.startsWith("https://")) {
                    link(subject, filled, pointer);
                } else {
                    subject.tell(
                            Code.UNSAFE_LINK,
                            pointer,
                            "\"" + address.source() + "\" is not an address of a web page.",
                            "Write it with its scheme: \"https://...\".");
                }
            });
        }
    }

    private static void link(Subject subject, String address, String pointer) {
        int colon = address.indexOf(':');
        String scheme = colon < 0 ? "" : address.substring(0, colon).toLowerCase(Locale.ROOT);
        List<String> allowed = new ArrayList<>(SCHEMES);
        allowed.addAll(subject.plan().app().linkSchemes());
        boolean plain = address.chars().allMatch(c -> c > ' ' && c < 127 && "\"<>\\^`{|}".indexOf(c) < 0);
        boolean web = scheme.equals("http") || scheme.equals("https");
        boolean hasHost = !web || address.regionMatches(colon + 1, "//", 0, 2) && address.length() > colon + 3;
        if (colon < 0 || !allowed.contains(scheme)) {
            subject.tell(
                    Code.UNSAFE_LINK,
                    pointer,
                    colon < 0
                            ? "\"" + address + "\" is not a full address."
                            : "Links with \"" + scheme + ":\" are not allowed.",
                    colon < 0
                            ? "Write it with its scheme: \"https://...\"."
                            : "Use one of " + String.join(", ", allowed)
                                    + ", or list the scheme in \"app: { link-schemes: [ ... ] }\".");
        } else if (!plain || !hasHost) {
            subject.tell(
                    Code.UNSAFE_LINK,
                    pointer,
                    "\"" + address + "\" is not a proper address.",
                    "Write it as a browser shows it, other characters percent-encoded.");
        }
    }

    static void files(Subject subject) {
        subject.mentioned().files.forEach(at -> {
            if (isThere(subject, at.value(), at.pointer())) {
                picture(subject, at.value(), at.pointer());
            }
        });
        subject.mentioned().fonts.forEach(at -> {
            if (isThere(subject, at.value(), at.pointer())) {
                FontRules.file(subject, at.value(), at.pointer());
            }
        });
    }

    /** A relative path that stays inside of the plan's folder on every system. */
    private static boolean isThere(Subject subject, String file, String pointer) {
        boolean plain =
                !file.isBlank() && file.chars().noneMatch(c -> c < ' ' || c == 127 || "\\:*?\"<>|".indexOf(c) >= 0);
        boolean inside = !file.startsWith("/") && !List.of(file.split("/", -1)).contains("..");
        if (!plain || !inside) {
            subject.tell(
                    Code.UNSAFE_FILE,
                    pointer,
                    "\"" + file + "\" is not a file inside of the plan's folder.",
                    "Write a path below the plan, with forward slashes: \"pictures/crew.png\".");
        } else if (!subject.files().has(file)) {
            subject.tell(
                    Code.MISSING_FILE,
                    pointer,
                    "There is no file \"" + file + "\" in the plan's folder.",
                    "Put it there, or correct the name; links that lead out of the folder don't count.");
        } else {
            return true;
        }
        return false;
    }

    private static void picture(Subject subject, String file, String pointer) {
        subject.files()
                .trouble(file)
                .ifPresent(trouble -> subject.tell(
                        Code.BAD_PICTURE,
                        pointer,
                        "The picture \"" + file + "\" isn't shown as it is: " + trouble + ".",
                        "Save it again as a PNG, a JPEG or an SVG of plain paths."));
    }
}
