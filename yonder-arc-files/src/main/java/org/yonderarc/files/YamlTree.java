package org.yonderarc.files;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.common.Anchor;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.common.SpecVersion;
import org.snakeyaml.engine.v2.events.AliasEvent;
import org.snakeyaml.engine.v2.events.CollectionEndEvent;
import org.snakeyaml.engine.v2.events.CollectionStartEvent;
import org.snakeyaml.engine.v2.events.DocumentStartEvent;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.events.MappingStartEvent;
import org.snakeyaml.engine.v2.events.NodeEvent;
import org.snakeyaml.engine.v2.events.ScalarEvent;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.Tag;
import org.snakeyaml.engine.v2.resolver.CoreScalarResolver;
import org.snakeyaml.engine.v2.resolver.ScalarResolver;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Code;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Reads YAML 1.2 into the neutral tree, scalars resolved by the core schema (YAML 1.2.2, section 10.3). */
public final class YamlTree {
    private static final String QUOTES = "Put texts that hold \": \", \"#\", brackets or braces in quotes.";

    /** The shortest text of any number of IEEE 754 is shorter; longer ones only cost time. */
    private static final int LONGEST_NUMBER = 64;

    /** So many tabs between two tokens are read; the parser has to begin anew for each. */
    private static final int MOST_TABS = 50;

    /** The tags of the core schema, and the one that says "a text" (YAML 1.2.2, sections 10.3 and 6.8.2). */
    private static final Set<String> TAGS = Set.of(
            "!",
            Tag.STR.getValue(),
            Tag.INT.getValue(),
            Tag.FLOAT.getValue(),
            Tag.BOOL.getValue(),
            Tag.NULL.getValue(),
            Tag.MAP.getValue(),
            Tag.SEQ.getValue());

    private static final ReadBefore BEFORE = new ReadBefore();

    private final ScalarResolver resolver = new CoreScalarResolver();
    private final TreeBuilder tree = new TreeBuilder();
    private final Map<Anchor, Value> anchors = new HashMap<>();
    /** The anchors of the open collections, innermost last; empty for one without. */
    private final java.util.ArrayDeque<Optional<Anchor>> open = new java.util.ArrayDeque<>();

    /** Where the parser gave up, as an index into the text; -1 where it did not. */
    private int problem = -1;

    private YamlTree() {}

    /**
     * Reads a text.
     *
     * @throws ParseException if it is no YAML, or too much of it
     */
    public static Value parse(String text) throws ParseException {
        Optional<Value> known = BEFORE.tree(text);
        if (known.isPresent()) {
            return known.get();
        }
        Value read = withTabs(text);
        BEFORE.keep(text, read);
        return read;
    }

    /** A tab may stand between two tokens (YAML 1.2.2, section 6.2), which the parser takes for a fault. It indents nothing. */
    private static Value withTabs(String text) throws ParseException {
        String now = text;
        for (int tabs = 0; ; tabs++) {
            var reader = new YamlTree();
            try {
                return reader.read(now);
            } catch (ParseException wrong) {
                int at = reader.problem;
                boolean isTab = at >= 0 && at < now.length() && now.charAt(at) == '\t';
                if (!isTab || tabs == MOST_TABS || isIndentation(now, at)) {
                    throw wrong;
                }
                now = now.substring(0, at) + " " + now.substring(at + 1);
            }
        }
    }

    private static boolean isIndentation(String text, int at) {
        int end = text.indexOf('\n', at);
        return text.substring(text.lastIndexOf('\n', at) + 1, at).isBlank()
                && !text.substring(at, end < 0 ? text.length() : end).isBlank();
    }

    private Value read(String text) throws ParseException {
        var settings = LoadSettings.builder()
                .setCodePointLimit((int) SourceText.LARGEST)
                .setUseMarks(true)
                // One buffer for the whole text: the reader of 2.9 fails where a surrogate pair lies across its end.
                .setBufferSize(text.length() + 2)
                .build();
        boolean started = false;
        try {
            for (Event event : new Parse(settings).parseString(text)) {
                if (event instanceof DocumentStartEvent start) {
                    version(start);
                    if (started) {
                        throw new ParseException(
                                Code.SYNTAX,
                                at(event.getStartMark(), 3),
                                "A second document starts here.",
                                "Keep one plan in one file, without \"---\" between.");
                    }
                    started = true;
                } else {
                    take(event);
                }
            }
        } catch (MarkedYamlEngineException wrong) {
            Optional<Mark> mark = wrong.getProblemMark().or(wrong::getContextMark);
            problem = mark.map(Mark::getIndex)
                    .map(index -> text.offsetByCodePoints(0, Math.min(index, text.codePointCount(0, text.length()))))
                    .orElse(-1);
            String context = wrong.getContext() == null ? "" : ", " + wrong.getContext();
            throw new ParseException(
                    Code.SYNTAX,
                    at(mark, 1),
                    "This is not YAML: " + wrong.getProblem() + context + ".",
                    "Look at this line and the one above it. " + QUOTES);
        } catch (YamlEngineException wrong) {
            throw new ParseException(
                    Code.SYNTAX, at(Optional.empty(), 1), "This is not YAML: " + wrong.getMessage() + ".", QUOTES);
        }
        if (tree.isEmpty()) {
            throw new ParseException(
                    Code.SYNTAX,
                    new Spot("", 1, 1, 1),
                    "The file is empty.",
                    "Start it with \"yonder: 1\" and the keys app, screens and menus.");
        }
        return tree.root();
    }

    private void version(DocumentStartEvent start) throws ParseException {
        Optional<SpecVersion> version =
                start.getSpecVersion().filter(said -> said.getMajor() != 1 || said.getMinor() != 2);
        if (version.isPresent()) {
            throw new ParseException(
                    Code.SYNTAX,
                    new Spot("", 1, 1, 1),
                    "The file calls itself YAML " + version.get().getRepresentation() + ", but plans are YAML 1.2.",
                    "Remove the line that starts with \"%YAML\". In YAML 1.2, yes, no, on and off are texts.");
        }
    }

    private void tag(Optional<String> tag, NodeEvent node) throws ParseException {
        if (tag.isPresent() && !TAGS.contains(tag.get())) {
            String written = tag.get().replace("tag:yaml.org,2002:", "!!");
            throw new ParseException(
                    Code.SYNTAX,
                    at(node.getStartMark(), 1),
                    "The tag \"" + Brief.value(written) + "\" means nothing in a plan.",
                    "Remove it. Plans have texts, numbers, true and false, lists and maps.");
        }
    }

    private void take(Event event) throws ParseException {
        if (event instanceof ScalarEvent scalar) {
            tag(scalar.getTag(), scalar);
        } else if (event instanceof CollectionStartEvent start) {
            tag(start.getTag(), start);
        }
        if (event instanceof NodeEvent node && tree.wantsKey()) {
            key(node);
        } else if (event instanceof ScalarEvent scalar) {
            Value value = value(scalar);
            scalar.getAnchor().ifPresent(anchor -> anchors.put(anchor, value));
            tree.scalar(value);
        } else if (event instanceof CollectionStartEvent start) {
            tree.start(spot(event), start instanceof MappingStartEvent);
            open.push(start.getAnchor());
        } else if (event instanceof CollectionEndEvent) {
            Value value = tree.end();
            open.pop().ifPresent(anchor -> anchors.put(anchor, value));
        } else if (event instanceof AliasEvent alias) {
            alias(alias);
        }
    }

    private void key(NodeEvent node) throws ParseException {
        if (!(node instanceof ScalarEvent scalar)) {
            throw new ParseException(
                    Code.SYNTAX, at(node.getStartMark(), 1), "A key is a plain text.", "Write \"key: value\".");
        }
        tree.key(scalar.getValue(), line(node), column(node), length(node));
    }

    private Value value(ScalarEvent scalar) throws ParseException {
        Spot spot = spot(scalar);
        boolean plain = scalar.getScalarStyle() == ScalarStyle.PLAIN;
        Tag tag = scalar.getTag()
                .map(said -> said.equals("!") ? Tag.STR : new Tag(said))
                .orElseGet(() -> plain ? resolver.resolve(scalar.getValue(), true) : Tag.STR);
        String text = scalar.getValue();
        if (tag.equals(Tag.BOOL)) {
            return new FlagValue(spot, text.equalsIgnoreCase("true"));
        }
        if (tag.equals(Tag.INT) || tag.equals(Tag.FLOAT)) {
            return new NumberValue(spot, number(text, spot));
        }
        return tag.equals(Tag.NULL) ? new NullValue(spot) : new TextValue(spot, text);
    }

    /** A number of the core schema: decimal, {@code 0o17}, {@code 0x1F}, {@code .inf}, {@code .nan}. */
    private static double number(String text, Spot spot) throws ParseException {
        try {
            if (text.length() > LONGEST_NUMBER) {
                throw new NumberFormatException("more digits than a number has");
            }
            if (text.startsWith("0o") || text.startsWith("0x")) {
                return new java.math.BigInteger(text.substring(2), text.startsWith("0o") ? 8 : 16).doubleValue();
            }
            String lower = text.toLowerCase(java.util.Locale.ROOT);
            if (lower.endsWith(".inf")) {
                return lower.startsWith("-") ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
            }
            return lower.endsWith(".nan") ? Double.NaN : Double.parseDouble(text) + 0.0;
        } catch (NumberFormatException notANumber) {
            throw new ParseException(
                    Code.SYNTAX,
                    spot,
                    "\"" + Brief.value(text) + "\" is not a number.",
                    "Put it in quotes if it is a text.");
        }
    }

    private void alias(AliasEvent alias) throws ParseException {
        Value value = anchors.get(alias.getAlias());
        if (value == null) {
            throw new ParseException(
                    Code.SYNTAX,
                    spot(alias),
                    "The alias *" + alias.getAlias().getValue() + " has no finished anchor before it.",
                    "Write the value out, or put &" + alias.getAlias().getValue() + " before an earlier one.");
        }
        tree.again(value, spot(alias));
    }

    private Spot spot(Event event) {
        return tree.spot(line(event), column(event), length(event));
    }

    private static int line(Event event) {
        return event.getStartMark().map(mark -> mark.getLine() + 1).orElse(1);
    }

    private static int column(Event event) {
        return event.getStartMark().map(mark -> mark.getColumn() + 1).orElse(1);
    }

    private static int length(Event event) {
        int start = event.getStartMark().map(Mark::getIndex).orElse(0);
        boolean sameLine = event.getStartMark()
                .map(Mark::getLine)
                .equals(event.getEndMark().map(Mark::getLine));
        return sameLine ? Math.max(1, event.getEndMark().map(Mark::getIndex).orElse(0) - start) : 1;
    }

    private static Spot at(Optional<Mark> mark, int length) {
        return new Spot(
                "",
                mark.map(m -> m.getLine() + 1).orElse(1),
                mark.map(m -> m.getColumn() + 1).orElse(1),
                length);
    }
}
