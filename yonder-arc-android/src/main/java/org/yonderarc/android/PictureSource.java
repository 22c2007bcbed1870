package org.yonderarc.android;

import android.content.res.AssetManager;
import android.graphics.Bitmap;
import android.graphics.BitmapFactory;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Where the pictures of a plan come from: logos, faces, the pictures of sample content. */
@FunctionalInterface
public interface PictureSource {
    /**
     * A picture, decoded.
     *
     * @param file its path as the plan writes it, from the plan's folder
     * @return null where there is none: nothing is painted in its place
     */
    @Nullable
    Bitmap picture(String file);

    /**
     * The pictures of a folder of an app's assets, in the formats that the system decodes: PNG, JPEG, WebP, GIF, and no SVG. Each is decoded once.
     *
     * @param folder the folder of the plan; empty for the assets' own
     */
    static PictureSource of(AssetManager assets, String folder) {
        Map<String, @Nullable Bitmap> known = new HashMap<>();
        return file -> {
            if (!known.containsKey(file)) {
                known.put(file, decoded(assets, folder.isEmpty() ? file : folder + "/" + file));
            }
            return known.get(file);
        };
    }

    private static @Nullable Bitmap decoded(AssetManager assets, String path) {
        try (InputStream in = assets.open(path)) {
            return BitmapFactory.decodeStream(in);
        } catch (IOException missing) {
            return null;
        }
    }
}
