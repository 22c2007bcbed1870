package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.List;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.comments.CommentType;
import org.snakeyaml.engine.v2.events.CommentEvent;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.parser.ParserImpl;
import org.snakeyaml.engine.v2.scanner.StreamReader;
import org.yonderarc.files.SourceText;

/** The comments of a YAML text (YAML 1.2.2, 6.6), in their order. */
final class Comments {
    /**
     * A comment.
     *
     * @param at the index of its number sign
     * @param text it, with its number sign, without white space at its end
     */
    record Comment(int at, String text) {}

    private Comments() {}

    static List<Comment> of(String text) {
        if (text.indexOf('#') < 0) {
            return List.of();
        }
        var settings = LoadSettings.builder()
                .setCodePointLimit((int) SourceText.LARGEST)
                .setParseComments(true)
                .setUseMarks(true)
                .setBufferSize(text.length() + 2)
                .build();
        var all = new ArrayList<Comment>();
        try {
            var parser = new ParserImpl(settings, new StreamReader(settings, text));
            while (parser.hasNext()) {
                if (parser.next() instanceof CommentEvent comment
                        && comment.getCommentType() != CommentType.BLANK_LINE) {
                    int at = text.offsetByCodePoints(
                            0, comment.getStartMark().orElseThrow().getIndex());
                    all.add(new Comment(at, "#" + comment.getValue().stripTrailing()));
                }
            }
        } catch (YamlEngineException unreadable) {
            return List.of();
        }
        return all;
    }

    /** Those of the first that the second lacks, each as often as it lacks it. */
    static List<Comment> lost(List<Comment> before, List<Comment> after) {
        var there = new ArrayList<>(after.stream().map(Comment::text).toList());
        return before.stream().filter(comment -> !there.remove(comment.text())).toList();
    }
}
