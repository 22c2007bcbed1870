package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Marks;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * The hand-off of one bar: every size, distance, colour with its role, type and radius. All of it is read off the scene that is
 * painted, so it tells what is drawn.
 */
public final class Measures {
    /** Less than this, in dp, is what the grid of slots leaves over, and no distance. */
    private static final double LEAST = 0.05;

    private final Shot shot;
    private final UnaryOperator<String> roles;
    private final Scheme scheme;
    private Optional<Cast> cast = Optional.empty();
    private final String word;
    private final SceneNode.Group bar;
    private final List<Measure> measures = new ArrayList<>();

    /**
     * The measures of the bar of a shot.
     *
     * @throws IllegalArgumentException if the shot names no bar, or the bar isn't shown
     */
    public Measures(Shot shot, TextMeasure measure) {
        this(shot, measure, css -> "");
        // The same once more in colours that tell their roles, also where two roles have one colour.
        Plan distinct = shot.plan().withTheme(shot.plan().theme().distinct(scheme));
        List<Measure> origins = new Measures(shot.with(distinct), measure, roles(distinct)).measures;
        for (int i = 0; i < Math.min(measures.size(), origins.size()); i++) {
            Measure one = measures.get(i);
            measures.set(i, new Measure(one.part, one.box, one.radius, one.colour, origins.get(i).role, one.type));
        }
    }

    private Measures(Shot shot, TextMeasure measure, UnaryOperator<String> roles) {
        this.shot = shot;
        this.roles = roles;
        Walk walk = Walk.of(shot.plan());
        State state = shot.state(walk);
        this.scheme = Fitter.scheme(shot.plan(), state, shot.setting().scheme());
        this.word = shot.part().orElseThrow(() -> new IllegalArgumentException("name the bar that is measured"));
        Scene whole = shot.whole(measure);
        this.bar = shot.bar(whole);
        add(word, bar.area(), 0, Optional.empty(), "");
        parts(bar, "");
        distances();
        notch(Fitter.fit(walk, shot.setting(), state));
        page(whole);
    }

    /** The names of roles by their colours, as CSS writes them. */
    private UnaryOperator<String> roles(Plan plan) {
        Theme theme = shot.setting().themeOf(plan);
        var names = new HashMap<String, String>();
        theme.named().forEach(name -> names.put(name.in(scheme).css(), name.id()));
        for (Role role : Role.values()) {
            names.put(theme.colour(scheme, role).css(), role.word());
        }
        return css -> names.getOrDefault(css, "");
    }

    /** The gap around a circle that is raised out of the bar. */
    private void notch(Fitting fitting) {
        fitting.bars().stream()
                .filter(one -> one.word().equals(word))
                .flatMap(one -> one.items().stream())
                .filter(item -> item.selected() && item.look().indicator().kind() == Indicator.Kind.NOTCH)
                .findFirst()
                .flatMap(item -> measures.stream()
                        .filter(one -> one.part.startsWith("mark"))
                        .findFirst()
                        .map(mark -> {
                            double gap = Marks.gap(item.look().indicator());
                            return new Box(mark.box.right(), mark.box.centerY(), gap, 0);
                        }))
                .ifPresent(gap -> add("distance mark to notch", gap, 0, Optional.empty(), ""));
    }

    /** The page that moved aside from a drawer beneath it: how large and how round it is, and how far it moved. */
    private void page(Scene whole) {
        for (SceneNode node : whole.nodes()) {
            if (node instanceof SceneNode.Group group && group.part() == Part.Plain.PAGE) {
                Box page = group.area();
                double share = Math.round(100 * page.height() / whole.height());
                add(
                        "page at " + Decimals.brief(share) + " %",
                        page,
                        group.clip().orElse(0.0),
                        Optional.empty(),
                        "");
                distance("window", new Box(0, 0, 0, whole.height()), "page", page);
            }
        }
    }

    /**
     * One measured part.
     *
     * @param part what it is: {@code item:map icon}
     * @param box where it stands, in dp
     * @param radius the radius of its corners in dp
     * @param colour its colour, as CSS writes it; empty where it has none
     * @param role the role that the colour has; empty for a colour of its own
     * @param type how its text is set: {@code Inter 12 semibold}, a font of one's own by the name of its file; empty where it is no text
     */
    public record Measure(String part, Box box, double radius, String colour, String role, String type) {}

    /**
     * The shadow of the bar.
     *
     * @param colour its colour where it is darkest
     * @param blur how far it reaches beyond the bar in dp
     * @param x how far it is moved to the right in dp
     * @param y how far it is moved down in dp
     */
    record Cast(Colour colour, double blur, double x, double y) {}

    /** The shadow of the bar, where it casts one. */
    Optional<Cast> cast() {
        return cast;
    }

    /** The scheme that is shown. */
    Scheme scheme() {
        return scheme;
    }

    /** What is measured. */
    public Shot shot() {
        return shot;
    }

    /** The bar as it is drawn. */
    SceneNode.Group bar() {
        return bar;
    }

    /** Every part of the bar, then the distances between them. */
    public List<Measure> all() {
        return List.copyOf(measures);
    }

    private void parts(SceneNode.Group group, String name) {
        group.children().forEach(node -> node.accept(new Reader(name)));
    }

    private void add(String part, Box box, double radius, Optional<Colour> colour, String type) {
        String css = colour.filter(any -> any.alpha() > 0).map(Colour::css).orElse("");
        measures.add(new Measure(part, box, radius, css, css.isEmpty() ? "" : roles.apply(css), type));
    }

    private String type(Type type) {
        return font(type.weight()) + " " + Decimals.brief(type.size()) + " "
                + type.weight().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The name of the bundled font, or that of the plan's own file. */
    private String font(Type.Weight weight) {
        return shot.plan()
                .theme()
                .font()
                .map(files ->
                        weight == Type.Weight.SEMIBOLD ? files.semibold().orElse(files.regular()) : files.regular())
                .map(file -> file.substring(file.lastIndexOf('/') + 1).replaceAll("\\.[a-z0-9]+$", ""))
                .orElse("Inter");
    }

    /** The items of the bar, in order. */
    List<SceneNode.Group> items() {
        var items = new ArrayList<SceneNode.Group>();
        collect(bar, items);
        return items;
    }

    private static void collect(SceneNode.Group group, List<SceneNode.Group> items) {
        for (SceneNode.Group child : group.groups()) {
            if (child.part() instanceof Part.Item) {
                items.add(child);
            } else {
                collect(child, items);
            }
        }
    }

    /** From the bar's ends to its items, between items, and within them from the icon to the label. */
    private void distances() {
        List<SceneNode.Group> items = inOrder(items());
        for (int i = 0; i + 1 < items.size(); i++) {
            distance(
                    items.get(i).key(),
                    items.get(i).area(),
                    items.get(i + 1).key(),
                    items.get(i + 1).area());
        }
        if (!items.isEmpty()) {
            SceneNode.Group first = items.get(0);
            SceneNode.Group last = items.get(items.size() - 1);
            boolean lies = bar.area().width() >= bar.area().height();
            Box box = bar.area();
            Box start = lies ? new Box(box.x(), box.y(), 0, box.height()) : new Box(box.x(), box.y(), box.width(), 0);
            Box end = lies
                    ? new Box(box.right(), box.y(), 0, box.height())
                    : new Box(box.x(), box.bottom(), box.width(), 0);
            distance(word, start, first.key(), first.area());
            distance(last.key(), last.area(), word, end);
        }
        for (SceneNode.Group item : items) {
            Optional<Box> icon = item.children().stream()
                    .filter(SceneNode.Icon.class::isInstance)
                    .findFirst()
                    .flatMap(SceneNode::box);
            Optional<TextLine> label = item.children().stream()
                    .filter(SceneNode.Text.class::isInstance)
                    .map(node -> ((SceneNode.Text) node).line())
                    .findFirst();
            if (icon.isPresent() && label.isPresent()) {
                distance(item.key() + " icon", icon.get(), "label", label.get().box());
            }
        }
    }

    /** Items in one row as they stand beside each other, whatever stands apart in the bar. */
    private static List<SceneNode.Group> inOrder(List<SceneNode.Group> items) {
        double lowestStart =
                items.stream().mapToDouble(item -> item.area().y()).max().orElse(0);
        double highestEnd =
                items.stream().mapToDouble(item -> item.area().bottom()).min().orElse(0);
        return lowestStart < highestEnd
                ? items.stream()
                        .sorted(Comparator.comparingDouble(item -> item.area().x()))
                        .collect(toList())
                : items;
    }

    /** What lies between two boxes, across or along, where it is more than nothing. */
    private void distance(String a, Box one, String b, Box other) {
        double across = Math.max(other.x() - one.right(), one.x() - other.right());
        double along = Math.max(other.y() - one.bottom(), one.y() - other.bottom());
        String name = "distance " + a + " to " + b;
        if (along >= LEAST && along >= across) {
            double y = Math.min(one.bottom(), other.bottom());
            add(name, new Box(Math.max(one.x(), other.x()), y, 0, along), 0, Optional.empty(), "");
        } else if (across >= LEAST) {
            double x = Math.min(one.right(), other.right());
            add(name, new Box(x, Math.max(one.y(), other.y()), across, 0), 0, Optional.empty(), "");
        }
    }

    /** The shadow of the bar: from its layers, of which the widest comes first. */
    private void shadow(SceneNode.Group group) {
        // Where a notch is cut into the bar, its layers are outlines.
        double clear = 1;
        for (SceneNode layer : group.children()) {
            clear *= 1 - fill(layer).alpha();
        }
        if (group.children().isEmpty()) {
            return;
        }
        SceneNode first = group.children().get(0);
        Box widest = first instanceof SceneNode.Path path
                ? path.outline().bounds()
                : first.box().orElseThrow();
        Box own = group.area();
        Colour colour = fill(first).withAlpha(Math.round((1 - clear) * 100) / 100.0);
        cast = Optional.of(new Cast(
                colour,
                (widest.width() - own.width()) / 2,
                widest.centerX() - own.centerX(),
                widest.centerY() - own.centerY()));
        add("shadow", widest, first instanceof SceneNode.Rect rect ? rect.radius() : 0, Optional.of(colour), "");
    }

    private static Colour fill(SceneNode layer) {
        return layer instanceof SceneNode.Path path ? path.fill() : ((SceneNode.Rect) layer).fill();
    }

    /** Reads what is drawn, node by node; the shadows within a bar are no parts. */
    private final class Reader implements SceneNode.Visitor {
        private final String name;

        Reader(String name) {
            this.name = name;
        }

        private String part(SceneNode node) {
            return name.isEmpty() ? node.key() : name + " " + node.key();
        }

        @Override
        public void rect(SceneNode.Rect node) {
            add(part(node), node.area(), node.radius(), Optional.of(node.fill()), "");
        }

        @Override
        public void text(SceneNode.Text node) {
            add(
                    part(node),
                    node.line().box(),
                    0,
                    Optional.of(node.fill()),
                    type(node.line().type()));
        }

        @Override
        public void gradient(SceneNode.Gradient node) {
            for (Fill.Shade shade : node.shades()) {
                String at = " at " + Decimals.brief(shade.at() * 100) + " %";
                add(part(node) + at, node.area(), node.radius(), Optional.of(shade.colour()), "");
            }
        }

        @Override
        public void picture(SceneNode.Picture node) {
            add(part(node), node.area(), node.radius(), Optional.empty(), "");
        }

        @Override
        public void icon(SceneNode.Icon node) {
            add(part(node), node.area(), 0, Optional.of(node.fill()), "");
        }

        @Override
        public void path(SceneNode.Path node) {
            add(part(node), node.outline().bounds(), 0, Optional.of(node.fill()), "");
        }

        @Override
        public void group(SceneNode.Group node) {
            if (node.part() == Part.Plain.SHADOW) {
                if (name.isEmpty()) {
                    shadow(node);
                }
                return;
            }
            if (node.part() == Part.Plain.LIST) {
                parts(node, name);
                return;
            }
            String own = part(node);
            boolean isTarget = node.part() instanceof Part.Item || node.part() == Part.Plain.BUTTON;
            if (isTarget) {
                add(own, node.area(), 0, Optional.empty(), "");
            }
            parts(node, own);
        }
    }
}
