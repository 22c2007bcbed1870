package org.yonderarc.browser;

import org.teavm.jso.JSBody;
import org.teavm.jso.JSFunctor;
import org.teavm.jso.JSObject;
import org.teavm.jso.dom.xml.Element;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.plan.Plan;

/**
 * What a page may ask that stands around the prototype and changes its plan: {@code window.yonderApp}. A page by itself has nobody
 * who asks.
 */
final class AppBridge {
    private AppBridge() {}

    /** Given a text, gives one. */
    @JSFunctor
    interface Answer extends JSObject {
        String to(String text);
    }

    /** Given an element of a device, and the device's own, gives a text. */
    @JSFunctor
    interface Lookup extends JSObject {
        String of(Element device, String text);
    }

    /** Opens the door, and says that it is open. */
    static void open(Player player) {
        open(
                json -> {
                    Reading reading = PlanReader.read(JsonValues.parse(json));
                    reading.plan().ifPresent(player::use);
                    return reading.plan().map(Plan::app).isPresent()
                            ? ""
                            : reading.findings().get(0).message();
                },
                player::follow,
                player::goTo,
                nothing -> player.saved(),
                player::holds,
                player::rename,
                player::outcomes,
                (device, path) -> player.finder(device).thing(path),
                (device, thing) -> String.join("\n", player.finder(device).paths(thing)));
    }

    @JSBody(
            params = {"useIt", "followIt", "goThere", "saved", "holds", "renameIt", "outcomes", "thing", "paths"},
            script =
                    "window.yonderApp = {use: useIt, follow: followIt, go: goThere, state: saved, holds: holds, rename: renameIt, outcomes: outcomes, thing: thing, paths: paths};"
                            + "document.dispatchEvent(new CustomEvent('yonder-ready'));")
    private static native void open(
            Answer useIt,
            Answer followIt,
            Answer goThere,
            Answer saved,
            Answer holds,
            Answer renameIt,
            Answer outcomes,
            Lookup thing,
            Lookup paths);

    /** Tells that a person moved. */
    @JSBody(script = "if (window.yonderApp) { document.dispatchEvent(new CustomEvent('yonder-moved')); }")
    static native void moved();

    /** Tells that something was painted. */
    @JSBody(script = "if (window.yonderApp) { document.dispatchEvent(new CustomEvent('yonder-painted')); }")
    static native void painted();
}
