package org.yonderarc.draw;

import com.mxgraph.layout.hierarchical.mxHierarchicalLayout;
import com.mxgraph.model.mxGeometry;
import com.mxgraph.util.mxPoint;
import com.mxgraph.view.mxGraph;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.swing.SwingConstants;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.sheet.Shot;
import org.yonderarc.walk.Step;

/** The whole navigation as one picture: a thumbnail of each screen, and arcs for what leads where. */
public final class NavigationMap {
    private static final double MARGIN = 56;
    private static final double HEAD = 64;
    private static final double THUMB = 132;
    private static final double CAPTION = 40;
    /** With more screens than this, thumbnails would be too many to tell apart: names alone are shown. */
    private static final int MOST_THUMBS = 60;

    private static final Colour DESK = Colour.rgb(0xE6ECEE);
    private static final Colour INK = Colour.rgb(0x14252B);
    private static final Colour QUIET = Colour.rgb(0x4C5C63);
    private static final Colour ARC = Colour.rgb(0x5B7A83);
    private static final Colour GUARD = Colour.rgb(0xB4651D);
    private static final Type NAME = Type.semibold(13);
    private static final Type NOTE = Type.regular(11);

    /** The most screens of a map; nobody finds anything on a larger one. */
    public static final int MOST_SCREENS = 1000;

    private final Shot shot;
    private final Plan plan;
    private final Samples samples;
    private final TextMeasure measure;
    private final boolean thumbs;
    private final mxGraph graph = new mxGraph();
    private final Map<String, Object> cells = new LinkedHashMap<>();
    private final List<Arc> arcs = new ArrayList<>();

    /** What leads from one screen, or from the menus, to another. */
    private record Arc(Object cell, Kind kind) {}

    private enum Kind {
        ITEM,
        ROW,
        UNDER,
        GUARD
    }

    private NavigationMap(Shot shot, TextMeasure measure, boolean thumbs) {
        this.shot = shot;
        this.plan = shot.plan();
        this.samples = Samples.of(plan);
        this.measure = measure;
        this.thumbs = thumbs;
    }

    /**
     * The map of a shot's plan, the thumbnails in its setting.
     *
     * @throws IllegalArgumentException if the plan has more than {@link #MOST_SCREENS} screens
     * @throws IllegalStateException if the layout library, an optional dependency, is missing
     */
    public static Scene of(Shot shot, TextMeasure measure) {
        return drawn(shot, measure, few(shot) <= MOST_THUMBS);
    }

    /**
     * The map without thumbnails, small enough to be carried along. The node of a screen has the key of
     * {@link #key(Screen)}.
     *
     * @throws IllegalArgumentException if the plan has more than {@link #MOST_SCREENS} screens
     */
    public static Scene ofNames(Shot shot, TextMeasure measure) {
        few(shot);
        return drawn(shot, measure, false);
    }

    private static Scene drawn(Shot shot, TextMeasure measure, boolean hasThumbs) {
        try {
            return new NavigationMap(shot, measure, hasThumbs).draw();
        } catch (NoClassDefFoundError missing) {
            throw new IllegalStateException(
                    "a map is laid out with com.github.vlsi.mxgraph:jgraphx, which is not there; add it to the dependencies",
                    missing);
        }
    }

    /** The key of the node that stands for a screen. */
    public static String key(Screen screen) {
        return "screen:" + screen.id();
    }

    /** What a screen is called on the map: its title, with dots for what differs from place to place. */
    public static String title(Plan plan, Screen screen) {
        return screen.title().fill(plan.app().language(), hole -> Optional.of("\u2026"));
    }

    private static int few(Shot shot) {
        int screens = shot.plan().screens().list().size();
        if (screens > MOST_SCREENS) {
            throw new IllegalArgumentException(
                    "a map shows at most " + MOST_SCREENS + " screens, and the plan has " + screens);
        }
        return screens;
    }

    private Scene draw() {
        build();
        var layout = new mxHierarchicalLayout(graph, SwingConstants.WEST);
        layout.setInterRankCellSpacing(72);
        layout.setIntraCellSpacing(28);
        layout.setFineTuning(plan.screens().list().size() <= MOST_THUMBS);
        layout.execute(graph.getDefaultParent());
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = 0;
        double maxY = 0;
        for (Object cell : cells.values()) {
            mxGeometry at = graph.getCellGeometry(cell);
            minX = Math.min(minX, at.getX());
            minY = Math.min(minY, at.getY());
            maxX = Math.max(maxX, at.getX() + at.getWidth());
            maxY = Math.max(maxY, at.getY() + at.getHeight());
        }
        double left = MARGIN - minX;
        double top = MARGIN + HEAD - minY;
        var nodes = new ArrayList<SceneNode>();
        text(nodes, "title", plan.app().name(), Type.semibold(24), MARGIN, MARGIN, INK);
        legend(nodes);
        int index = 0;
        for (Arc arc : arcs) {
            arc(nodes, "arc-" + index++, arc, left, top);
        }
        cells.forEach((id, cell) -> {
            mxGeometry at = graph.getCellGeometry(cell);
            node(nodes, id, new Box(left + at.getX(), top + at.getY(), at.getWidth(), at.getHeight()));
        });
        return new Scene(
                Math.max(maxX + left + MARGIN, 720),
                maxY + top + MARGIN,
                DESK,
                plan.app().name() + ", its map",
                nodes);
    }

    private double thumbHeight() {
        return THUMB
                * Math.min(
                        1.4,
                        shot.setting().device().height()
                                / shot.setting().device().width());
    }

    private void build() {
        Object parent = graph.getDefaultParent();
        graph.getModel().beginUpdate();
        plan.menus()
                .forEach(menu -> cells.put("menu:" + menu.id(), graph.insertVertex(parent, null, "", 0, 0, 120, 44)));
        for (Screen screen : plan.screens()) {
            double height = thumbs ? thumbHeight() + CAPTION : 44;
            cells.put(key(screen), graph.insertVertex(parent, null, "", 0, 0, THUMB, height));
        }
        plan.menus().forEach(menu -> menu.items().forEach(item -> item(parent, "menu:" + menu.id(), item)));
        for (Screen screen : plan.screens()) {
            String own = key(screen);
            var targets = new java.util.TreeSet<String>();
            screen.wireframe().rows().stream()
                    .map(Row::screen)
                    .flatMap(Optional::stream)
                    .map(Place::screen)
                    .forEach(targets::add);
            targets.forEach(to -> connect(parent, own, "screen:" + to, Kind.ROW));
            screen.under()
                    .filter(above -> plan.screens().get(above).wireframe().rows().stream()
                            .noneMatch(row -> row.screen()
                                    .filter(to -> to.screen().equals(screen.id()))
                                    .isPresent()))
                    .ifPresent(above -> connect(parent, "screen:" + above, own, Kind.UNDER));
            screen.otherwise().ifPresent(to -> connect(parent, own, "screen:" + to, Kind.GUARD));
        }
        graph.getModel().endUpdate();
    }

    private void item(Object parent, String menu, Item item) {
        if (item.target() instanceof Target.ToScreen to) {
            connect(parent, menu, "screen:" + to.place().screen(), Kind.ITEM);
            return;
        }
        String id = "out:" + item.id();
        cells.computeIfAbsent(id, key -> graph.insertVertex(parent, null, "", 0, 0, THUMB, 44));
        connect(parent, menu, id, Kind.ITEM);
    }

    private void connect(Object parent, String from, String to, Kind kind) {
        if (!from.equals(to)) {
            arcs.add(new Arc(graph.insertEdge(parent, null, "", cells.get(from), cells.get(to)), kind));
        }
    }

    private void arc(List<SceneNode> nodes, String key, Arc arc, double left, double top) {
        mxGeometry from = graph.getCellGeometry(graph.getModel().getTerminal(arc.cell, true));
        mxGeometry to = graph.getCellGeometry(graph.getModel().getTerminal(arc.cell, false));
        boolean forward = to.getX() > from.getX();
        double startX = left + from.getX() + (forward ? from.getWidth() : 0);
        double startY = top + from.getCenterY();
        double endX = left + to.getX() + (forward ? 0 : to.getWidth());
        double endY = top + to.getCenterY();
        var points = new ArrayList<double[]>();
        points.add(new double[] {startX, startY});
        List<mxPoint> bends = graph.getCellGeometry(arc.cell).getPoints();
        if (bends != null && forward) {
            bends.forEach(bend -> points.add(new double[] {left + bend.getX(), top + bend.getY()}));
        }
        points.add(new double[] {endX - (forward ? 7 : -7), endY});
        var parts = new ArrayList<Outline.Part>();
        parts.add(new Outline.Move(startX, startY));
        for (int i = 1; i < points.size(); i++) {
            double[] a = points.get(i - 1);
            double[] b = points.get(i);
            double pull = (b[0] - a[0]) * 0.5;
            parts.add(new Outline.Curve(a[0] + pull, a[1], b[0] - pull, b[1], b[0], b[1]));
        }
        Colour colour = arc.kind == Kind.GUARD ? GUARD : arc.kind == Kind.UNDER ? ARC.withAlpha(0.45) : ARC;
        nodes.add(new SceneNode.Path(key, new Outline(parts), colour, Optional.of(arc.kind == Kind.ITEM ? 2.0 : 1.5)));
        double tip = forward ? endX : endX;
        double back = forward ? -8 : 8;
        nodes.add(new SceneNode.Path(
                key + "-tip",
                new Outline(List.of(
                        new Outline.Move(tip, endY),
                        new Outline.Line(tip + back, endY - 4.5),
                        new Outline.Line(tip + back, endY + 4.5),
                        new Outline.Close())),
                colour,
                Optional.empty()));
    }

    private void node(List<SceneNode> nodes, String id, Box box) {
        if (id.startsWith("menu:")) {
            nodes.add(new SceneNode.Rect(id, box, 22, INK));
            centred(nodes, id + "-name", id.substring(5), NAME, box, Colour.rgb(0xFFFFFF));
            return;
        }
        if (id.startsWith("out:")) {
            nodes.add(new SceneNode.Path(id, Outline.rounded(box, 12), ARC, Optional.of(1.5)));
            var name = new Box(box.x() + 12, box.y(), box.width() - 36, box.height());
            centred(nodes, id + "-name", id.substring(4), NAME, name, INK);
            Item item = plan.items()
                    .filter(one -> one.id().equals(id.substring(4)))
                    .findFirst()
                    .orElseThrow();
            String icon = item.target() instanceof Target.ToApp || item.target() instanceof Target.ToFact
                    ? "bolt"
                    : "arrow-up-right";
            nodes.add(new SceneNode.Icon(
                    id + "-icon",
                    Box.around(box.right() - 18, box.centerY(), 16, 16),
                    IconSet.LINE,
                    icon,
                    false,
                    QUIET));
            return;
        }
        screen(nodes, plan.screens().get(id.substring(7)), box);
    }

    private void screen(List<SceneNode> nodes, Screen screen, Box box) {
        String key = key(screen);
        boolean guarded = screen.needs().isPresent();
        if (!thumbs) {
            nodes.add(new SceneNode.Rect(key, box, 10, Colour.rgb(0xFFFFFF)));
            centred(nodes, key + "-name", title(plan, screen), NAME, box, INK);
            return;
        }
        double height = box.height() - CAPTION;
        var picture = new Box(box.x(), box.y(), box.width(), height);
        nodes.add(new SceneNode.Rect(
                key + "-edge", picture.inset(-1), 13, guarded ? GUARD : new Colour(8, 24, 30, 0.16)));
        Scene scene = allowed(screen).scene(measure);
        double scale = box.width() / scene.width();
        Scene cut = scene.cropped(new Box(0, 0, scene.width(), Math.min(scene.height(), height / scale)));
        nodes.add(cut.placed(key, picture.x(), picture.y(), scale, 12));
        double y = picture.bottom() + 14;
        text(
                nodes,
                key + "-name",
                shortened(title(plan, screen), NAME, guarded ? THUMB - 20 : THUMB),
                NAME,
                box.x(),
                y,
                INK);
        if (guarded) {
            nodes.add(new SceneNode.Icon(
                    key + "-lock", Box.around(box.right() - 8, y, 14, 14), IconSet.LINE, "lock", true, GUARD));
        }
        text(nodes, key + "-path", shortened(screen.path().text(), NOTE, THUMB), NOTE, box.x(), y + 16, QUIET);
    }

    private String shortened(String text, Type type, double most) {
        return TextLine.of(text, TextLine.Anchor.START, 0, 0, most, type, measure)
                .text();
    }

    /** A shot of a screen, with every fact told true that its condition asks about, and a sample of its parameters. */
    private Shot allowed(Screen screen) {
        Shot at = shot;
        for (String fact : screen.needs().map(condition -> condition.facts()).orElse(Set.of())) {
            at = at.after(new Step.Tell(fact, new FactValue.Flag(true)));
        }
        return at.with(samples.place(screen));
    }

    private void centred(List<SceneNode> nodes, String key, String text, Type type, Box box, Colour colour) {
        nodes.add(new SceneNode.Text(
                key,
                TextLine.of(
                        text,
                        TextLine.Anchor.MIDDLE,
                        box.centerX(),
                        type.baselineAround(box.centerY()),
                        box.width() - 12,
                        type,
                        measure),
                colour));
    }

    private void text(
            List<SceneNode> nodes, String key, String text, Type type, double x, double middle, Colour colour) {
        nodes.add(new SceneNode.Text(
                key,
                TextLine.of(text, TextLine.Anchor.START, x, type.baselineAround(middle), 4000, type, measure),
                colour));
    }

    private void legend(List<SceneNode> nodes) {
        double x = MARGIN;
        double y = MARGIN + 32;
        x = legend(nodes, "item", "an item leads there", ARC, 2, x, y);
        x = legend(nodes, "row", "opened from the content", ARC, 1.5, x, y);
        x = legend(nodes, "under", "stands under it", ARC.withAlpha(0.45), 1.5, x, y);
        legend(nodes, "guard", "guarded: shown otherwise", GUARD, 1.5, x, y);
    }

    private double legend(
            List<SceneNode> nodes, String key, String text, Colour colour, double width, double x, double y) {
        nodes.add(new SceneNode.Path(
                "legend-" + key,
                new Outline(List.of(new Outline.Move(x, y), new Outline.Line(x + 24, y))),
                colour,
                Optional.of(width)));
        text(nodes, "legend-" + key + "-text", text, NOTE, x + 32, y, QUIET);
        return x + 32 + measure.width(text, NOTE) + 24;
    }
}
