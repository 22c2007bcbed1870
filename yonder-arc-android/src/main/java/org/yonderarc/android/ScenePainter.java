package org.yonderarc.android;

import android.graphics.Bitmap;
import android.graphics.BitmapShader;
import android.graphics.Canvas;
import android.graphics.LinearGradient;
import android.graphics.Matrix;
import android.graphics.Paint;
import android.graphics.Path;
import android.graphics.Shader;
import android.util.Log;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.IconShape;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.scene.SceneNode;

/** Paints nodes on a canvas whose units are dp. To be used by one thread. */
final class ScenePainter implements SceneNode.Visitor {
    /** How far a layer reaches beyond everything else, in dp. */
    private static final float FAR = 1e5f;

    private final AppFonts fonts;
    private final IconPaths icons;
    private final PictureSource pictures;
    private final Paint fill = new Paint(Paint.ANTI_ALIAS_FLAG);
    private final Paint stroke = new Paint(Paint.ANTI_ALIAS_FLAG);
    private final Paint letters = AppFonts.paint();
    private final Paint shaded = new Paint(Paint.ANTI_ALIAS_FLAG | Paint.FILTER_BITMAP_FLAG);
    private final Set<String> lacking = new HashSet<>();
    private Canvas canvas = new Canvas();

    ScenePainter(AppFonts fonts, Icons icons, PictureSource pictures) {
        this.fonts = fonts;
        this.icons = new IconPaths(icons);
        this.pictures = pictures;
        stroke.setStyle(Paint.Style.STROKE);
        stroke.setStrokeCap(Paint.Cap.ROUND);
        stroke.setStrokeJoin(Paint.Join.ROUND);
    }

    void in(Locale language) {
        letters.setTextLocale(language);
    }

    void paint(List<SceneNode> nodes, Canvas on) {
        Canvas before = canvas;
        canvas = on;
        for (SceneNode node : nodes) {
            node.accept(this);
        }
        canvas = before;
    }

    void paint(SceneNode node, Canvas on) {
        Canvas before = canvas;
        canvas = on;
        node.accept(this);
        canvas = before;
    }

    /** Tells the app's developers, once, what of the plan is not there to be painted. */
    private void lacks(String what) {
        if (lacking.add(what)) {
            Log.w("YonderArc", "nothing is painted for " + what);
        }
    }

    @Override
    public void rect(SceneNode.Rect node) {
        fill.setColor(argb(node.fill()));
        Box box = node.area();
        if (node.radius() > 0) {
            round(box, node.radius(), fill);
        } else {
            canvas.drawRect((float) box.x(), (float) box.y(), (float) box.right(), (float) box.bottom(), fill);
        }
    }

    private void round(Box box, double radius, Paint paint) {
        canvas.drawRoundRect(
                (float) box.x(),
                (float) box.y(),
                (float) box.right(),
                (float) box.bottom(),
                (float) radius,
                (float) radius,
                paint);
    }

    @Override
    public void text(SceneNode.Text node) {
        TextLine line = node.line();
        fonts.apply(letters, line.type());
        letters.setColor(argb(node.fill()));
        double baseline = line.baseline() + fonts.lift() * line.type().size();
        canvas.drawText(line.text(), (float) line.left(), (float) baseline, letters);
    }

    @Override
    public void gradient(SceneNode.Gradient node) {
        List<Fill.Shade> shades = node.shades();
        var colours = new int[shades.size()];
        var at = new float[shades.size()];
        for (int i = 0; i < at.length; i++) {
            colours[i] = argb(shades.get(i).colour());
            at[i] = (float) shades.get(i).at();
        }
        shaded.setShader(new LinearGradient(
                (float) node.startX(),
                (float) node.startY(),
                (float) node.endX(),
                (float) node.endY(),
                colours,
                at,
                Shader.TileMode.CLAMP));
        if (node.within().isPresent()) {
            canvas.drawPath(IconPaths.path(node.within().get()), shaded);
        } else {
            round(node.area(), node.radius(), shaded);
        }
        shaded.setShader(null);
    }

    @Override
    public void picture(SceneNode.Picture node) {
        Bitmap bitmap = pictures.picture(node.file());
        if (bitmap == null) {
            lacks("the picture " + node.file()
                    + ": give it with AppView.Builder.pictures, as a format that the system decodes");
            return;
        }
        Box box = node.area();
        double across = box.width() / bitmap.getWidth();
        double down = box.height() / bitmap.getHeight();
        double scale = node.fit().isWhole() ? Math.min(across, down) : Math.max(across, down);
        double width = bitmap.getWidth() * scale;
        double height = bitmap.getHeight() * scale;
        var fitted = new Box(
                box.x() + (box.width() - width) * node.fit().across(), box.centerY() - height / 2, width, height);
        var shader = new BitmapShader(bitmap, Shader.TileMode.CLAMP, Shader.TileMode.CLAMP);
        var placed = new Matrix();
        placed.setScale((float) scale, (float) scale);
        placed.postTranslate((float) fitted.x(), (float) fitted.y());
        shader.setLocalMatrix(placed);
        shaded.setShader(shader);
        round(node.fit().isWhole() ? fitted : box, node.radius(), shaded);
        shaded.setShader(null);
    }

    @Override
    public void icon(SceneNode.Icon node) {
        List<IconPaths.Shape> shapes = icons.shapes(node.set(), node.name(), node.filled());
        if (shapes.isEmpty()) {
            lacks(
                    "the icon " + node.name()
                            + ": supply it with AppView.Builder.icons (PlanAssets.icons reads the plan's own), and run yonder check on the plan");
            return;
        }
        Box box = node.area();
        // Strokes that cross would be seen twice where the colour lets something through.
        int colour = argb(node.fill());
        int alpha = colour >>> 24;
        int before = alpha < 255
                ? canvas.saveLayerAlpha(
                        (float) box.x(), (float) box.y(), (float) box.right(), (float) box.bottom(), alpha)
                : canvas.save();
        if (node.turn() != 0) {
            canvas.rotate((float) node.turn(), (float) box.centerX(), (float) box.centerY());
        }
        canvas.translate((float) box.x(), (float) box.y());
        canvas.scale((float) (box.width() / IconArt.GRID), (float) (box.height() / IconArt.GRID));
        if (node.flipped()) {
            canvas.scale(-1, 1, (float) IconArt.GRID / 2, 0);
        }
        fill.setColor(colour | 0xff000000);
        stroke.setColor(colour | 0xff000000);
        for (IconPaths.Shape shape : shapes) {
            shape(shape);
        }
        canvas.restoreToCount(before);
    }

    private void shape(IconPaths.Shape shape) {
        IconShape paint = shape.paint();
        int before = canvas.save();
        if (paint.opacity() < 1) {
            layer(canvas, paint.opacity());
        }
        if (paint.filled()) {
            canvas.drawPath(shape.path(), fill);
        }
        if (paint.stroke().isPresent()) {
            IconShape.Stroke line = paint.stroke().get();
            stroke.setStrokeWidth((float) line.width());
            stroke.setStrokeCap(cap(line.cap()));
            stroke.setStrokeJoin(join(line.join()));
            canvas.drawPath(shape.path(), stroke);
            stroke.setStrokeCap(Paint.Cap.ROUND);
            stroke.setStrokeJoin(Paint.Join.ROUND);
        }
        canvas.restoreToCount(before);
    }

    private static Paint.Cap cap(IconShape.Cap cap) {
        return switch (cap) {
            case ROUND -> Paint.Cap.ROUND;
            case BUTT -> Paint.Cap.BUTT;
            case SQUARE -> Paint.Cap.SQUARE;
        };
    }

    private static Paint.Join join(IconShape.Join join) {
        return switch (join) {
            case ROUND -> Paint.Join.ROUND;
            case MITER -> Paint.Join.MITER;
            case BEVEL -> Paint.Join.BEVEL;
        };
    }

    @Override
    public void path(SceneNode.Path node) {
        Paint paint = node.stroke().isPresent() ? stroke : fill;
        paint.setColor(argb(node.fill()));
        node.stroke().ifPresent(width -> stroke.setStrokeWidth(width.floatValue()));
        canvas.drawPath(IconPaths.path(node.outline()), paint);
    }

    @Override
    public void group(SceneNode.Group node) {
        if (node.opacity() <= 0) {
            return;
        }
        int before = canvas.save();
        node.clip().ifPresent(radius -> clip(canvas, node.area(), radius));
        if (node.opacity() < 1) {
            layer(canvas, node.opacity());
        }
        for (SceneNode child : node.children()) {
            child.accept(this);
        }
        canvas.restoreToCount(before);
    }

    /** Cuts off what lies beyond a box whose corners have a radius in dp. */
    static void clip(Canvas canvas, Box box, double radius) {
        if (radius > 0) {
            var corners = new Path();
            corners.addRoundRect(
                    (float) box.x(),
                    (float) box.y(),
                    (float) box.right(),
                    (float) box.bottom(),
                    (float) radius,
                    (float) radius,
                    Path.Direction.CW);
            canvas.clipPath(corners);
        } else {
            canvas.clipRect((float) box.x(), (float) box.y(), (float) box.right(), (float) box.bottom());
        }
    }

    /** What is painted up to the next restore is seen in part only, as a whole. */
    static void layer(Canvas canvas, double opacity) {
        canvas.saveLayerAlpha(-FAR, -FAR, FAR, FAR, (int) Math.round(255 * opacity));
    }

    static int argb(Colour colour) {
        return (int) Math.round(255 * colour.alpha()) << 24 | colour.red() << 16 | colour.green() << 8 | colour.blue();
    }
}
