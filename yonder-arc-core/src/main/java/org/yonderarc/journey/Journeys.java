package org.yonderarc.journey;

import java.util.List;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Reference;
import org.yonderarc.codec.Schemas;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/**
 * The result of reading a file of journeys.
 *
 * @param list the journeys in order; none where there are errors
 * @param findings everything noticed; never null, may be empty
 */
public record Journeys(List<Journey> list, List<Finding> findings) {
    public Journeys {
        list = List.copyOf(list);
        findings = List.copyOf(findings);
    }

    /** Reads journeys from a tree. */
    public static Journeys read(Value root) {
        var context = new Context("the file of journeys");
        List<Journey> list = JourneyShape.FILE
                .read(root, context)
                .map(JourneyShape.JourneyFileContent::list)
                .orElse(List.of());
        return new Journeys(
                Finding.anyError(context.findings().list()) ? List.of() : list,
                context.findings().list());
    }

    /** The JSON Schema (draft 2020-12) of files of journeys. */
    public static MapValue schema() {
        return Schemas.of(JourneyShape.FILE, "urn:yonder-arc:journeys:1", "Yonder Arc journeys");
    }

    /** The reference as Markdown: a heading and a table of keys for each shape. */
    public static String reference() {
        return Reference.markdown(JourneyShape.FILE);
    }
}
