package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;

/** A name that is changed is changed wherever it stands for that thing, and nowhere else. */
class RenamingTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Quay, start: quay, languages: [ en, de ] }
            styles:
              calm: { icon-size: 26 }
            device-kinds: { phone: 0, wide: 700 }
            facts: { crates: 2, calm: false, port: north }
            screens:
              quay: { title: { en: "{crates} crates", de: "{crates} Kisten at {port}" } }
              crate: { title: "Crate {crates}", path: "/crate/{crates}", needs: "crates > 1", otherwise: quay }
              calm: Calm
            menus:
              main:
                - { screen: quay, badge: crates, icon: box }
                - { screen: calm, when: "crates>1 and  not (calm or port = 'crates')", icon: box, show-on: [ wide ] }
            bars:
              - { menu: main, forms: { phone: { form: bottom, style: calm }, wide: rail } }
              - top
            accepted:
              - { code: no-filled-icon, at: /menus/main/0, because: drawn later }
            """;

    /** Each pair stands for what the plan says before and after; all the rest stays letter by letter. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "fact:calm=still | calm: false | still: false | not (calm | not (still",
                "fact:port=harbour | port: north | harbour: north | `{port}\"` | `{harbour}\"` | or port | or harbour",
                "style:calm=soft | calm: { icon | soft: { icon | style: calm | style: soft",
                "kind:wide=broad | wide: 700 | broad: 700 | [ wide ] | [ broad ] | wide: rail | broad: rail",
                "menu:main=first | main:\\n | first:\\n | menu: main | menu: first | /menus/main/0 | /menus/first/0",
                "bar:top=head | - top | - { id: head, form: top }",
                "bar:main=low | top | top | wide: rail } } | wide: rail }, id: low }",
            })
    void oneNameIsChangedEverywhere(org.junit.jupiter.params.aggregator.ArgumentsAccessor line) throws EditException {
        String wanted = PLAN;
        for (int i = 1; i < line.size(); i += 2) {
            String from = line.getString(i).replace("\\n", "\n");
            assertTrue(wanted.contains(from), from);
            wanted = wanted.replace(from, line.getString(i + 1).replace("\\n", "\n"));
        }
        String renamed = edited(PLAN, line.getString(0));
        assertEquals(wanted, renamed);
    }

    /** A parameter of a path that has the name of a fact is no fact, and a text is none either. */
    @Test
    void whatOnlyLooksLikeTheFactStays() throws EditException {
        String renamed = edited(PLAN, "fact:crates=boxes");
        assertTrue(renamed.contains("\"Crate {crates}\", path: \"/crate/{crates}\""), renamed);
        assertTrue(renamed.contains("port = 'crates'"), renamed);
        assertTrue(renamed.contains("en: \"{boxes} crates\", de: \"{boxes} Kisten at {port}\""), renamed);
        assertTrue(renamed.contains("badge: boxes"), renamed);
        assertTrue(renamed.contains("boxes>1 and  not (calm"), renamed);
        assertTrue(renamed.contains("needs: \"boxes > 1\""), renamed);
    }

    /** The plan means the same under its new names: renaming back gives the first text's meaning. */
    @Test
    void thereAndBackIsTheSamePlan() throws EditException {
        String[] there = {
            "screen:quay=pier",
            "item:calm=ease",
            "fact:crates=boxes",
            "style:calm=soft",
            "kind:wide=broad",
            "menu:main=a"
        };
        String[] back = {
            "screen:pier=quay",
            "item:ease=calm",
            "fact:boxes=crates",
            "style:soft=calm",
            "kind:broad=wide",
            "menu:a=main"
        };
        var first = PlanFile.read(new SourceText("plan.yaml", PLAN), IconNames.ANY);
        assertTrue(first.plan().isPresent(), () -> first.findings().toString());
        String renamed = edited(PLAN, there);
        var other = PlanFile.read(new SourceText("plan.yaml", renamed), IconNames.ANY);
        assertEquals(first.findings().size(), other.findings().size(), () -> other.findings()
                .toString());
        var again = PlanFile.read(new SourceText("plan.yaml", edited(renamed, back)), IconNames.ANY);
        assertEquals(first.plan().orElseThrow(), again.plan().orElseThrow());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "fact:crate=boxes | There is no fact \"crate\". Did you mean \"crates\"?",
                "fact:crates=port | There is a fact \"port\" already.",
                "fact:crates=Big Box | \"Big Box\" is not an id:",
                "kind:phone=wide | There is a kind \"wide\" already.",
                "required:quay=pier | There is no edit \"required\".",
            })
    void whatCannotBeRenamedIsSaid(String edit, String message) {
        EditException trouble = assertThrows(EditException.class, () -> edited(PLAN, edit));
        assertTrue(trouble.getMessage().contains(message), trouble.getMessage());
    }
}
