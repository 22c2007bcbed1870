package org.yonderarc.build;

import java.util.Map;
import java.util.TreeMap;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Texts in several languages. */
final class Translations {
    private Translations() {}

    /** In the alphabetical order of their tags, so that the same texts give the same plan. */
    static Value of(Map<String, String> templates) {
        var out = new TreeMap<String, Value>();
        templates.forEach((language, template) -> out.put(language, Trees.text(template)));
        return Trees.map(out);
    }
}
