package org.yonderarc.android;

import android.content.res.AssetManager;
import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SiblingFiles;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.Plan;

/** Plans in an app's assets, with the texts, the tokens and the icons that stand beside them there. */
public final class PlanAssets {
    private PlanAssets() {}

    /**
     * The plan in an asset, for use.
     *
     * @param path the asset: {@code plan.yaml}, or {@code plans/plan.json}
     * @throws InvalidPlanException with the report, if there is none, it can't be read or the plan has errors
     */
    public static Plan require(AssetManager assets, String path) {
        return require(assets, path, icons(assets, path));
    }

    /**
     * The bundled icons and, before them, the SVG files in the folder {@code icons} beside a plan, for {@link AppView.Builder#icons}.
     * A file that isn't a valid icon draws nothing; {@code yonder check} reports it.
     *
     * @param path the asset with the plan; it need not exist
     */
    public static Icons icons(AssetManager assets, String path) {
        return AssetIcons.in(assets, path.substring(0, path.lastIndexOf('/') + 1) + "icons", new BundledIcons());
    }

    /**
     * As {@link #require(AssetManager, String)}, for an app with icons of its own.
     *
     * @param icons the icons that exist
     */
    public static Plan require(AssetManager assets, String path, IconNames icons) {
        int name = path.lastIndexOf('/') + 1;
        var beside = new Folder(assets, path.substring(0, name));
        try {
            SourceText source = beside.text(path.substring(name))
                    .orElseThrow(() -> new FileException(
                            path, "there is no such asset.", "Put it into the folder \"assets\" of the app."));
            return PlanFile.read(source, icons, beside).require();
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /** The assets of a folder. */
    private record Folder(AssetManager assets, String path) implements SiblingFiles {
        @Override
        public boolean has(String file) {
            try {
                assets.open(path + file).close();
                return true;
            } catch (IOException missing) {
                return false;
            }
        }

        @Override
        public Optional<SourceText> text(String file) throws FileException {
            try (InputStream in = assets.open(path + file)) {
                return Optional.of(SourceText.read(file, in));
            } catch (FileNotFoundException missing) {
                return Optional.empty();
            } catch (IOException failed) {
                throw new FileException(file, "the asset can't be read (" + failed.getMessage() + ").", "");
            }
        }
    }
}
