package org.yonderarc.cli;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;
import picocli.CommandLine.Option;

/** The options that say what is looked at, and on what. */
final class LookOptions {
    @Option(
            names = "--screen",
            paramLabel = "PLACE",
            description = "Where the person is: surveys, or survey?survey=41. Default: the start screen.")
    private Optional<String> screen = Optional.empty();

    @Option(names = "--device", paramLabel = "NAME", description = "phone (default), phone-small or phone-large.")
    private String device = Device.PHONE.id();

    @Option(names = "--scheme", paramLabel = "NAME", description = "light (default) or dark.")
    private String scheme = Scheme.LIGHT.word();

    @Option(names = "--tell", paramLabel = "FACT=VALUE", description = "The value of a fact; may be given many times.")
    private List<String> facts = List.of();

    View view(Walk walk, TextMeasure measure) throws Refusal {
        Device on = Device.preset(device)
                .orElseThrow(() -> new Refusal("there is no device \"" + device + "\". "
                        + Suggestion.sentence(device, Device.presetNames(), choose(Device.presetNames()))));
        List<String> schemes = Arrays.stream(Scheme.values()).map(Scheme::word).toList();
        Scheme chosen = Scheme.of(scheme)
                .orElseThrow(() -> new Refusal("there is no scheme \"" + scheme + "\". "
                        + Suggestion.sentence(scheme, schemes, choose(schemes))));
        return new View(walk, on, Palette.of(walk.plan().theme(), chosen), measure);
    }

    State state(Walk walk) throws Refusal {
        State state = walk.start();
        for (String fact : facts) {
            state = walk.step(state, tell(walk.plan(), fact)).after();
        }
        try {
            return screen.isEmpty() ? state : walk.arriveAt(state, Place.parse(screen.get()));
        } catch (IllegalArgumentException wrong) {
            throw new Refusal("--screen: " + wrong.getMessage());
        }
    }

    private static org.yonderarc.walk.Step tell(Plan plan, String fact) throws Refusal {
        try {
            return Steps.tell(plan, fact);
        } catch (IllegalArgumentException wrong) {
            throw new Refusal("--tell: " + wrong.getMessage());
        }
    }

    private static String choose(List<String> names) {
        return "Choose " + Suggestion.choice(names) + ".";
    }
}
