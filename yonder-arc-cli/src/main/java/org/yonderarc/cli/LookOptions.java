package org.yonderarc.cli;

import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Scheme;
import org.yonderarc.tasks.ViewOptions;
import picocli.CommandLine.Option;

/** The options that say what is looked at, and on what. */
final class LookOptions {

    @Option(
            names = "--screen",
            paramLabel = "PLACE",
            description = "Where the person is: surveys, or survey?survey=41. Default: the start screen.")
    private Optional<String> screen = Optional.empty();

    @Option(
            names = "--device",
            paramLabel = "NAME",
            description = "A preset such as phone (default), tablet or desktop, or a size: 800x1180.")
    private String device = Device.PHONE.id();

    @Option(names = "--scheme", paramLabel = "NAME", description = "light (default) or dark.")
    private String scheme = Scheme.LIGHT.word();

    @Option(names = "--more-contrast", description = "As for people who want more contrast.")
    private boolean moreContrast;

    @Option(names = "--language", paramLabel = "TAG", description = "The language: de, ar. Default: the plan's first.")
    private String language = "";

    @Option(names = "--text-scale", paramLabel = "N", description = "How much larger texts are, 0.8 to 3. Default: 1.")
    private double textScale = 1;

    @Option(names = "--scroll", paramLabel = "DP", description = "How far the content is scrolled. Default: 0.")
    private double scroll;

    @Option(
            names = "--touch",
            paramLabel = "STATE:ITEM",
            description = "The state of an item: hover:map, pressed:map or focused:map.")
    private String touch = "";

    @Option(names = "--open", paramLabel = "BAR", description = "The bar whose drawer or overflow is open.")
    private String open = "";

    @Option(names = "--collapse", paramLabel = "BAR", description = "The bar that is collapsed to icons.")
    private String collapse = "";

    /** What {@code --collapse} was called in earlier versions. */
    @Option(names = "--fold", hidden = true)
    private String fold = "";

    @Option(names = "--tell", paramLabel = "FACT=VALUE", description = "The value of a fact; may be given many times.")
    private List<String> facts = List.of();

    ViewOptions options() {
        var options = ViewOptions.builder()
                .device(device)
                .scheme(scheme)
                .moreContrast(moreContrast)
                .language(language)
                .textScale(textScale)
                .scroll(scroll)
                .touch(touch)
                .open(open)
                .collapse(collapse.isEmpty() ? fold : collapse)
                .tell(facts);
        screen.ifPresent(options::screen);
        return options.build();
    }
}
