package org.yonderarc.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Writes neutral trees as JSON (RFC 8259). */
public final class JsonText {
    private JsonText() {}

    /** The tree as a JSON text with a line for each member, and a line break at its end. */
    public static String write(Value root) {
        var out = new StringWriter();
        try (JsonGenerator json = new JsonFactory().createGenerator(out)) {
            var indenter = new DefaultIndenter("  ", "\n");
            json.setPrettyPrinter(
                    new DefaultPrettyPrinter().withObjectIndenter(indenter).withArrayIndenter(indenter));
            value(json, root);
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        }
        return out + "\n";
    }

    /**
     * Reads a JSON text.
     *
     * @throws IllegalArgumentException with the reason, if it is no JSON
     */
    public static Value read(String text) {
        try {
            return JsonTree.parse(text);
        } catch (ParseException trouble) {
            throw new IllegalArgumentException(trouble.finding().message(), trouble);
        }
    }

    /** The text in quotes, as JSON and YAML write it. */
    public static String quoted(String text) {
        return '"' + new String(JsonStringEncoder.getInstance().quoteAsString(text)) + '"';
    }

    private static void value(JsonGenerator json, Value value) throws IOException {
        if (value instanceof MapValue map) {
            json.writeStartObject();
            for (MapValue.Entry entry : map.entries()) {
                json.writeFieldName(entry.key());
                value(json, entry.value());
            }
            json.writeEndObject();
        } else if (value instanceof ListValue list) {
            json.writeStartArray();
            for (Value item : list.items()) {
                value(json, item);
            }
            json.writeEndArray();
        } else if (value instanceof TextValue text) {
            json.writeString(text.text());
        } else if (value instanceof NumberValue number) {
            json.writeNumber(NumberValue.plain(number.number()));
        } else if (value instanceof FlagValue flag) {
            json.writeBoolean(flag.on());
        } else {
            json.writeNull();
        }
    }
}
