package org.yonderarc.check;

import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Code;

/** The plan's own icons: safe, of one shape, and used. */
final class IconRules {
    private IconRules() {}

    static void own(Subject subject) {
        for (String name : subject.icons().own()) {
            List<String> unsafe = subject.icons().unsafe(name);
            List<String> odd = subject.icons().odd(name);
            Optional<String> pointer = subject.mentioned().icons.stream()
                    .filter(at -> at.value().equals(name))
                    .map(Mentioned.At::pointer)
                    .findFirst();
            if (pointer.isEmpty()) {
                subject.tell(
                        Code.UNUSED_ICON,
                        "/screens",
                        "Nothing uses the icon \"" + name + "\" of the folder \"icons\".",
                        "Use it, or remove the file.");
                continue;
            }
            if (!unsafe.isEmpty()) {
                subject.tell(
                        Code.UNSAFE_ICON,
                        pointer.get(),
                        "The icon \"" + name + "\" holds " + String.join(", ", unsafe) + ".",
                        "Save it again as plain shapes; everything else was left out.");
            }
            if (!odd.isEmpty()) {
                subject.tell(
                        Code.ODD_ICON,
                        pointer.get(),
                        "The icon \"" + name + "\" is unlike the others: " + String.join(", ", odd) + ".",
                        "Draw it as few shapes on a square, 24 by 24 is usual.");
            }
        }
    }
}
