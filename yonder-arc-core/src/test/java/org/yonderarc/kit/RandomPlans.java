package org.yonderarc.kit;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.yonderarc.build.DrawerBuilder;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.OverflowBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.RailBuilder;
import org.yonderarc.build.StyleBuilder;
import org.yonderarc.build.TopBuilder;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;
import org.yonderarc.plan.TopForm;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Wireframe;

/** Plans that nobody thought of. */
public final class RandomPlans {
    private static final List<String> ICONS = List.of("droplet", "map", "flag", "users", "clipboard-list");

    private RandomPlans() {}

    /** An app with content on its screens, in two languages, with one or two bars beside a top bar, and motions of its own. */
    public static Plan plan(Random random) {
        int items = 2 + random.nextInt(5);
        var builder = PlanBuilder.app("Random")
                .languages("en", "ar")
                .start("s0")
                .fact("n", random.nextInt(300))
                .screenMotion(
                        MotionBuilder.lasting(150 + random.nextInt(300)).kind(any(Transition.Kind.values(), random)))
                .drawerMotion(
                        random.nextBoolean()
                                ? MotionBuilder.lasting(150 + random.nextInt(300))
                                : MotionBuilder.spring(300, 20 + random.nextInt(20)));
        for (int i = 0; i < items; i++) {
            String title = "Wax".repeat(1 + random.nextInt(4)) + " " + i;
            Wireframe.Kind kind = any(Wireframe.Kind.values(), random);
            String icon = ICONS.get(i % ICONS.size());
            builder.screen("s" + i, screen -> screen.title(Map.of("en", title, "ar", "\u0645\u062f\u0651 " + title))
                    .icon(icon)
                    .wireframe(kind)
                    .row("Gull Point", "Ledge, lower shore", "0.4 m", "one?one=1")
                    .row("Old Harbour", "Weir", "on", "one?one=2"));
        }
        builder.screen(
                "one",
                screen ->
                        screen.title("One {one}").path("/one/{one}").under("s0").wireframe(Wireframe.Kind.DETAIL));
        builder.menu("main", menu -> {
            for (int i = 0; i < items; i++) {
                int which = random.nextInt(4);
                menu.item("s" + i, item -> {
                    switch (which) {
                        case 0 -> item.badge("n");
                        case 1 -> item.tag("New");
                        case 2 -> item.note("A note below it").value("{n} m");
                        default -> item.shortLabel("Wx");
                    }
                });
            }
            menu.web("https://gull.example/", item -> item.label("Office of tides")
                    .icon("send"));
        });
        builder.menu("side", menu -> menu.item("s0")
                .signal("send", item -> item.icon("send"))
                .divider()
                .section("Folds", any(Entry.Collapsible.values(), random), in -> in.item("s1")));
        boolean rich = random.nextBoolean();
        FormBuilder<?> form = rich ? richForm(random) : form(random);
        form.style(style -> style(style, random));
        builder.bar(bar -> bar.menu("main").form(form));
        // Two bars at one edge clash.
        boolean isAside = form instanceof DrawerBuilder || form instanceof RailBuilder;
        if (random.nextInt(3) == 0 && !isAside) {
            builder.bar(bar -> bar.menu("side")
                    .form(FormBuilder.drawer()
                            .side(any(Form.Side.values(), random))
                            .opens(any(DrawerForm.Opening.values(), random))
                            .collapsedWidth(72)));
        }
        if (random.nextInt(3) > 0 && !(form instanceof TopBuilder)) {
            builder.topBar();
        }
        return builder.build();
    }

    private static void style(StyleBuilder style, Random random) {
        switch (random.nextInt(3)) {
            case 0 ->
                style.indicator(mark -> mark.kind(Indicator.Kind.NOTCH)
                        .width(40 + random.nextInt(30))
                        .depth(random.nextInt(60) - 30));
            case 1 ->
                style.indicator(mark -> mark.kind(Indicator.Kind.LINE)
                        .edge(any(Indicator.Edge.values(), random))
                        .length(any(Indicator.Length.values(), random))
                        .thickness(3));
            default -> style.indicator(any(Indicator.Kind.values(), random));
        }
        if (random.nextBoolean()) {
            style.tile(square -> square.shape(any(Tile.Shape.values(), random)).size(16 + random.nextInt(48)))
                    .badgePosition(any(Style.BadgePosition.values(), random));
        }
        if (random.nextInt(3) == 0) {
            double opacity = 0.5 + random.nextDouble() / 2;
            style.size(Size.PADDING_START, random.nextInt(40))
                    .size(Size.INDENT, random.nextInt(64))
                    .background(ground -> ground.fill(
                                    fill -> fill.from("#7a1f5c").to("#12305a").angle(90))
                            .opacity(opacity)
                            .border("line", 2, true)
                            .shadow(true));
        }
    }

    private static <T> T any(T[] values, Random random) {
        return values[random.nextInt(values.length)];
    }

    /** Screens without content, and a menu and a bar with all that forms, styles and items may say. */
    public static Plan rich(Random random) {
        var entries = IntStream.range(0, random.nextInt(4))
                .mapToObj(i -> new ListEntry("e" + i, "Entry ".repeat(1 + random.nextInt(4)), Map.of("badge", "" + i)))
                .toList();
        var builder = PlanBuilder.app("Random")
                .start("s0")
                .fact("n", random.nextInt(300))
                .fact("all", entries);
        int items = 2 + random.nextInt(6);
        for (int i = 0; i < items; i++) {
            screen(builder, "s" + i, 6, random);
        }
        builder.screen("c0", screen -> screen.under("s0"))
                .screen("one", screen -> screen.path("/one/{one}").icon("flag"))
                .menu("main", menu -> {
                    for (int i = 0; i < items; i++) {
                        int which = random.nextInt(4);
                        menu.item("s" + i, item -> {
                            switch (which) {
                                case 0 ->
                                    item.note("A note of some length below it").value("{n} more");
                                case 1 -> item.badge("n").shortLabel("W");
                                case 2 -> item.tag("New");
                                default -> item.label("Plain");
                            }
                        });
                    }
                    menu.section("Folds", Entry.Collapsible.values()[random.nextInt(4)], in -> in.item("c0"));
                    menu.item("one?one={id}", item -> item.repeat("all", 3));
                });
        FormBuilder<?> form = richForm(random);
        var along = Indicator.Length.values()[random.nextInt(3)];
        double depth = random.nextInt(60) - 30;
        boolean notched = random.nextBoolean();
        double opacity = random.nextBoolean() ? 1 : random.nextDouble();
        var tile = Tile.Shape.values()[random.nextInt(3)];
        var badgeAt = Style.BadgePosition.values()[random.nextInt(3)];
        form.style(style -> (notched
                        ? style.indicator(mark -> mark.kind(Indicator.Kind.NOTCH)
                                .width(40 + random.nextInt(30))
                                .depth(depth))
                        : style.indicator(mark -> mark.kind(Indicator.Kind.LINE)
                                .edge(Indicator.Edge.INNER)
                                .length(along)
                                .thickness(3)))
                .tile(square -> square.shape(tile).size(16 + random.nextInt(48)))
                .badgePosition(badgeAt)
                .size(Size.SELECTED_SIZE, 10 + random.nextInt(12))
                .size(Size.INDENT, random.nextInt(64))
                .size(Size.PADDING_START, random.nextInt(40))
                .size(Size.PADDING_END, random.nextInt(40))
                .size(Size.PADDING_TOP, random.nextInt(40))
                .background(ground -> ground.fill("accent").opacity(opacity).border("line", 2, true)));
        return builder.bar(bar -> bar.menu("main").order("s1", "s0").form(form)).build();
    }

    /** Screens without content, and a bar in any form as most apps have them. */
    public static Plan bare(Random random) {
        var builder = PlanBuilder.app("Random").start("s0").fact("n", random.nextInt(300));
        int items = 1 + random.nextInt(9);
        for (int i = 0; i < items; i++) {
            String title = screen(builder, "s" + i, 12, random);
            builder.screen("c" + i, screen -> screen.title(title + title).under("s0"));
        }
        builder.menu("main", menu -> {
            for (int i = 0; i < items; i++) {
                boolean badge = random.nextBoolean();
                menu.item("s" + i, item -> {
                    if (badge) {
                        item.badge("n");
                    }
                });
            }
        });
        FormBuilder<?> form = form(random);
        var indicator = Indicator.Kind.values()[random.nextInt(6)];
        boolean sized = random.nextInt(4) == 0;
        form.style(style -> {
            style.indicator(indicator);
            if (sized) {
                style.size(Size.SPACING, random.nextInt(12)).size(Size.PADDING, random.nextInt(24));
            }
        });
        builder.bar(bar -> bar.menu("main").form(form));
        if (random.nextInt(3) > 0) {
            builder.topBar();
        }
        return builder.build();
    }

    /** A screen without content, with an icon or none; gives its title, of so many syllables at most. */
    private static String screen(PlanBuilder builder, String id, int syllables, Random random) {
        String title = "Wax".repeat(1 + random.nextInt(syllables)) + (random.nextBoolean() ? " and wane" : "");
        boolean hasIcon = random.nextInt(4) > 0;
        builder.screen(id, screen -> {
            screen.title(title);
            if (hasIcon) {
                screen.icon("droplet");
            }
        });
        return title;
    }

    private static FormBuilder<?> richForm(Random random) {
        Form.Alignment side = Form.Alignment.values()[random.nextInt(3)];
        Consumer<OverflowBuilder> overflow = more -> more.itemsBefore(1 + random.nextInt(4))
                .presentation(Form.Overflow.Presentation.values()[random.nextInt(2)])
                .layout(Form.TileLayout.values()[random.nextInt(2)]);
        return switch (random.nextInt(5)) {
            case 0 ->
                FormBuilder.bottom()
                        .floating(bar -> bar.inset(random.nextInt(24))
                                .radius(random.nextInt(32))
                                .shadow(true)
                                .bottomOffset(random.nextInt(60))
                                .maxWidth(240)
                                .align(side))
                        .overflow(overflow);
            case 1 ->
                FormBuilder.top()
                        .alignTitle(TopForm.TitleAlignment.values()[random.nextInt(3)])
                        .subtitle(random.nextBoolean() ? "{n} of them" : "{n}")
                        .labels(Form.Labels.values()[random.nextInt(3)])
                        .iconPosition(Form.IconPosition.values()[random.nextInt(4)])
                        .ownRow(random.nextBoolean())
                        .itemWidths(TopForm.ItemWidths.values()[random.nextInt(2)])
                        .wraps(random.nextBoolean())
                        .alignItems(side)
                        .search("s0")
                        .maxItems(2 + random.nextInt(10))
                        .overflow(overflow);
            case 2 ->
                FormBuilder.drawer()
                        .opens(DrawerForm.Opening.values()[random.nextInt(4)])
                        .side(Form.Side.values()[random.nextInt(2)])
                        .width(DrawerForm.Width.percent(20 + random.nextInt(81)))
                        .beneath(aside -> aside.shift(1)
                                .radius(random.nextInt(80))
                                .shadow(true)
                                .scale(0.5 + random.nextDouble() / 2))
                        .collapsedWidth(72)
                        .search("s0")
                        .header(head -> head.picture("p.png")
                                .title("Somebody of a long name")
                                .note("Somewhere far away from here"))
                        .showLogo(random.nextBoolean());
            case 3 ->
                FormBuilder.rail()
                        .showLogo(true)
                        .alignItems(side)
                        .side(Form.Side.values()[random.nextInt(2)])
                        .floating(bar -> bar.inset(random.nextInt(60))
                                .radius(random.nextInt(64))
                                .shadow(true)
                                .overContent(random.nextBoolean()));
            default -> FormBuilder.grid("s0").showLogo(true).layout(Form.TileLayout.values()[random.nextInt(2)]);
        };
    }

    /** Any form, with what most bars say of theirs. */
    public static FormBuilder<?> form(Random random) {
        var labels = Form.Labels.values()[random.nextInt(3)];
        return switch (random.nextInt(7)) {
            case 0 ->
                FormBuilder.rail()
                        .side(Form.Side.values()[random.nextInt(2)])
                        .labels(labels)
                        .narrow(random.nextBoolean())
                        .alignItems(Form.Alignment.values()[random.nextInt(3)]);
            case 1 ->
                FormBuilder.drawer()
                        .side(Form.Side.values()[random.nextInt(2)])
                        .opens(DrawerForm.Opening.values()[random.nextInt(4)])
                        .header(head -> head.picture("p.png").title("Somebody").note("Somewhere"))
                        .collapsedWidth(72)
                        .footer("s0");
            case 2 ->
                FormBuilder.radial()
                        .position(RadialForm.Corner.values()[random.nextInt(5)])
                        .maxItems(2 + random.nextInt(7))
                        .labels(RadialForm.Beside.values()[random.nextInt(3)])
                        .scrim(random.nextBoolean());
            case 3 -> FormBuilder.grid("s0").layout(Form.TileLayout.values()[random.nextInt(2)]);
            default -> {
                var bottom = FormBuilder.bottom()
                        .maxItems(2 + random.nextInt(6))
                        .labels(labels)
                        .iconPosition(Form.IconPosition.values()[random.nextInt(4)])
                        .whenFull(Form.WhenFull.values()[random.nextInt(3)])
                        .onScroll(Form.Scrolling.values()[random.nextInt(2)]);
                if (random.nextInt(3) == 0) {
                    bottom.action("s0");
                }
                yield random.nextInt(3) == 0
                        ? bottom.floating(bar -> bar.inset(random.nextInt(24))
                                .radius(random.nextInt(32))
                                .shadow(true))
                        : bottom;
            }
        };
    }
}
