package org.yonderarc.files;

import java.util.List;
import java.util.Map;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Tile;
import org.yonderarc.plan.TopForm;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;

/** The plan of everything.yaml, which has every key, by builders. */
final class EveryKey {
    private EveryKey() {}

    static Plan built() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .languages("en", "de")
                .required("settings", "sign-out")
                .linkSchemes("geo")
                .colour(Scheme.LIGHT, Role.BACKGROUND, "#ffffff")
                .colour(Scheme.LIGHT, Role.SURFACE, "#fff")
                .colour(Scheme.LIGHT, Role.QUIET, "#e9eff1")
                .colour(Scheme.LIGHT, Role.TEXT, "#14252b")
                .colour(Scheme.LIGHT, Role.MUTED, "#56666d")
                .colour(Scheme.LIGHT, Role.ACCENT, "#0a6c74")
                .colour(Scheme.DARK, Role.LINE, "#27353a80")
                .colour(Scheme.DARK, Role.BADGE, "hsl(7, 79%, 71%)")
                .colour(Scheme.DARK, Role.BADGE_TEXT, "#33100a")
                .colour(Scheme.DARK, Role.TINT, "#112233")
                .colour(Scheme.DARK, Role.ACCENT_TEXT, "#ffffff")
                .logo(Scheme.LIGHT, "pictures/logo.png")
                .logo(Scheme.DARK, "pictures/logo-dark.png")
                .smallLogo(Scheme.LIGHT, "pictures/small.png")
                .smallLogo(Scheme.DARK, "pictures/small.png")
                .textFiles("texts/{language}.properties")
                .back(App.Back.HISTORY)
                .themeStyle("calm")
                .colour("coral", "#b4452f")
                .colour("dusk", "#35385a", "#aaafd6")
                .iconSet(IconSet.SLIM)
                .font("fonts/plain.ttf", "fonts/strong.otf")
                .schemeFact("observer")
                .tokenFile("tokens.json")
                .style("calm", style -> style.indicator(mark -> mark.kind(Indicator.Kind.SHAPE)
                                .edge(Indicator.Edge.OUTER)
                                .behind(Indicator.Behind.ITEM)
                                .width(56)
                                .thickness(32)
                                .radius(16))
                        .bold(Style.Which.NONE)
                        .titleBold(false)
                        .filled(Style.Which.ALL)
                        .size(Size.ICON_SIZE, 22)
                        .size(Size.LABEL_SIZE, 13)
                        .size(Size.SELECTED_SIZE, 14)
                        .size(Size.PADDING_TOP, 1)
                        .size(Size.PADDING_BOTTOM, 2)
                        .size(Size.PADDING_START, 3)
                        .size(Size.PADDING_END, 4)
                        .size(Size.INDENT, 12)
                        .tile(square -> square.shape(Tile.Shape.ROUNDED).size(40))
                        .badgePosition(Style.BadgePosition.LOWER)
                        .size(Size.TITLE_SIZE, 18)
                        .size(Size.ITEM_WIDTH, 80)
                        .size(Size.ITEM_HEIGHT, 52)
                        .size(Size.SPACING, 4)
                        .size(Size.PADDING, 8)
                        .size(Size.GAP, 2)
                        .size(Size.THICKNESS, 72)
                        .state(ItemState.SELECTED, look -> look.icon("accent")
                                .label("text")
                                .fill("none")
                                .indicator("#d6ecee"))
                        .state(ItemState.HOVER, look -> look.fill("quiet"))
                        .state(ItemState.PRESSED, look -> look.fill("line"))
                        .state(ItemState.FOCUSED, look -> look.fill("tint"))
                        .state(
                                ItemState.DISABLED,
                                look -> look.icon("muted").label("muted").outline("line"))
                        .state(
                                ItemState.DEFAULT,
                                look -> look.icon("muted").tile("quiet", "line").badge("coral")))
                .style("loud", style -> style.indicator(mark ->
                                mark.kind(Indicator.Kind.NOTCH).width(48).depth(-4))
                        .background(ground -> ground.fill(fill -> fill.from("coral", "dusk")
                                        .through("accent")
                                        .through("#123456", 0.8)
                                        .to("dusk")
                                        .angle(90))
                                .border("line", 2, true)
                                .shadow(true)
                                .opacity(0.9)))
                .style("low", style -> style.indicator(mark -> mark.kind(Indicator.Kind.NOTCH)
                                .width(48)
                                .depth(2)
                                .distance(10))
                        .background(ground -> ground.shadow("coral", 20, 2, -3)))
                .style("dotted", style -> style.indicator(mark -> mark.kind(Indicator.Kind.DOT)
                                .edge(Indicator.Edge.OUTER)
                                .distance(8))
                        .size(Size.ITEM_PADDING, 20))
                .style("framed", style -> style.indicator(Indicator.Kind.BRACKETS))
                .style(
                        "pictured",
                        style -> style.indicator(mark -> mark.kind(Indicator.Kind.SHAPE)
                                .behind(Indicator.Behind.ITEM)
                                .width(48)
                                .thickness(40)
                                .picture("pictures/wave.svg")))
                .style("plain", style -> style.tile(Tile.Shape.ROUND)
                        .background(ground -> ground.fill("surface"))
                        .indicator(mark -> mark.kind(Indicator.Kind.LINE)
                                .edge(Indicator.Edge.OUTER)
                                .length(Indicator.Length.LABEL)
                                .thickness(2)))
                .selectMotion(MotionBuilder.spring(300, 30, 0.5, 2).after(20))
                .stateMotion(MotionBuilder.lasting(90))
                .drawerMotion(MotionBuilder.lasting(240).easing("linear(0 0%, 0.5 20% 40%, 1)"))
                .screenMotion(MotionBuilder.lasting(320)
                        .after(10)
                        .kind(Transition.Kind.COVER)
                        .stagger(25)
                        .easing("steps(4, jump-both)"))
                .reducedMotion(Motion.Reduced.NONE)
                .deviceKind("phone", 0)
                .deviceKind("tablet", 600)
                .deviceKind("desktop", 1024)
                .fact("signed-in", false)
                .fact("drafts", 2)
                .device("kiosk", 1080, 1920, Visibility.Pointer.FINE, 10, 40, 20, 30)
                .deviceBody("kiosk", Body.SQUARE)
                .devicePixelRatio("kiosk", 1.5)
                .fact("observer", "Guest")
                .fact(
                        "outings",
                        List.of(
                                new ListEntry(
                                        "7", "Lantern Rock", Map.of("icon", "flag", "badge", "3", "place", "north")),
                                ListEntry.of("herring-quay", "Herring Quay")))
                .screen("tides", screen -> screen.title(Map.of("en", "Tides", "de", "Gezeiten"))
                        .icon("droplet")
                        .path("/today")
                        .wireframe(Wireframe.Kind.CHART))
                .screen("surveys", screen -> screen.title("Surveys")
                        .icon("clipboard-list")
                        .wireframe(Wireframe.Kind.LIST)
                        .rowWhen("signed-in", "Plain", "", "")
                        .row("Gull Point", "Draft", "Today", "survey?survey=41"))
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .under("surveys")
                        .path("/surveys/{survey}{?page,open}")
                        .parameter("survey", Parameter.Kind.TEXT)
                        .parameter("page", Parameter.Kind.NUMBER)
                        .parameter("open", Parameter.Kind.FLAG)
                        .picture("pictures/survey.png")
                        .web("https://logs.example/{survey}"))
                .screen("crew", screen -> screen.icon("user").needs("signed-in and drafts >= 0", "sign-in"))
                .screen("sign-in", screen -> screen.noBars()
                        .transition(MotionBuilder.lasting(300).kind(Transition.Kind.RISE)))
                .screen("settings", screen -> screen.icon("settings").bars("main", "head"))
                .menu("main", menu -> menu.item("tides")
                        .item("surveys", item -> item.id("log")
                                .label("Log")
                                .shortLabel("L")
                                .spokenLabel("The log")
                                .badge("drafts", Badge.Kind.DOT, 9))
                        .divider()
                        .section(Map.of("en", "Crew", "de", "Leute"), section -> section.item(
                                        "crew", item -> item.icon("user")
                                                .selectedIcon("star")
                                                .when("signed-in")
                                                .enabled("drafts < 100")
                                                .slot(Item.Slot.OVERFLOW)
                                                .transition(MotionBuilder.spring(200, 28)
                                                        .kind(Transition.Kind.FADE)))
                                .item("settings", item -> item.showOn("phone", "tablet")
                                        .hideOn("desktop")
                                        .minWindowWidth(100)
                                        .maxWindowWidth(900)
                                        .style(style -> style.bold(Style.Which.ALL))))
                        .section(
                                "Papers",
                                Entry.Collapsible.PAGE,
                                "shelf",
                                "files",
                                section -> section.item("tides", item -> item.id("paper")))
                        .web("https://tables.example/tides", item -> item.label("Tide tables")
                                .icon("table")
                                .openIn(Target.OpenIn.APP)
                                .orientation(Visibility.Orientation.LANDSCAPE))
                        .item("survey?survey={id}", item -> item.id("outing").repeat("outings", 8))
                        .document(
                                "papers/rules.pdf", item -> item.label("Rules").pointer(Visibility.Pointer.FINE))
                        .allScreensUnder("Below", "surveys", true, "survey")
                        .sets("drafts", FactValue.of(4), item -> item.label("Four"))
                        .sets("signed-in", item -> item.label("In"))
                        .signal("sign-out", item -> item.note("Until {drafts} drafts are sent")
                                .value("now")
                                .tag("New")))
                .bar(bar -> bar.menu("main")
                        .form(
                                "phone",
                                FormBuilder.bottom()
                                        .maxItems(4)
                                        .whenFull(Form.WhenFull.OVERFLOW)
                                        .action("log")
                                        .actionSize(64)
                                        .onScroll(Form.Scrolling.HIDE)
                                        .overflow(more -> more.label("Further")
                                                .icon("menu-2")
                                                .itemsBefore(2)
                                                .presentation(Form.Overflow.Presentation.SHEET)
                                                .profile("{observer}")
                                                .style("loud"))
                                        .style("calm")
                                        .labels(Form.Labels.SELECTED)
                                        .iconPosition(Form.IconPosition.BEFORE)
                                        .floating(how -> how.inset(12)
                                                .radius(20)
                                                .shadow(false)
                                                .bottomOffset(20)
                                                .maxWidth(400)
                                                .align(Form.Alignment.END)))
                        .form(
                                "tablet",
                                FormBuilder.rail()
                                        .labels(Form.Labels.NONE)
                                        .narrow(true)
                                        .side(Form.Side.TRAILING)
                                        .floating(how -> how.inset(20)
                                                .radius(12)
                                                .shadow(false)
                                                .overContent(true))
                                        .action("log")
                                        .showLogo(true)
                                        .alignItems(Form.Alignment.CENTER)
                                        .iconPosition(Form.IconPosition.BEFORE)
                                        .style("loud")
                                        .border(true))
                        .form(
                                "desktop",
                                FormBuilder.drawer()
                                        .side(Form.Side.TRAILING)
                                        .opens(DrawerForm.Opening.ALWAYS)
                                        .header(head -> head.picture("pictures/crew.png")
                                                .title("{observer}")
                                                .note("On the shore")
                                                .background(fill -> fill.from("accent")
                                                        .to("#123456")
                                                        .angle(90))
                                                .photoFact("observer")
                                                .item("sign-out"))
                                        .showLogo(true)
                                        .beneath(aside -> aside.shift(0.8)
                                                .radius(12)
                                                .shadow(false)
                                                .scale(0.9))
                                        .width(DrawerForm.Width.percent(40))
                                        .style(style -> style.size(Size.TITLE_SIZE, 12))
                                        .search("log")
                                        .filter(field -> field.fact("observer").placeholder("Look for"))
                                        .footer("sign-out")
                                        .collapsedWidth(72)))
                .bar(bar -> bar.id("head")
                        .within("tides")
                        .form(FormBuilder.top()
                                .titleShows(TopForm.TitleContent.LOGO)
                                .alignItems(Form.Alignment.START)
                                .actions("settings")
                                .profile(person -> person.picture("pictures/me.png")
                                        .text("{observer}")
                                        .photoFact("observer")
                                        .item("log"))
                                .alignTitle(TopForm.TitleAlignment.BY_DEVICE)
                                .subtitle("{observer}")
                                .labels(Form.Labels.SELECTED)
                                .iconPosition(Form.IconPosition.ABOVE)
                                .ownRow(true)
                                .itemWidths(TopForm.ItemWidths.EQUAL)
                                .wraps(true)
                                .search("settings")
                                .maxItems(6)
                                .overflow(more -> more.label("Others").icon("menu-2"))
                                .border(false)
                                .style(style -> style.size(Size.TITLE_SIZE, 20))
                                .onScroll(Form.Scrolling.HIDE)))
                .bar(bar -> bar.id("low")
                        .within("surveys")
                        .defaultItem("log")
                        .orderOn("phone", List.of("log"))
                        .orderOn("desktop", List.of("outing", "log"))
                        .menu("main")
                        .showOn("desktop")
                        .pointer(Visibility.Pointer.FINE)
                        .transition(MotionBuilder.lasting(300).kind(Transition.Kind.GROW))
                        .form(FormBuilder.bottom()))
                .bar(bar -> bar.id("fan")
                        .menu("main")
                        .form(FormBuilder.radial()
                                .position(RadialForm.Corner.START)
                                .maxItems(5)
                                .overflow(more ->
                                        more.label("Rest").icon("menu-2").layout(Form.TileLayout.CARDS))
                                .labels(RadialForm.Beside.NONE)
                                .scrim(false)
                                .label("Note")
                                .icon("pencil")
                                .turn(90)))
                .bar(bar -> bar.id("cards")
                        .menu("main")
                        .form(FormBuilder.grid("crew")
                                .columns(3)
                                .layout(Form.TileLayout.ROWS)
                                .showLogo(true)
                                .style("calm")))
                .accept("unused-fact", "/facts/observer", "It comes in spring")
                .build();
    }
}
