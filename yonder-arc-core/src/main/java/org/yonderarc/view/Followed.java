package org.yonderarc.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Wireframe;

/**
 * Sample content that follows the row that leads there: a screen of one thing has the name of the thing that was chosen, and
 * so its picture. What the plan says of another thing stays as the sample that it is.
 */
final class Followed {
    private Followed() {}

    static Wireframe content(Plan plan, Place place, Screen screen) {
        Wireframe sample = screen.wireframe();
        boolean isOfOne = sample.kind() == Wireframe.Kind.DETAIL || sample.kind() == Wireframe.Kind.MEDIA;
        if (!isOfOne || sample.rows().isEmpty() || place.parameters().isEmpty()) {
            return sample;
        }
        return row(plan, place, screen)
                .filter(row -> !sample.rows().get(0).title().startsWith(row.title()))
                .map(row -> headed(sample, row))
                .orElse(sample);
    }

    /** The first row that leads to a place; those of the screen above come first. */
    private static Optional<Row> row(Plan plan, Place place, Screen screen) {
        return screen.under()
                .flatMap(plan.screens()::find)
                .flatMap(above -> row(above, place))
                .or(() -> plan.screens().stream()
                        .flatMap(any -> row(any, place).stream())
                        .findFirst());
    }

    private static Optional<Row> row(Screen screen, Place place) {
        return screen.wireframe().rows().stream()
                .filter(row -> row.to().filter(place::equals).isPresent())
                .findFirst();
    }

    private static Wireframe headed(Wireframe sample, Row row) {
        List<Row> rows = new ArrayList<>(sample.rows());
        Row head = rows.get(0);
        rows.set(0, new Row(row.title(), row.note(), head.value(), head.to(), head.when()));
        return new Wireframe(sample.kind(), rows);
    }
}
