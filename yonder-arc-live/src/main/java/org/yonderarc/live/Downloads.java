package org.yonderarc.live;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.eclipse.jetty.util.Fields;
import org.yonderarc.files.PlanFile;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.DrawTask;
import org.yonderarc.tasks.ExportTask;
import org.yonderarc.tasks.FilmTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.InvalidRequestException;
import org.yonderarc.tasks.MapTask;
import org.yonderarc.tasks.MeasureTask;
import org.yonderarc.tasks.PageTask;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.SheetTask;
import org.yonderarc.tasks.Task;
import org.yonderarc.tasks.ViewOptions;

/** What people take away: the same that the command makes, as a file to keep. */
final class Downloads {
    /** What of a request stands in the name of a file. */
    private static final List<String> NAMED = List.of(
            "screen",
            "device",
            "scheme",
            "language",
            "text-scale",
            "open",
            "collapse",
            "across",
            "down",
            "part",
            "scale",
            "touch");

    /** The longest name of a file, in characters. */
    private static final int LONGEST_NAME = 120;

    private final LivePlan plan;
    private final Fields query;

    Downloads(LivePlan plan, Fields query) {
        this.plan = plan;
        this.query = query;
    }

    /**
     * Makes what is asked for.
     *
     * @throws Site.Bad with the reason, if that can't be made
     */
    Download make() throws Site.Bad {
        String what = value("what");
        Format format = Format.ofName("." + value("as")).orElseThrow(Downloads::unknown);
        // As the plan is in its file, and not as it was when it had no errors last.
        LivePlan.Now now = plan.now();
        if (!now.trouble().isEmpty()) {
            throw new Site.Bad(409, now.trouble());
        }
        PlanFile read = now.read();
        if (read.plan().isEmpty()) {
            throw new Site.Bad(409, "The plan has errors; nothing was made of it. Fix them first.");
        }
        try {
            Artifact made = task(what, format).run(Project.of(read, plan.assets()));
            return new Download(format.mediaType(), Optional.of(name(what, format)), made.bytes());
        } catch (InvalidRequestException wrong) {
            throw new Site.Bad(409, wrong.sentence());
        }
    }

    private static Site.Bad unknown() {
        return new Site.Bad(400, "Nothing of this kind is made.");
    }

    private Task<Artifact> task(String what, Format format) throws Site.Bad {
        return switch (what) {
            case "page" -> {
                if (format != Format.HTML) {
                    throw unknown();
                }
                yield PageTask.builder().build();
            }
            case "draw" ->
                DrawTask.builder().view(view()).picture(picture(format)).build();
            case "map" ->
                MapTask.builder().view(view()).picture(picture(format)).build();
            case "sheet" -> {
                var task = SheetTask.builder().view(view()).picture(picture(format));
                given("across", task::across);
                given("down", task::down);
                given("part", task::bar);
                yield task.build();
            }
            case "measure" ->
                MeasureTask.builder()
                        .view(view())
                        .bar(words().stream().findFirst().orElse(""))
                        .format(format)
                        .build();
            case "film" -> {
                var task = FilmTask.builder().view(view()).steps(words()).format(format);
                number("scale", task::scale);
                yield task.build();
            }
            case "export" -> ExportTask.builder().format(format).build();
            default -> throw unknown();
        };
    }

    private PictureOptions picture(Format format) {
        return number("scale", PictureOptions.of(format)::scale).orElse(PictureOptions.of(format));
    }

    private ViewOptions view() {
        var view = ViewOptions.builder().tell(query.getValuesOrEmpty("tell"));
        given("screen", view::screen);
        given("device", view::device);
        given("scheme", view::scheme);
        given("language", view::language);
        given("open", view::open);
        given("collapse", view::collapse);
        given("touch", view::touch);
        number("text-scale", view::textScale);
        return view.build();
    }

    private List<String> words() {
        return query.getValuesOrEmpty("word");
    }

    private String value(String name) {
        return Site.value(query, name);
    }

    private void given(String name, Consumer<String> option) {
        if (!value(name).isEmpty()) {
            option.accept(value(name));
        }
    }

    private <T> Optional<T> number(String name, DoubleFunction<T> option) {
        if (value(name).isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(option.apply(Double.parseDouble(value(name))));
        } catch (NumberFormatException none) {
            throw new InvalidRequestException(name, "\"" + value(name) + "\" is not a number.");
        }
    }

    /** Different things have different names: what was asked for stands in them. */
    private String name(String what, Format format) {
        // A class is named as its file.
        if (format == Format.JAVA) {
            return "Places.java";
        }
        String file = plan.file().getFileName().toString();
        String base = file.contains(".") ? file.substring(0, file.lastIndexOf('.')) : file;
        var name = new StringBuilder(base);
        if (!what.equals("page")) {
            name.append('-').append(what);
            Stream.concat(words().stream(), NAMED.stream().map(this::value))
                    .map(value -> value.replaceAll("[^A-Za-z0-9.]+", "-").replaceAll("^-|-$", ""))
                    .filter(value -> !value.isEmpty())
                    .forEach(value -> name.append('-').append(value));
        }
        return name.substring(0, Math.min(name.length(), LONGEST_NAME)) + "." + format.extension();
    }
}
