package org.yonderarc.desktop;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.draw.Studio;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Layer;

/** Paints layers one above the other: what the stage paints as images, which are kept as long as they stay the same, and the app's panes. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class Layered {
    private final Studio studio;
    private final Surfaces surfaces;
    private List<Layer> layers = List.of();
    private Scene scene;
    private double scale;
    private Map<Layer.Painted, BufferedImage> images = new HashMap<>();

    Layered(Studio studio, Surfaces surfaces) {
        this.studio = studio;
        this.surfaces = surfaces;
    }

    /** Takes what is to be painted now, and puts the panes where they belong; gives whether anything is another. */
    boolean advance(List<Layer> next, Scene of) {
        if (of == scene && next.equals(layers)) {
            return false;
        }
        layers = next;
        scene = of;
        var shown = new HashSet<Place>();
        for (Layer layer : layers) {
            if (layer instanceof Layer.Content content) {
                surfaces.place(content.surface());
                shown.add(content.surface().place());
            }
        }
        surfaces.showOnly(shown);
        return true;
    }

    void paint(Graphics2D graphics, int width, int height, Consumer<Graphics2D> children) {
        if (scene == null) {
            return;
        }
        Colour ground = scene.background();
        graphics.setColor(new Color(ground.red(), ground.green(), ground.blue()));
        graphics.fillRect(0, 0, width, height);
        double now = Math.max(1, graphics.getTransform().getScaleX());
        if (now != scale) {
            scale = now;
            images.clear();
        }
        var kept = new HashMap<Layer.Painted, BufferedImage>();
        for (Layer layer : new ArrayList<>(layers)) {
            if (layer instanceof Layer.Painted painted) {
                BufferedImage known = images.get(painted);
                BufferedImage image =
                        known != null ? known : studio.layer(painted.nodes(), scene.width(), scene.height(), scale);
                kept.put(painted, image);
                graphics.drawImage(image, AffineTransform.getScaleInstance(1 / scale, 1 / scale), null);
            } else if (layer instanceof Layer.Content content) {
                surfaces.place(content.surface()).paintOn(graphics, children);
            }
        }
        images = kept;
    }
}
