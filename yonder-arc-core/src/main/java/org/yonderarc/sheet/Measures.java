package org.yonderarc.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitter;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Layouter;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.StateLook;
import org.yonderarc.scene.Outline;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Walk;

/** The hand-off of one bar: every size, distance, colour with its role, type and radius. */
public final class Measures {
    private static final Colour RED = Colour.rgb(0xC81E3A);
    private static final double ZOOM = 2;

    private final Shot shot;
    private final Layout.Bar bar;
    private final TextMeasure measure;

    /**
     * The measures of the bar of a shot.
     *
     * @throws IllegalArgumentException if the shot names no part, or the part isn't shown
     */
    public Measures(Shot shot, TextMeasure measure) {
        this.shot = shot;
        this.measure = measure;
        var walk = Walk.of(shot.plan());
        Fitting fitting = Fitter.fit(walk, shot.setting(), shot.state(walk));
        String part = shot.part().orElseThrow(() -> new IllegalArgumentException("name the bar that is measured"));
        this.bar = Layouter.layOut(fitting, measure).bars().stream()
                .filter(one -> one.fitted().getClass().getSimpleName().equalsIgnoreCase(part))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "no " + part + " is shown on " + shot.setting().device().id()));
    }

    /**
     * One measured part.
     *
     * @param part what it is: {@code item:map icon}
     * @param box where it stands, in dp
     * @param radius the radius of its corners in dp
     * @param colour its colour, as CSS writes it; empty where it has none
     * @param role the role that the colour has; empty for a colour of its own
     * @param type how its text is set: {@code Inter 12 semibold}; empty where it is no text
     */
    public record Row(String part, Box box, double radius, String colour, String role, String type) {}

    /** Every part of the bar. */
    public List<Row> rows() {
        var rows = new ArrayList<Row>();
        rows.add(row(
                shot.part().orElseThrow(), bar.box(), bar.radius(), Optional.of(new Paint.ByRole(Role.SURFACE)), ""));
        for (Layout.Slot slot : bar.slots()) {
            FittedItem item = slot.item();
            StateLook look = item.look().in(item.states());
            String name = "item:" + item.id();
            rows.add(row(name, slot.target(), slot.radius(), look.container(), ""));
            if (item.icon().isPresent()) {
                rows.add(row(name + " icon", slot.icon(), 0, look.icon(), ""));
            }
            for (TextLine line : slot.label()) {
                rows.add(row(name + " label", line.box(), 0, look.label(), type(line.type())));
            }
            slot.mark()
                    .ifPresent(mark ->
                            rows.add(row(name + " indicator", mark.box(), mark.radius(), look.indicator(), "")));
            slot.badge()
                    .ifPresent(badge -> rows.add(row(
                            name + " badge",
                            badge.box(),
                            badge.box().height() / 2,
                            Optional.of(new Paint.ByRole(Role.BADGE)),
                            badge.text().map(text -> type(text.type())).orElse(""))));
        }
        for (TextLine line : bar.titles()) {
            rows.add(row("title", line.box(), 0, Optional.of(new Paint.ByRole(Role.TEXT)), type(line.type())));
        }
        bar.buttons()
                .forEach(button -> rows.add(row(
                        "button " + button.fitted().icon(),
                        button.target(),
                        0,
                        Optional.of(new Paint.ByRole(Role.TEXT)),
                        "")));
        return rows;
    }

    private Row row(String part, Box box, double radius, Optional<Paint> paint, String type) {
        Paint shown = paint.orElse(Paint.NONE);
        Colour colour = shown.in(shot.plan().theme(), shot.scheme());
        return new Row(
                part,
                box,
                radius,
                colour.alpha() == 0 ? "" : colour.css(),
                shown instanceof Paint.ByRole by ? by.role().word() : "",
                type);
    }

    private static String type(Type type) {
        return "Inter " + number(type.size()) + " " + type.weight().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The rows as comma-separated values (RFC 4180), with a header. */
    public String csv() {
        var out = new StringBuilder("part,x,y,width,height,radius,colour,role,type\r\n");
        for (Row row : rows()) {
            out.append(row.part())
                    .append(',')
                    .append(number(row.box().x()))
                    .append(',')
                    .append(number(row.box().y()))
                    .append(',')
                    .append(number(row.box().width()))
                    .append(',')
                    .append(number(row.box().height()))
                    .append(',')
                    .append(number(row.radius()))
                    .append(",\"")
                    .append(row.colour())
                    .append("\",")
                    .append(row.role())
                    .append(',')
                    .append(row.type())
                    .append("\r\n");
        }
        return out.toString();
    }

    private static String number(double dp) {
        return org.yonderarc.scene.Decimals.text(dp);
    }

    /** The rows as a tree, for JSON. */
    public Value json() {
        return Trees.list(rows().stream()
                .map(row -> {
                    Map<String, Value> out = new LinkedHashMap<>();
                    out.put("part", Trees.text(row.part()));
                    out.put("x", rounded(row.box().x()));
                    out.put("y", rounded(row.box().y()));
                    out.put("width", rounded(row.box().width()));
                    out.put("height", rounded(row.box().height()));
                    out.put("radius", rounded(row.radius()));
                    out.put("colour", Trees.text(row.colour()));
                    out.put("role", Trees.text(row.role()));
                    out.put("type", Trees.text(row.type()));
                    return (Value) Trees.map(out);
                })
                .toList());
    }

    private static Value rounded(double dp) {
        return Trees.number(Math.round(dp * 1000) / 1000.0);
    }

    /** The colours, sizes and radii as design tokens, as the Design Tokens Format Module 2025.10 (DTCG) writes them. */
    public Value tokens() {
        var colours = new LinkedHashMap<String, Value>();
        var roles = new EnumMap<Role, Colour>(Role.class);
        for (Role role : Role.values()) {
            roles.put(role, shot.plan().theme().colour(shot.scheme(), role));
        }
        roles.forEach((role, colour) -> colours.put(role.word(), colour(colour)));
        var sizes = new LinkedHashMap<String, Value>();
        for (Row row : rows()) {
            String name = row.part().replace("item:", "").replace(' ', '-').replace(':', '-');
            sizes.putIfAbsent(name + "-width", dimension(row.box().width()));
            sizes.putIfAbsent(name + "-height", dimension(row.box().height()));
            if (row.radius() > 0) {
                sizes.putIfAbsent(name + "-radius", dimension(row.radius()));
            }
        }
        var out = new LinkedHashMap<String, Value>();
        out.put("colour", Trees.map(colours));
        out.put("size", Trees.map(sizes));
        return Trees.map(out);
    }

    private static Value colour(Colour colour) {
        var value = new LinkedHashMap<String, Value>();
        value.put("colorSpace", Trees.text("srgb"));
        value.put("components", Trees.list(List.of(share(colour.red()), share(colour.green()), share(colour.blue()))));
        value.put("alpha", Trees.number(colour.alpha()));
        value.put("hex", Trees.text(colour.hex()));
        return token("color", Trees.map(value));
    }

    private static Value share(int channel) {
        return Trees.number(Math.round(channel / 255.0 * 10_000) / 10_000.0);
    }

    private static Value dimension(double dp) {
        var value = new LinkedHashMap<String, Value>();
        value.put("value", rounded(dp));
        value.put("unit", Trees.text("px"));
        return token("dimension", Trees.map(value));
    }

    private static Value token(String type, Value value) {
        var token = new LinkedHashMap<String, Value>();
        token.put("$type", Trees.text(type));
        token.put("$value", value);
        return Trees.map(token);
    }

    /** The bar at twice its size, red-lined: the extents of the bar and its items, and each part named beside it. */
    public Scene picture() {
        Scene part = shot.scene(measure);
        var walk = Walk.of(shot.plan());
        Box box = bar.box();
        double originX = Math.max(0, box.x() - 16);
        double originY = Math.max(0, box.y() - 32);
        double left = 96;
        double top = 96;
        double pictureRight = left + part.width() * ZOOM;
        var nodes = new ArrayList<SceneNode>();
        Sheet.text(
                nodes,
                "title",
                shot.plan().app().name() + ", " + shot.part().orElseThrow() + " on "
                        + shot.setting().device().id() + ", in dp",
                Type.semibold(15),
                left,
                36,
                measure);
        nodes.add(part.placed("bar", left, top, ZOOM, 12));
        int index = 0;
        double lane = top - 20;
        for (Layout.Slot slot : bar.slots()) {
            double a = left + (slot.target().x() - originX) * ZOOM;
            double b = left + (slot.target().right() - originX) * ZOOM;
            if (box.width() >= box.height()) {
                across(nodes, "w" + index, a, b, lane, brief(slot.target().width()));
            } else {
                double y0 = top + (slot.target().y() - originY) * ZOOM;
                double y1 = top + (slot.target().bottom() - originY) * ZOOM;
                along(nodes, "h" + index, left - 20, y0, y1, brief(slot.target().height()));
            }
            frame(nodes, "i" + index, slot.icon(), originX, originY, left, top);
            for (TextLine line : slot.label()) {
                frame(nodes, "l" + index + line.text(), line.box(), originX, originY, left, top);
            }
            index++;
        }
        double y0 = top + (box.y() - originY) * ZOOM;
        double y1 = top + (box.bottom() - originY) * ZOOM;
        if (box.width() >= box.height()) {
            along(nodes, "height", left - 24, y0, y1, brief(box.height()));
        } else {
            across(
                    nodes,
                    "width",
                    left + (box.x() - originX) * ZOOM,
                    left + (box.right() - originX) * ZOOM,
                    top - 20,
                    brief(box.width()));
        }
        double y = top + 8;
        double legend = pictureRight + 40;
        for (Row row : rows()) {
            String text = row.part() + "   " + brief(row.box().width()) + " \u00d7 "
                    + brief(row.box().height())
                    + (row.radius() > 0 ? "   radius " + brief(row.radius()) : "")
                    + (row.colour().isEmpty()
                            ? ""
                            : "   " + (row.role().isEmpty() ? "" : row.role() + " ") + row.colour())
                    + (row.type().isEmpty() ? "" : "   " + row.type());
            nodes.add(Sheet.note("legend" + nodes.size(), text, legend, y, Sheet.INK, measure));
            y += 20;
        }
        double height = Math.max(top + part.height() * ZOOM, y) + 48;
        return new Scene(legend + 520, height, Sheet.DESK, walk.plan().app().name() + ", measured", nodes);
    }

    private void across(List<SceneNode> nodes, String key, double a, double b, double y, String text) {
        line(nodes, key, a, y, b, y);
        line(nodes, key + "a", a, y - 4, a, y + 4);
        line(nodes, key + "b", b, y - 4, b, y + 4);
        double width = measure.width(text, Type.regular(12));
        nodes.add(Sheet.note(key + "t", text, (a + b - width) / 2, y - 10, RED, measure));
    }

    private void along(List<SceneNode> nodes, String key, double x, double a, double b, String text) {
        line(nodes, key, x, a, x, b);
        line(nodes, key + "a", x - 4, a, x + 4, a);
        line(nodes, key + "b", x - 4, b, x + 4, b);
        double width = measure.width(text, Type.regular(12));
        nodes.add(Sheet.note(key + "t", text, x - 8 - width, (a + b) / 2, RED, measure));
    }

    /** A number with one decimal at most, as people read it. */
    private static String brief(double dp) {
        return number(Math.round(dp * 10) / 10.0);
    }

    private static void line(List<SceneNode> nodes, String key, double x0, double y0, double x1, double y1) {
        var outline = new Outline(List.of(new Outline.Move(x0, y0), new Outline.Line(x1, y1)));
        nodes.add(new SceneNode.Path(key, outline, RED, Optional.of(1.0)));
    }

    private static void frame(
            List<SceneNode> nodes, String key, Box box, double originX, double originY, double left, double top) {
        if (box.width() > 0) {
            var placed = new Box(
                    left + (box.x() - originX) * ZOOM,
                    top + (box.y() - originY) * ZOOM,
                    box.width() * ZOOM,
                    box.height() * ZOOM);
            nodes.add(new SceneNode.Path(key, Outline.rounded(placed, 0), RED.withAlpha(0.6), Optional.of(1.0)));
        }
    }
}
