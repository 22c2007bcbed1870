package org.yonderarc.bind;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.FieldValues;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Schemas;
import org.yonderarc.codec.Shape;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Target;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;

/** The keys that say what choosing an item does, of which it has exactly one of five. */
final class TargetFields {
    private final Field<Item, Optional<Place>> screen;
    private final Field<Item, Boolean> goes;
    private final Field<Item, Optional<String>> web;
    private final Field<Item, Target.OpenIn> opens;
    private final Field<Item, Optional<String>> document;
    private final Field<Item, Optional<String>> signal;
    private final Field<Item, Optional<Target.ToFact>> tells;

    /** Adds the keys to the shape of items. */
    TargetFields(Shape<Item> shape) {
        this.screen = shape.optional(
                "screen",
                PlanCodecs.PLACE,
                item -> item.target() instanceof Target.ToScreen to ? Optional.of(to.place()) : Optional.empty(),
                "The screen it leads to, with parameters if it takes any: survey?survey=41.");
        this.goes = shape.field(
                "navigates",
                Codecs.FLAG,
                item -> !(item.target() instanceof Target.ToScreen to) || to.navigates(),
                true,
                "Whether the person goes to the screen; if not, the app is only told.");
        this.web = shape.optional(
                "web",
                Codecs.TEXT,
                item -> item.target() instanceof Target.ToWeb to ? Optional.of(to.address()) : Optional.empty(),
                "The web address it leads to.");
        this.opens = shape.field(
                "open-in",
                Codecs.choice(Target.OpenIn.values()),
                item -> item.target() instanceof Target.ToWeb to ? to.openIn() : Target.OpenIn.BROWSER,
                Target.OpenIn.BROWSER,
                "Where a web address opens: inside the app or in the person's browser.");
        this.document = shape.optional(
                "document",
                PlanCodecs.FILE,
                item -> item.target() instanceof Target.ToDocument to ? Optional.of(to.file()) : Optional.empty(),
                "The document or media file it leads to, inside of the plan's folder.");
        this.signal = shape.optional(
                "signal",
                PlanCodecs.ID,
                item -> item.target() instanceof Target.ToApp to ? Optional.of(to.name()) : Optional.empty(),
                "The signal it sends to the app.");
        this.tells = shape.optional(
                "sets",
                FactShape.TOLD,
                item -> item.target() instanceof Target.ToFact to ? Optional.of(to) : Optional.empty(),
                "The fact that it sets, and to what; the item shows as selected while the fact has that value.");
        shape.schemaRule(
                "oneOf",
                Trees.list(Stream.of(screen, web, document, signal, tells)
                        .map(target -> Schemas.requires(target.key()))
                        .collect(toList())));
    }

    /** The key of the screen, for items that are written as its id alone. */
    Field<Item, Optional<Place>> screen() {
        return screen;
    }

    /** Where the item leads; no value where it names no target or several, which is reported. */
    Optional<Target> of(FieldValues got) {
        List<String> targets = Stream.of(screen, web, document, signal, tells)
                .filter(got::has)
                .map(Field::key)
                .collect(toList());
        if (targets.size() != 1) {
            refuse(targets, got);
            return Optional.empty();
        }
        if (!got.has(screen)) {
            got.idle(goes, "the item leads to no screen");
        }
        if (!got.has(web)) {
            got.idle(opens, "the item leads to no web address");
        }
        if (got.has(screen)) {
            return Optional.of(new Target.ToScreen(got.get(screen).orElseThrow(), got.get(goes)));
        }
        if (got.has(web)) {
            return Optional.of(new Target.ToWeb(got.get(web).orElseThrow(), got.get(opens)));
        }
        if (got.has(tells)) {
            return got.get(tells).map(to -> to);
        }
        return Optional.of(
                got.has(document)
                        ? new Target.ToDocument(got.get(document).orElseThrow())
                        : new Target.ToApp(got.get(signal).orElseThrow()));
    }

    private static void refuse(List<String> targets, FieldValues got) {
        boolean wasReported = targets.isEmpty()
                && got.source() instanceof MapValue map
                && Stream.of("screen", "web", "document", "signal", "sets")
                        .anyMatch(key -> map.entry(key).isPresent());
        if (!wasReported && got.source() instanceof MapValue) {
            got.context()
                    .report(
                            targets.isEmpty() ? Code.MISSING_KEY : Code.BAD_VALUE,
                            got.source().spot(),
                            targets.isEmpty()
                                    ? "The item leads nowhere."
                                    : "The item has more than one of " + String.join(", ", targets) + ".",
                            "Give it one of \"screen\", \"web\", \"document\", \"signal\" and \"sets\".");
        }
    }
}
