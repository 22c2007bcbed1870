package org.yonderarc.edit;

import org.yonderarc.files.SourceText;

/** Plans after edits, as the command writes them. */
final class Edited {
    private Edited() {}

    static String edited(String plan, String... edits) throws EditException {
        var editor = new PlanEditor(new SourceText("plan.yaml", plan));
        for (String edit : edits) {
            editor.apply(Edit.parse(edit));
        }
        return editor.source().text();
    }
}
