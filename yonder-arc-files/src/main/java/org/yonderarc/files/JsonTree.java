package org.yonderarc.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.yonderarc.finding.Code;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Reads JSON (RFC 8259) into the neutral tree. */
public final class JsonTree {
    private static final JsonFactory FACTORY = new JsonFactory();

    private final TreeBuilder tree = new TreeBuilder();
    private final JsonParser parser;
    private final String text;
    /** Where in its line a token is, found from the token before: columns count code points, the parser counts units. */
    private int lineStart;

    private int reached;
    private int column = 1;

    private JsonTree(JsonParser parser, String text) {
        this.parser = parser;
        this.text = text;
    }

    /**
     * Reads a text.
     *
     * @throws ParseException if it is no JSON, or too much of it
     */
    public static Value parse(String text) throws ParseException {
        try (JsonParser parser = FACTORY.createParser(text)) {
            return new JsonTree(parser, text).read();
        } catch (JsonProcessingException wrong) {
            JsonLocation where = wrong.getLocation();
            var spot = where == null ? new Spot("", 1, 1, 1) : new Spot("", where.getLineNr(), where.getColumnNr(), 1);
            throw new ParseException(
                    Code.SYNTAX,
                    spot,
                    "This is not JSON: " + wrong.getOriginalMessage() + ".",
                    "Look for a comma, a quote or a bracket that is missing or too many.");
        } catch (IOException impossible) {
            throw new UncheckedIOException("reading from memory", impossible);
        }
    }

    private Value read() throws IOException, ParseException {
        for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
            if (!tree.isEmpty()) {
                throw new ParseException(
                        Code.SYNTAX,
                        spot(1),
                        "There is more behind the end of the plan.",
                        "Keep one plan in one file.");
            }
            take(token);
        }
        if (tree.isEmpty()) {
            throw new ParseException(
                    Code.SYNTAX, new Spot("", 1, 1, 1), "The file is empty.", "Start it with { \"yonder\": 1, ... }.");
        }
        return tree.root();
    }

    private void take(JsonToken token) throws IOException, ParseException {
        switch (token) {
            case START_OBJECT, START_ARRAY -> tree.start(spot(1), token == JsonToken.START_OBJECT);
            case END_OBJECT, END_ARRAY -> tree.end();
            case FIELD_NAME -> {
                Spot spot = spot(0);
                tree.key(
                        parser.currentName(),
                        spot.line(),
                        spot.column(),
                        parser.currentName().length() + 2);
            }
            case VALUE_STRING -> tree.scalar(new TextValue(spot(parser.getTextLength() + 2), parser.getText()));
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT ->
                tree.scalar(new NumberValue(spot(parser.getTextLength()), parser.getDoubleValue()));
            case VALUE_TRUE -> tree.scalar(new FlagValue(spot(4), true));
            case VALUE_FALSE -> tree.scalar(new FlagValue(spot(5), false));
            case VALUE_NULL -> tree.scalar(new NullValue(spot(4)));
            default -> throw new IllegalStateException("a token that a JSON text can't give: " + token);
        }
    }

    private Spot spot(int length) {
        JsonLocation where = parser.currentTokenLocation();
        int at = (int) Math.min(text.length(), where.getCharOffset());
        int start = at - where.getColumnNr() + 1;
        if (start != lineStart || at < reached) {
            lineStart = start;
            reached = start;
            column = 1;
        }
        column += text.codePointCount(reached, at);
        reached = at;
        return tree.wantsKey()
                ? new Spot("", where.getLineNr(), column, length)
                : tree.spot(where.getLineNr(), column, length);
    }
}
