package org.yonderarc.edit;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.Value;

/** The journeys beside a plan, in {@code NAME.journeys.yaml} or {@code .json}: they follow its renamings, and their taking back. */
final class JourneysBeside {
    private JourneysBeside() {}

    /** The file, where there is one. */
    static Optional<Path> of(Path plan) {
        String name = plan.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String base = dot < 0 ? name : name.substring(0, dot);
        return List.of(".yaml", ".yml", ".json").stream()
                .map(ending -> plan.resolveSibling(base + ".journeys" + ending))
                .filter(file -> !file.equals(plan) && Files.isRegularFile(file))
                .findFirst();
    }

    /** The text of the journeys after these renamings; nothing where they name none of it, or can't be read. */
    static Optional<String> renamed(SourceText journeys, List<Edit.Rename> renames) {
        var editor = new PlanEditor(journeys);
        boolean changed = false;
        for (Edit.Rename rename : renames) {
            try {
                changed |= editor.renameJourneys(rename);
            } catch (EditException unreadable) {
                // Whoever rehearses them is told.
                return Optional.empty();
            }
        }
        return changed ? Optional.of(editor.source().text()) : Optional.empty();
    }

    /** What is called otherwise with a renaming: a screen's item too, where it has no id of its own. */
    static List<Edit.Rename> with(Edit.Rename rename, Value planBefore) {
        var out = new ArrayList<Edit.Rename>();
        out.add(rename);
        if (rename.noun() == Noun.SCREEN && new References(planBefore).itemFollowsScreen(rename.from())) {
            out.add(new Edit.Rename(Noun.ITEM, rename.from(), rename.to()));
        }
        if (rename.noun() == Noun.MENU && hasBarOfItsName(new References(planBefore), rename.from())) {
            out.add(new Edit.Rename(Noun.BAR, rename.from(), rename.to()));
        }
        return out;
    }

    /** A bar without an id of its own has that of its menu. */
    private static boolean hasBarOfItsName(References plan, String menu) {
        for (int i = 0; plan.value("/bars/" + i).isPresent(); i++) {
            boolean isIts =
                    plan.textAt("/bars/" + i + "/menu").filter(menu::equals).isPresent();
            if (isIts && plan.value("/bars/" + i + "/id").isEmpty()) {
                return true;
            }
        }
        return plan.value("/bars").isEmpty();
    }
}
