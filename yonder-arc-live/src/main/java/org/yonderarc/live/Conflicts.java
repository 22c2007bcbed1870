package org.yonderarc.live;

import java.util.List;
import java.util.Optional;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.Things;
import org.yonderarc.files.PlanFile;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Plans that pages have seen, and what of them somebody has changed since. */
final class Conflicts {
    private final BoundedMap<Plan> remembered;

    /** With the last so many plans. */
    Conflicts(int most) {
        remembered = new BoundedMap<>(most);
    }

    /** Keeps a plan under the digest of its text. */
    void remember(String digest, Plan plan) {
        remembered.put(digest, plan);
    }

    /**
     * Why a change isn't made that a page asks for that has seen another plan: somebody has changed the same.
     *
     * @param base the digest of the text that the page has seen; empty where it doesn't say
     * @param digest the one of the text as it is now
     */
    Optional<String> of(String base, String digest, PlanFile read, List<Value> operations) {
        if (base.isEmpty() || base.equals(digest)) {
            return Optional.empty();
        }
        Optional<Plan> seen = remembered.get(base);
        Optional<Plan> current = read.plan();
        if (seen.isEmpty() || current.isEmpty()) {
            return Optional.of("The plan was changed meanwhile. Look at it as it is now, and try again.");
        }
        Things then = Things.of(seen.get());
        Things now = Things.of(current.get());
        return operations.stream()
                .filter(operation -> !subject(then, operation).equals(subject(now, operation)))
                .findFirst()
                .map(operation -> "Somebody else has changed \"" + Json.text(operation, "thing")
                        + "\" meanwhile; nothing was overwritten. Look at it as it is now, and try again.");
    }

    private static Optional<Value> subject(Things things, Value operation) {
        String thing = Json.text(operation, "thing");
        if (thing.isEmpty()) {
            return Optional.empty();
        }
        try {
            String key = Json.text(operation, "key");
            return things.value(things.pointer(thing) + (key.isEmpty() ? "" : "/" + key))
                    .map(Trees::pointed);
        } catch (EditException isGone) {
            return Optional.empty();
        }
    }
}
