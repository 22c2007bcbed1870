package org.yonderarc.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.AccessTree;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.walk.Effect;

/** Plays a script in a host and in none, and compares: where the person is, what was opened, what is heard and what is seen. */
public final class Agreement {
    /** What is heard as one name, whatever is in it. */
    private static final Set<Access.Role> WHOLE =
            EnumSet.of(Access.Role.TEXT, Access.Role.LINK, Access.Role.BUTTON, Access.Role.HEADING);

    private Agreement() {}

    /** Keeps two pictures that differ, for a person to look at. */
    @FunctionalInterface
    public interface Keeper {
        /**
         * Keeps them.
         *
         * @param name what it is a moment of
         */
        void keep(String name, Raster expected, Raster shown) throws IOException;
    }

    /**
     * Compares a host with the reference.
     *
     * @param painter makes the picture of a scene, a pixel for each dp
     * @return what is seen otherwise in the host; what differs in another way fails at once
     */
    public static List<String> outliers(
            Script script, Reference reference, Host host, Function<Scene, Raster> painter, Keeper keeper)
            throws IOException {
        var outliers = new ArrayList<String>();
        int number = 0;
        for (Script.Moment moment : script.moments()) {
            if (moment.does().isPresent()) {
                Input input = moment.does().get();
                reference.take(input, moment.at());
                host.take(input, moment.at());
                host.reaches(reference.state());
                assertEquals(addresses(reference.effects()), host.opened(), script.name());
                continue;
            }
            host.frame(reference, moment.at());
            Stage stage = reference.stage();
            Scene scene = stage.scene(moment.at());
            Raster expected = painter.apply(scene);
            Raster shown = host.shown();
            String name = script.name() + "-" + number++;
            Optional<String> what = Pixels.differ(expected, shown);
            if (what.isPresent()) {
                outliers.add(name + ": " + what.get() + " (" + script.around() + ")");
                keeper.keep(name, expected, shown);
            }
            if (scene == stage.still()) {
                assertEquals(names(stage.tree()), outside(host.names(), stage.tree()), script.name());
            }
        }
        return outliers;
    }

    private static List<String> addresses(List<Effect> effects) {
        return effects.stream()
                .filter(Effect.OpenWeb.class::isInstance)
                .map(effect -> ((Effect.OpenWeb) effect).address())
                .toList();
    }

    /** What is heard: the names of all that has one by itself, by their paths. A field's has what it holds in it. */
    private static Map<String, String> names(AccessTree tree) {
        var names = new TreeMap<String, String>();
        tree.all().stream()
                .filter(part -> part.role() != Access.Role.TEXT && part.role() != Access.Role.FIELD)
                .filter(part -> !part.name().isEmpty())
                .forEach(part -> names.put(part.path(), part.name()));
        return names;
    }

    /** The host's names, without those within something that is heard as one. */
    private static Map<String, String> outside(Map<String, String> names, AccessTree tree) {
        var outside = new TreeMap<>(names);
        outside.keySet().removeIf(path -> tree.all().stream()
                .filter(part -> WHOLE.contains(part.role()))
                .anyMatch(part -> path.startsWith(part.path() + "/")));
        return outside;
    }
}
