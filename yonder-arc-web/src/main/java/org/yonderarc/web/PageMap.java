package org.yonderarc.web;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.draw.FontMeasure;
import org.yonderarc.draw.NavigationMap;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.SvgPainter;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Screen;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.sheet.Shot;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Markup;
import org.yonderarc.walk.Walk;

/** The map of a plan as a part of its page: a picture, and over each screen a link that leads there. */
final class PageMap {
    private final Plan plan;
    private final Walk walk;
    private final SvgPainter painter;
    private final FontMeasure measure;

    PageMap(Plan plan, Typeface face, Icons icons, Pictures pictures) {
        this.plan = plan;
        this.walk = Walk.of(plan);
        this.painter = SvgPainter.within(icons, pictures, face, "map-");
        this.measure = face.measure();
    }

    /** The part; empty where the plan has more screens than a map shows. */
    String html() {
        if (plan.screens().list().size() > NavigationMap.MOST_SCREENS) {
            return "";
        }
        Scene scene = NavigationMap.ofNames(
                new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty()), measure);
        String svg = painter.paint(scene);
        // The links have names: what the picture says by itself would be said twice.
        String quiet = svg.substring(svg.indexOf("<svg"))
                .replaceFirst("role=\"img\" aria-labelledby=\"map-title\"", "aria-hidden=\"true\"")
                .replaceFirst("<title[^>]*>[^<]*</title>\n?", "");
        Samples samples = Samples.of(plan);
        String links = plan.screens().stream()
                .filter(screen -> walk.problem(samples.place(screen)).isEmpty())
                .flatMap(screen ->
                        box(scene, screen).map(box -> link(scene, screen, samples.place(screen), box)).stream())
                .collect(Collectors.joining());
        return quiet + links;
    }

    private static Optional<Box> box(Scene scene, Screen screen) {
        return scene.nodes().stream()
                .filter(node -> node.key().equals(NavigationMap.key(screen)))
                .findFirst()
                .flatMap(SceneNode::box);
    }

    private String link(Scene scene, Screen screen, Place place, Box box) {
        String address = walk.addressOf(place);
        return "<a href=\"#" + Markup.escape(address) + "\" data-address=\"" + Markup.escape(address)
                + "\" data-screen=\"" + Markup.escape(screen.id()) + "\" aria-label=\""
                + Markup.escape(NavigationMap.title(plan, screen))
                + "\" style=\"left:" + percent(box.x(), scene.width()) + ";top:" + percent(box.y(), scene.height())
                + ";width:" + percent(box.width(), scene.width()) + ";height:" + percent(box.height(), scene.height())
                + "\"></a>";
    }

    private static String percent(double part, double whole) {
        return Decimals.brief(100 * part / whole) + "%";
    }
}
