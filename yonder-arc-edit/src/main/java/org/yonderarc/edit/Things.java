package org.yonderarc.edit;

import java.util.List;
import java.util.Optional;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.PlanWriter;
import org.yonderarc.bind.Reading;
import org.yonderarc.files.ParseException;
import org.yonderarc.files.PlanTree;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Where the things of a plan stand in its file. A thing is named by what it is and its id: {@code item:crew}, {@code screen:tides},
 * {@code bar:main}, {@code menu:main}, {@code fact:drafts}, {@code style:quiet}, {@code colour:moss}, {@code kind:wide}; by its place
 * where it has no id: {@code row:tides/2}, {@code section:main/3}; and the plan's parts by their keys: {@code app}, {@code theme},
 * {@code motion}, {@code plan}.
 */
public final class Things {
    private static final List<String> PARTS = List.of("app", "theme", "motion");

    private final References file;

    Things(References file) {
        this.file = file;
    }

    /**
     * The things of a plan's text.
     *
     * @throws EditException if it is neither YAML nor JSON
     */
    public static Things of(SourceText source) throws EditException {
        try {
            return new Things(new References(PlanTree.read(source).root()));
        } catch (ParseException trouble) {
            throw new EditException(
                    "The file can't be read: " + trouble.finding().message() + " Fix it first.");
        }
    }

    /** The things of a plan as the library writes it: every short form is a long one there. */
    public static Things of(Plan plan) {
        return new Things(new References(Trees.pointed(PlanWriter.write(plan))));
    }

    /** The plan as far as it can be read. */
    public Plan draft() {
        return PlanReader.read(file.root()).draft();
    }

    /** What stands at a JSON Pointer (RFC 6901); no value where nothing does. */
    public Optional<Value> value(String pointer) {
        return file.value(pointer);
    }

    /**
     * The JSON Pointer (RFC 6901) of a thing. A part that the plan doesn't write has one too: that which it would have.
     *
     * @throws EditException if the plan has no such thing
     */
    public String pointer(String thing) throws EditException {
        int colon = thing.indexOf(':');
        String word = colon < 0 ? thing : thing.substring(0, colon);
        String id = colon < 0 ? "" : thing.substring(colon + 1);
        if (colon < 0) {
            if (word.equals("plan")) {
                return "";
            }
            if (PARTS.contains(word)) {
                return "/" + word;
            }
        }
        return switch (word) {
            case "item" -> file.pointerOfItem(id);
            case "screen" -> inCatalog("/screens", word, id);
            case "menu" -> inCatalog("/menus", word, id);
            case "fact" -> inCatalog("/facts", word, id);
            case "style" -> inCatalog("/styles", word, id);
            case "colour" -> inCatalog("/theme/colours", word, id);
            case "kind" -> inCatalog("/device-kinds", word, id);
            case "bar" -> bar(id);
            case "row" -> placed(id, "/screens", "/wireframe/rows");
            case "section" -> placed(id, "/menus", "");
            default ->
                throw new EditException("\"" + thing + "\" is not a thing of a plan. Write item:crew, for example.");
        };
    }

    private String inCatalog(String catalog, String word, String id) throws EditException {
        References.known(word, id, file.keys(catalog));
        return JsonPointer.child(catalog, id);
    }

    private String placed(String id, String catalog, String list) throws EditException {
        int slash = id.lastIndexOf('/');
        String outer = slash < 0 ? id : id.substring(0, slash);
        String pointer = JsonPointer.child(catalog, outer) + list + "/" + id.substring(slash + 1);
        if (file.value(pointer).isEmpty()) {
            throw new EditException(
                    "There is nothing at \"" + pointer + "\" any more. Look at the plan for its place.");
        }
        return pointer;
    }

    private String bar(String id) throws EditException {
        Reading reading = PlanReader.read(file.root());
        List<String> ids = reading.draft().bars().stream().map(Bar::id).toList();
        int index = ids.indexOf(id);
        if (index < 0) {
            throw new EditException("There is no bar \"" + id + "\". "
                    + Suggestion.sentence(id, ids, "Look at the plan for its name."));
        }
        String pointer = reading.inTheFile("/bars/" + index);
        if (file.value(pointer).isEmpty()) {
            throw new EditException(
                    "The bar \"" + id + "\" is there by default and stands nowhere in the file. Write \"bars\" first.");
        }
        return pointer;
    }
}
