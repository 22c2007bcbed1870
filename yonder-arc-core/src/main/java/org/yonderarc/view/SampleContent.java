package org.yonderarc.view;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedContent;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.form.FitContext;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.plan.Words;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * Fits the sample content of a screen: its texts in a language, without the rows whose conditions don't hold. A screen of one
 * thing has the name of the row that leads there, and so its picture. What the plan says of another thing stays as the sample
 * that it is.
 */
final class SampleContent {
    private final Walk walk;
    private final Plan plan;
    private final Place place;
    private final State state;
    private final String language;

    private SampleContent(Walk walk, Place place, State state, String language) {
        this.walk = walk;
        this.plan = walk.plan();
        this.place = place;
        this.state = state;
        this.language = language;
    }

    /** What a screen shows at a place. */
    static FittedContent of(Walk walk, Place place, Screen screen, State state, String language) {
        Wireframe sample = screen.wireframe();
        return sample.rows().isEmpty() && sample.kind() == Wireframe.Kind.EMPTY
                ? FittedContent.EMPTY
                : new FittedContent(
                        sample.kind(), new SampleContent(walk, place, state, language).rows(sample, screen));
    }

    private List<FittedRow> rows(Wireframe sample, Screen screen) {
        boolean isOfOne = sample.kind() == Wireframe.Kind.DETAIL || sample.kind() == Wireframe.Kind.MEDIA;
        Optional<Row> leading =
                !isOfOne || sample.rows().isEmpty() || place.parameters().isEmpty()
                        ? Optional.empty()
                        : leading(screen)
                                .filter(row -> !seed(sample.rows().get(0)).startsWith(seed(row)));
        List<Row> rows = new ArrayList<>(sample.rows());
        leading.ifPresent(row -> {
            Row head = rows.get(0);
            rows.set(0, new Row(row.title(), row.note(), head.value(), head.screen(), head.when()));
        });
        return rows.stream()
                .filter(row -> row.when()
                        .map(condition -> condition.holds(state.facts()))
                        .orElse(true))
                .map(this::fitted)
                .collect(toList());
    }

    /** The first row that leads to the place; those of the screen above come first. */
    private Optional<Row> leading(Screen screen) {
        return screen.under()
                .flatMap(plan.screens()::find)
                .flatMap(this::leadingIn)
                .or(() -> plan.screens().stream()
                        .flatMap(any -> leadingIn(any).stream())
                        .findFirst());
    }

    private Optional<Row> leadingIn(Screen screen) {
        return screen.wireframe().rows().stream()
                .filter(row -> row.screen().filter(place::equals).isPresent())
                .findFirst();
    }

    private FittedRow fitted(Row row) {
        return new FittedRow(
                said(row.title(), language),
                said(row.note(), language),
                said(row.value(), language),
                seed(row),
                row.screen(),
                row.screen().map(walk::addressOf));
    }

    private String seed(Row row) {
        return said(row.title(), plan.app().language());
    }

    private String said(Words words, String language) {
        return FitContext.filled(words, place, state, language);
    }
}
