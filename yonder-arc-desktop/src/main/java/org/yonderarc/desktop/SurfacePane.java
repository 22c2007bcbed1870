package org.yonderarc.desktop;

import java.awt.AlphaComposite;
import java.awt.BorderLayout;
import java.awt.Component;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.function.Consumer;
import javax.swing.JPanel;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.layout.Box;
import org.yonderarc.stage.Surface;

/** Holds one of the app's own components. The mouse reaches it where nothing of the stage lies over it. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class SurfacePane extends JPanel {
    private static final long serialVersionUID = 1L;

    private final transient AppPanel panel;
    private transient Surface surface;
    private boolean isItsTurn;

    SurfacePane(AppPanel panel, Component component) {
        super(new BorderLayout());
        this.panel = panel;
        setOpaque(false);
        add(component);
    }

    /** Goes where a surface is; is laid out anew only where it gets another size. */
    void stand(Surface now) {
        surface = now;
        Box box = now.box();
        int width = (int) Math.round(box.width());
        int height = (int) Math.round(box.height());
        int x = (int) Math.round(box.x());
        int y = (int) Math.round(box.y());
        if (getX() != x || getY() != y || getWidth() != width || getHeight() != height) {
            setBounds(x, y, width, height);
            validate();
        }
    }

    @Override
    public boolean contains(int x, int y) {
        return super.contains(x, y)
                && surface != null
                && surface.takesInput()
                && panel.stage().reachesContent(getX() + x, getY() + y);
    }

    /**
     * Paints the component as the surface is seen: cut off, between pixels, and faint. The children are painted by their parent's own
     * means, which keep them from buffering once more.
     */
    void paintOn(Graphics2D graphics, Consumer<Graphics2D> children) {
        if (surface == null || surface.opacity() <= 0) {
            return;
        }
        Graphics2D own = (Graphics2D) graphics.create();
        for (Surface.Clip clip : surface.clips()) {
            Box box = clip.box();
            own.clip(new RoundRectangle2D.Double(
                    box.x(), box.y(), box.width(), box.height(), 2 * clip.radius(), 2 * clip.radius()));
        }
        own.translate(surface.box().x() - getX(), surface.box().y() - getY());
        isItsTurn = true;
        children.accept(own);
        isItsTurn = false;
        own.dispose();
    }

    @Override
    public void paint(Graphics graphics) {
        if (!isItsTurn) {
            return;
        }
        if (surface.opacity() >= 1) {
            super.paint(graphics);
            return;
        }
        Graphics2D own = (Graphics2D) graphics.create();
        double scale = own.getTransform().getScaleX();
        var image = new BufferedImage(
                (int) Math.ceil(Math.max(1, getWidth()) * scale),
                (int) Math.ceil(Math.max(1, getHeight()) * scale),
                BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D beside = image.createGraphics();
        beside.scale(scale, scale);
        super.paint(beside);
        beside.dispose();
        own.setComposite(AlphaComposite.SrcOver.derive((float) surface.opacity()));
        own.scale(1 / scale, 1 / scale);
        own.drawImage(image, 0, 0, null);
        own.dispose();
    }
}
