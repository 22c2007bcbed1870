package org.yonderarc.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.mozilla.javascript.Context;
import org.mozilla.javascript.Scriptable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;

/** The exported state machine: well-formed, without code of the plan, and going where the walk goes. */
class ScxmlTest {
    private static final Plan SIGNED_IN = PlanFile.require(
            "shore.yaml",
            """
            yonder: 1
            app: { name: Shore, start: tides }
            facts: { in: false }
            screens:
              tides: {}
              map: {}
              crew: { needs: in, otherwise: door }
              door: {}
              pin: { path: "/map/{pin}", under: map }
            menus:
              main: [ tides, map, crew, { id: send, signal: send, when: in }, { screen: door, show-on: [ desktop ] } ]
            bars: [ { menu: main } ]
            """);

    private static Plan plan(String text) {
        PlanFile file = PlanFile.read(new SourceText("plan.yaml", text), IconNames.ANY);
        return file.plan().orElseThrow(() -> new AssertionError(file.findings().toString()));
    }

    private static Document parsed(String scxml) throws Exception {
        var factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        return factory.newDocumentBuilder().parse(new InputSource(new StringReader(scxml)));
    }

    private static List<String> attributes(Document document, String element, String attribute) {
        var found = new ArrayList<String>();
        var all = document.getElementsByTagName(element);
        for (int i = 0; i < all.getLength(); i++) {
            String value = ((Element) all.item(i)).getAttribute(attribute);
            if (!value.isEmpty()) {
                found.add(value);
            }
        }
        return found;
    }

    /** Texts that try to end a literal, in conditions and in facts. A real ECMAScript engine is asked what they are. */
    @Test
    void noTextOfAPlanIsCode() throws Exception {
        List<String> texts = List.of(
                "\\' || pwned() || '",
                "\\\\' + pwned() + '",
                "'); pwned(); ('",
                "\\\" || pwned()//",
                "\u2028pwned()\u2028",
                "a\nb\r\tc",
                "\u001b[31m\u0000",
                "]]>&lt;<!--",
                "\ud83d\ude00 na\u00efve");
        Context engine = Context.enter();
        engine.setLanguageVersion(Context.VERSION_ES6);
        Scriptable scope = engine.initSafeStandardObjects();
        engine.evaluateString(scope, "var ran = false; function pwned() { ran = true; return true; }", "test", 1, null);
        for (String text : texts) {
            String quote = text.indexOf('\'') >= 0 ? "\"" : "'";
            if (text.contains(quote)) {
                continue;
            }
            String condition = JsonText.write(org.yonderarc.tree.Trees.text("f = " + quote + text + quote))
                    .strip();
            String value = JsonText.write(org.yonderarc.tree.Trees.text(text)).strip();
            Document machine = parsed(Scxml.write(plan(
                    """
                    {"yonder": 1, "app": {"name": %s, "start": "a"}, "facts": {"f": %s},
                     "screens": {"a": "A", "b": {"needs": %s, "otherwise": "a"}}, "menus": {"main": ["a", "b"]}}
                    """
                            .formatted(value, value, condition))));
            String data = attributes(machine, "data", "expr").get(0);
            String guard = attributes(machine, "transition", "cond").stream()
                    .filter(any -> any.startsWith("(fact_f"))
                    .findFirst()
                    .orElseThrow();
            engine.evaluateString(scope, "var fact_f = " + data, "data", 1, null);
            assertEquals(text, String.valueOf(scope.get("fact_f", scope)));
            assertEquals(true, engine.evaluateString(scope, guard, "guard", 1, null), text);
            assertEquals(false, scope.get("ran", scope), text);
        }
        Context.exit();
    }

    /** What holds in every branch is said once: twice the items make twice the text, not four times. */
    @Test
    void theMachineGrowsWithThePlan() {
        int some = Scxml.write(many(300)).length();
        int more = Scxml.write(many(600)).length();
        assertTrue(more < 2.1 * some, some + " characters, then " + more);
    }

    private static Plan many(int items) {
        var plan = new StringBuilder("yonder: 1\napp: { name: M, start: s0 }\nscreens:\n");
        var menu = new StringBuilder("menus:\n  main:\n");
        for (int i = 0; i < items; i++) {
            plan.append("  s").append(i).append(": { icon: home }\n");
            menu.append("    - s").append(i).append('\n');
        }
        return plan(plan.append(menu).toString());
    }

    @Test
    void aMachineWithoutBoundsIsRefused() {
        var plan = new StringBuilder("yonder: 1\napp: { name: M, start: s0 }\nscreens:\n  s0: S\n");
        var menu = new StringBuilder("menus:\n  main:\n    - s0\n");
        for (int i = 1; i < 100; i++) {
            plan.append("  s").append(i).append(": { under: s").append(i - 1).append(" }\n");
            menu.append("    - s").append(i).append('\n');
        }
        for (int i = 0; i < 600; i++) {
            plan.append("  t").append(i).append(": { under: s99 }\n");
        }
        Plan deep = plan(plan.append(menu).toString());
        var refused = assertThrows(IllegalArgumentException.class, () -> Scxml.write(deep));
        assertTrue(refused.getMessage().contains("more than 50000 states"), refused.getMessage());
    }

    private static final String WALKED =
            """
            yonder: 1
            app: { name: Quay, start: quay }
            facts: { crates: 2, signed-in: false }
            screens:
              quay: { icon: home }
              crate: { under: quay, icon: box }
              lid: { under: crate, icon: box }
              sheds: { icon: home }
              shed: { under: sheds, needs: crates > 1, otherwise: sheds, icon: box }
              office: { needs: signed-in, otherwise: quay, icon: user }
            menus: { main: [ quay, sheds, office ] }
            """;

    /** Every target of a transition is a state of the machine; guards are those of the plan. */
    @Test
    void theStateMachineHoldsTogether() throws Exception {
        String scxml = Scxml.write(SIGNED_IN);
        var factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        var document = factory.newDocumentBuilder().parse(new InputSource(new StringReader(scxml)));
        Set<String> ids = new HashSet<>();
        Set<String> targets = new HashSet<>();
        var all = document.getElementsByTagNameNS("http://www.w3.org/2005/07/scxml", "*");
        for (int i = 0; i < all.getLength(); i++) {
            Element element = (Element) all.item(i);
            if (List.of("state", "parallel", "final", "history").contains(element.getLocalName())) {
                assertTrue(ids.add(element.getAttribute("id")), "ids are unique");
            }
            for (String attribute : List.of("target", "initial")) {
                if (element.hasAttribute(attribute)) {
                    targets.add(element.getAttribute(attribute));
                }
            }
        }
        targets.removeAll(ids);
        assertEquals(Set.of(), targets, "every target is a state");
        assertTrue(
                scxml.contains("<transition cond=\"(fact_in === true)\" target=\"branch.crew.crew.itself\"/>"), scxml);
    }
}
