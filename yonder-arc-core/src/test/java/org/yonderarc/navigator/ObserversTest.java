package org.yonderarc.navigator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Walk;

/** What an app asks of a navigator in words of its own: what is shown, what opens, where an address leads. */
class ObserversTest {
    private static final Plan PLAN = PlanBuilder.app("Loam")
            .start("beds")
            .fact("seeds", 2)
            .screen("beds", screen -> screen.title("Beds, {seeds} seeds"))
            .screen("bed", screen -> screen.title("Bed {bed}").under("beds").path("/beds/{bed}"))
            .screen("tools", screen -> screen.title("Tools"))
            .menu("main", menu -> menu.item("beds").item("tools"))
            .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
            .bar(bar -> bar.form(FormBuilder.top()))
            .build();

    private final Navigator navigator = new Navigator(PLAN, Runnable::run);

    @Test
    void titlesAndPlacesAreToldAsTheyAreNow() {
        var titles = new ArrayList<String>();
        var places = new ArrayList<String>();
        var moved = new ArrayList<String>();
        navigator.open("bed", Map.of("bed", "3"));
        String saved = navigator.save();
        navigator.observeTitle(titles::add);
        navigator.observePlace(place -> places.add(place.text()));
        navigator.listen(one -> moved.add(one.title()));
        navigator.back();
        navigator.tell("seeds", 3);
        navigator.restore(saved);
        assertEquals(List.of("Bed 3", "Beds, 2 seeds", "Beds, 3 seeds", "Bed 3"), titles);
        assertEquals(List.of("bed?bed=3", "beds", "bed?bed=3"), places);
        assertEquals(List.of("Beds, 2 seeds", "Beds, 3 seeds", "Bed 3"), moved);
    }

    @Test
    void titlesFollowTheLanguage() {
        Plan plan = PlanBuilder.app("Loam")
                .languages("en", "de")
                .start("beds")
                .screen("beds", screen -> screen.title(Map.of("en", "Beds", "de", "Beete")))
                .build();
        var spoken = new Navigator(plan, Runnable::run);
        var titles = new ArrayList<String>();
        spoken.observeTitle(titles::add);
        spoken.language("de");
        spoken.language("de");
        spoken.language("");
        assertEquals(List.of("Beds", "Beete", "Beds"), titles);
    }

    @Test
    void whatThePlanDoesNotHaveIsNotObserved() {
        Consumer<Object> nobody = value -> {};
        for (var attempt : List.<Runnable>of(
                () -> navigator.observeFact("seed", nobody::accept),
                () -> navigator.observeItem("tool", Device.PHONE, nobody::accept),
                () -> navigator.observeBadge("tool", Device.PHONE, nobody::accept))) {
            var refused = assertThrows(IllegalArgumentException.class, attempt::run);
            assertTrue(
                    refused.getMessage().matches("there is no (fact|item) \"\\w+\"[.] Did you mean .*"),
                    refused.getMessage());
        }
    }

    @Test
    void wholeNumbersAreTold() {
        navigator.tell("seeds", 7);
        assertEquals(FactValue.of(7), navigator.state().facts().get("seeds"));
        navigator.tell("seeds", 8_000_000_000L);
        assertEquals(FactValue.of(8e9), navigator.state().facts().get("seeds"));
    }

    /** What opens is opened once and closed once, however often that is asked. */
    @Test
    void barsAreOpenedAndClosedByName() {
        assertTrue(navigator.openBar("main").refusal().isEmpty());
        navigator.openBar("main");
        assertEquals("main", navigator.state().open().orElseThrow());
        navigator.closeBar("main");
        navigator.closeBar("main");
        assertTrue(navigator.state().open().isEmpty());
        navigator.toggleBar("main");
        assertTrue(navigator.state().open().isPresent());
        navigator.close();
        assertTrue(navigator.state().open().isEmpty());
        assertTrue(navigator.openBar("top").refusal().isPresent(), "it has nothing that opens");
        assertTrue(navigator.openBar("shed").refusal().isPresent());
    }

    /** In an app's own scheme, the host is the first part of the path; on the web it isn't. */
    @ParameterizedTest
    @CsvSource({
        "loam://beds/3, bed?bed=3",
        "loam:///beds/3, bed?bed=3",
        "loam:/beds/3, bed?bed=3",
        "LOAM://beds/3?from=mail#top, bed?bed=3",
        "loam://open/beds/3, bed?bed=3",
        "loam://tools, tools",
        "https://loam.example/beds/3, bed?bed=3",
        "https://tools/beds/3, bed?bed=3",
        "/beds/3, bed?bed=3",
        "beds/3, bed?bed=3",
        "' loam://beds/3 ', bed?bed=3",
        "/beds/3?from=loam://tools, bed?bed=3",
        "beds/3?from=loam://tools, bed?bed=3",
    })
    void addressesLeadThere(String address, String place) {
        assertTrue(navigator.follow(address).refusal().isEmpty(), address);
        assertEquals(place, navigator.place().text());
    }

    @Test
    void whereNoStartIsNamedTheFirstItemIs() {
        Plan unsaid = PlanBuilder.app("Loam")
                .screen("beds", screen -> screen.title("Beds"))
                .screen("tools", screen -> screen.title("Tools"))
                .menu("main", menu -> menu.item("tools").item("beds"))
                .build();
        assertEquals("tools", new Navigator(unsaid, Runnable::run).place().text());
        assertEquals("tools", Walk.of(unsaid).start().branch());
    }

    /** An overload that nobody else may call would turn up among the choices of those who may not. */
    @Test
    void noPrivateMethodHasTheNameOfAPublicOne() {
        Set<String> open = Arrays.stream(Navigator.class.getMethods())
                .map(method -> method.getName())
                .collect(Collectors.toSet());
        Stream.of(Navigator.class.getDeclaredMethods())
                .filter(method -> !java.lang.reflect.Modifier.isPublic(method.getModifiers()) && !method.isSynthetic())
                .forEach(method -> assertFalse(open.contains(method.getName()), method.getName()));
    }
}
