package org.yonderarc.browser;

import org.teavm.jso.browser.Window;
import org.teavm.jso.dom.html.HTMLDocument;
import org.yonderarc.bind.PlanReader;

/** Starts the prototype: reads the plan that stands in the page and hands it to the player. */
public final class Main {
    private Main() {}

    /** Called once, when the page has been read. */
    public static void main(String[] arguments) {
        HTMLDocument document = Window.current().getDocument();
        String json = document.getElementById("plan").getTextContent();
        // The plan was checked when the page was written; the script is a tenth smaller without the check.
        var reading = PlanReader.read(JsonValues.parse(json));
        Page.whenFontsAreLoaded(() -> reading.plan()
                .ifPresentOrElse(plan -> new Player(document, plan).start(), () -> document.getElementById("happened")
                        .setTextContent("The plan in this page has errors: "
                                + reading.findings().get(0).message())));
    }
}
