package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.scxml.Evaluator;
import org.apache.commons.scxml.SCXMLExecutor;
import org.apache.commons.scxml.TriggerEvent;
import org.apache.commons.scxml.env.SimpleContext;
import org.apache.commons.scxml.env.SimpleDispatcher;
import org.apache.commons.scxml.env.SimpleErrorReporter;
import org.apache.commons.scxml.io.SCXMLParser;
import org.apache.commons.scxml.model.SCXML;
import org.apache.commons.scxml.model.State;
import org.apache.commons.scxml.model.TransitionTarget;
import org.junit.jupiter.api.Test;
import org.mozilla.javascript.Context;
import org.mozilla.javascript.Scriptable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.ErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The exported state machine: well-formed, without code of the plan, and going where the walk goes. */
class ScxmlTest {
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
            String guard = attributes(machine, "transition", "cond").get(0);
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

    /**
     * An interpreter of the standard goes to the same places. It reads an older draft with another data model, where the first state and an
     * event's data had other names; nothing else is changed for it.
     */
    @Test
    void anInterpreterGoesWhereTheWalkGoes() throws Exception {
        Plan plan = plan(WALKED);
        Walk walk = Walk.of(plan);
        String older = Scxml.write(plan)
                .replace(" initial=\"app\"", " initialstate=\"app\"")
                .replaceAll(
                        "<state id=\"([^\"]*)\" initial=\"([^\"]*)\">",
                        "<state id=\"$1\"><initial><transition target=\"$2\"/></initial>")
                .replace(" datamodel=\"ecmascript\"", "")
                .replace("_event.data", "_eventdata")
                .replace("<assign location=", "<assign name=");
        SCXML machine = SCXMLParser.parse(new InputSource(new StringReader(older)), new Silent());
        var executor = new SCXMLExecutor(new Script(), new SimpleDispatcher(), new SimpleErrorReporter());
        executor.setStateMachine(machine);
        executor.setRootContext(new SimpleContext());
        executor.go();
        List<String> steps = List.of(
                "choose:sheds",
                "choose:quay",
                "open:crate",
                "open:lid",
                "open:shed",
                "back",
                "choose:office",
                "tell:signed-in=true",
                "tell:crates=1",
                "tell:crates=5");
        var random = new Random(12);
        var state = walk.start();
        int moved = 0;
        for (int i = 0; i < 3000; i++) {
            Step step = Steps.parse(plan, steps.get(random.nextInt(steps.size())));
            Change change = walk.step(state, step);
            // The machine has guards but no diversions, prunes no trails and opens only what stands below: left out
            // here.
            boolean isDiverted =
                    !walk.shown(change.after()).equals(change.after().place());
            boolean isElsewhere = step instanceof Step.Open open
                    && !plan.screens()
                            .get(open.place().screen())
                            .under()
                            .equals(java.util.Optional.of(state.place().screen()));
            boolean leaves = !change.effects().isEmpty();
            boolean isTold = step instanceof Step.Tell;
            boolean isPruned = isTold && !change.after().trails().equals(state.trails());
            if (isDiverted
                    || isPruned
                    || isElsewhere
                    || leaves
                    || change.refusal().isPresent()) {
                continue;
            }
            executor.triggerEvent(new TriggerEvent(
                    step.text().replace(':', '.').replaceAll("=.*", ""),
                    TriggerEvent.SIGNAL_EVENT,
                    isTold ? told((Step.Tell) step) : null));
            moved += change.after().equals(state) ? 0 : 1;
            state = change.after();
            TransitionTarget at =
                    (State) executor.getCurrentStatus().getStates().iterator().next();
            String branch = "branch." + state.branch() + ".";
            assertEquals(branch + state.place().screen(), at.getId(), "after " + step.text() + ", step " + i);
        }
        assertTrue(moved > 500, moved + " steps moved");
        assertFalse(executor.getCurrentStatus().isFinal());
    }

    private static Object told(Step.Tell tell) {
        String text = tell.value().text();
        return text.equals("true") || text.equals("false") ? (Object) Boolean.valueOf(text) : Double.valueOf(text);
    }

    /** The data model of ECMAScript, by a real engine. */
    private static final class Script implements Evaluator {
        @Override
        public Object eval(org.apache.commons.scxml.Context variables, String text) {
            Context engine = Context.enter();
            try {
                Scriptable scope = engine.initSafeStandardObjects();
                for (var level = variables; level != null; level = level.getParent()) {
                    for (Object variable : level.getVars().entrySet()) {
                        var entry = (java.util.Map.Entry<?, ?>) variable;
                        String name = (String) entry.getKey();
                        if (!scope.has(name, scope)) {
                            scope.put(name, scope, entry.getValue());
                        }
                    }
                }
                return engine.evaluateString(scope, text, "plan", 1, null);
            } finally {
                Context.exit();
            }
        }

        @Override
        public Boolean evalCond(org.apache.commons.scxml.Context variables, String text) {
            return Context.toBoolean(eval(variables, text));
        }

        @Override
        public org.w3c.dom.Node evalLocation(org.apache.commons.scxml.Context variables, String text) {
            throw new UnsupportedOperationException(text);
        }

        @Override
        public org.apache.commons.scxml.Context newContext(org.apache.commons.scxml.Context parent) {
            return new SimpleContext(parent);
        }
    }

    private static final class Silent implements ErrorHandler {
        @Override
        public void warning(SAXParseException warning) {
            throw new AssertionError(warning);
        }

        @Override
        public void error(SAXParseException error) {
            throw new AssertionError(error);
        }

        @Override
        public void fatalError(SAXParseException error) {
            throw new AssertionError(error);
        }
    }
}
