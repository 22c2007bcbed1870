package org.yonderarc.files;

import static java.util.stream.Collectors.toList;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import org.yonderarc.bind.MergedTree;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Tokens;
import org.yonderarc.bind.TranslatedTexts;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Puts what stands in the files beside a plan into its tree: design tokens, and texts of other languages. */
final class Companions {
    /** As many as a plan may name. */
    private static final int MOST_LANGUAGES = 100;

    private final SiblingFiles folder;
    private final List<Finding> findings = new ArrayList<>();

    private Companions(SiblingFiles folder) {
        this.folder = folder;
    }

    static MergedTree merge(PlanTree tree, SiblingFiles folder) {
        var run = new Companions(folder);
        run.findings.addAll(tree.told());
        return new MergedTree(run.texts(run.tokens(tree.root())), run.findings);
    }

    private Value tokens(Value root) {
        Optional<TextValue> named = text(root, "theme", "token-file");
        Optional<SourceText> source = named.flatMap(this::file);
        if (source.isEmpty()) {
            return root;
        }
        try {
            return taken(Tokens.apply(root, JsonTree.parse(source.get().text())));
        } catch (ParseException trouble) {
            unreadable(named.get(), trouble.finding().message());
            return root;
        }
    }

    private Value texts(Value root) {
        Optional<TextValue> pattern = text(root, "app", "text-files");
        List<String> languages = languages(root);
        if (pattern.isEmpty()) {
            return root;
        }
        if (!pattern.get().text().contains("{language}") || languages.size() < 2) {
            findings.add(new Finding(
                    Code.BAD_VALUE,
                    pattern.get().spot(),
                    "\"text-files\" names a file for each language, but "
                            + (languages.size() < 2 ? "the plan has fewer than two languages." : "has no {language}."),
                    "Write \"languages: [ en, de ]\" and \"text-files: 'texts/{language}.properties'\"."));
            return root;
        }
        Value merged = root;
        Plan plan = PlanReader.read(root).draft();
        String base = languages.get(0);
        for (String language : languages.subList(1, languages.size())) {
            String name = pattern.get().text().replace("{language}", language);
            Optional<Map<String, String>> read =
                    file(new TextValue(pattern.get().spot(), name)).flatMap(source -> read(source, pattern.get()));
            if (read.isPresent()) {
                merged = taken(TranslatedTexts.apply(merged, plan, base, language, read.get(), name));
            }
        }
        return merged;
    }

    private Value taken(MergedTree merged) {
        findings.addAll(merged.findings());
        return merged.root();
    }

    private Optional<Map<String, String>> read(SourceText source, TextValue at) {
        try {
            if (source.name().endsWith(".xlf") || source.name().endsWith(".xliff")) {
                return Optional.of(today(Xliff.read(source.text()), source.name(), at));
            }
            var properties = new Properties();
            properties.load(new StringReader(source.text()));
            var texts = new HashMap<String, String>();
            properties.stringPropertyNames().forEach(key -> texts.put(key, properties.getProperty(key)));
            return Optional.of(today(texts, source.name(), at));
        } catch (IOException | IllegalArgumentException broken) {
            unreadable(at, source.name() + ": " + broken.getMessage() + ".");
            return Optional.empty();
        }
    }

    private Map<String, String> today(Map<String, String> texts, String file, TextValue at) {
        List<String> old = texts.keySet().stream()
                .filter(key -> !RenamedKeys.textKey(key).equals(key))
                .sorted()
                .collect(toList());
        if (old.isEmpty()) {
            return texts;
        }
        String first = old.get(0);
        findings.add(
                new Finding(
                        Code.RENAMED_KEY,
                        at.spot(),
                        file + " has " + old.size() + (old.size() == 1 ? " key" : " keys") + " under an old name: \""
                                + first + "\" is called \"" + RenamedKeys.textKey(first) + "\" now.",
                        "Write \"built-in-texts.\" for \"says.\", \".short-label\" for \".short\" and \".spoken-label\" for \".spoken\"."));
        var today = new HashMap<String, String>();
        texts.forEach((key, text) -> today.put(RenamedKeys.textKey(key), text));
        return today;
    }

    private Optional<SourceText> file(TextValue named) {
        try {
            Optional<SourceText> there = folder.text(named.text());
            if (there.isPresent()) {
                return there;
            }
            unreadable(named, "There is no file \"" + named.text() + "\" in the plan's folder.");
        } catch (FileException trouble) {
            unreadable(named, Brief.of(trouble));
        }
        return Optional.empty();
    }

    private void unreadable(TextValue at, String message) {
        findings.add(new Finding(Code.UNREADABLE_FILE, at.spot(), message, "Put it there, or correct the name."));
    }

    private static Optional<TextValue> text(Value root, String outer, String key) {
        return member(root, outer)
                .flatMap(map -> member(map, key))
                .filter(TextValue.class::isInstance)
                .map(TextValue.class::cast);
    }

    private static Optional<Value> member(Value value, String key) {
        return value instanceof MapValue map ? map.entry(key).map(MapValue.Entry::value) : Optional.empty();
    }

    private static List<String> languages(Value root) {
        return member(root, "app").flatMap(app -> member(app, "languages")).stream()
                .filter(ListValue.class::isInstance)
                .flatMap(list -> ((ListValue) list).items().stream())
                .filter(TextValue.class::isInstance)
                .map(text -> ((TextValue) text).text())
                .filter(tag -> !tag.equals(Words.ANY))
                .distinct()
                .limit(MOST_LANGUAGES)
                .collect(toList());
    }
}
