package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.Trees;

/** The edits that give one thing of a plan another id: where it is defined, and wherever the plan mentions it. */
final class Renaming implements Mentions {
    private final References file;
    private final Edit.Rename rename;
    private final Reading reading;
    private final List<Edit> steps = new ArrayList<>();
    /** Keys are changed last, as the pointers of the other steps go through them. */
    private final List<Edit> keys = new ArrayList<>();

    private final Map<Noun, String> names = new EnumMap<>(Noun.class);

    Renaming(References file, Edit.Rename rename) throws EditException {
        this.file = file;
        this.rename = rename;
        reading = PlanReader.read(file.root());
        if (!reading.dropped().isEmpty()) {
            throw new EditException("The plan has lines that can't be read, such as "
                    + reading.findings().get(0).spot().pointer() + ": "
                    + reading.findings().get(0).message()
                    + " Fix them first, so that the renaming reaches everything.");
        }
    }

    /** The edits, in the order in which they have to be done. */
    List<Edit> steps() throws EditException {
        check();
        names.put(rename.noun(), rename.from());
        if (rename.noun() == Noun.SCREEN) {
            names.put(Noun.REQUIRED, rename.from());
            if (file.itemFollowsScreen(rename.from())) {
                names.put(Noun.ITEM, rename.from());
            }
        }
        if (rename.noun() == Noun.FACT) {
            keepIds();
        }
        if (rename.noun() == Noun.MENU && barFollowsMenu()) {
            names.put(Noun.BAR, rename.from());
        }
        Optional<String> catalog = catalog(rename.noun());
        if (catalog.isEmpty() && rename.noun() != Noun.OWN_ICON) {
            define();
        }
        PlanMentions.tell(reading.draft(), this);
        if (rename.noun() == Noun.OWN_ICON) {
            file.ofEntries(rename.from()).forEach(pointer -> write(pointer, rename.to()));
        }
        catalog.ifPresent(
                pointer -> keys.add(new Edit.RenameKey(JsonPointer.child(pointer, rename.from()), rename.to())));
        steps.addAll(keys);
        return steps;
    }

    /** An item that has its id from the fact it sets keeps it. */
    private void keepIds() throws EditException {
        for (Item item : reading.draft().items().toList()) {
            if (item.target() instanceof Target.ToFact to
                    && to.fact().equals(rename.from())
                    && item.label().isEmpty()
                    && item.id().equals(Ids.slug(to.named()))) {
                steps.add(file.identifying(item.id(), item.id()));
            }
        }
    }

    private void check() throws EditException {
        List<String> ids = ids();
        String word = rename.noun().word().replace('-', ' ');
        References.known(word, rename.from(), ids);
        Optional<String> problem = Ids.problem(rename.to());
        if (problem.isPresent()) {
            throw new EditException("\"" + rename.to() + "\" is not an id: " + problem.get() + ".");
        }
        if (rename.noun() == Noun.OWN_ICON) {
            checkIcon();
        }
        if (ids.contains(rename.to())) {
            String article = "aeiou".indexOf(word.charAt(0)) < 0 ? "a " : "an ";
            throw new EditException(
                    "There is " + article + word + " \"" + rename.to() + "\" already. Choose another name.");
        }
    }

    /** Another drawing under a name that is used, or that means a twin, would change what else is drawn. */
    private void checkIcon() throws EditException {
        if (rename.to().endsWith("-filled")) {
            throw new EditException(
                    "\"" + rename.to() + "\" would be the filled variant of another icon. Choose another name.");
        }
        if (PlanMentions.icons(reading.draft()).contains(rename.to())) {
            throw new EditException("The plan uses another icon \"" + rename.to()
                    + "\", which would look like this one." + " Choose another name.");
        }
    }

    private List<String> ids() {
        return switch (rename.noun()) {
            case ITEM -> file.itemIds();
            case BAR -> reading.draft().bars().stream().map(Bar::id).toList();
            case OWN_ICON -> file.ownIcons();
            default -> file.keys(catalog(rename.noun()).orElseThrow());
        };
    }

    /** The map in which a plan file defines them by their ids. */
    private static Optional<String> catalog(Noun noun) {
        return switch (noun) {
            case SCREEN, REQUIRED -> Optional.of("/screens");
            case MENU -> Optional.of("/menus");
            case FACT -> Optional.of("/facts");
            case STYLE -> Optional.of("/styles");
            case COLOUR -> Optional.of("/theme/colours");
            case KIND -> Optional.of("/device-kinds");
            case ITEM, BAR, OWN_ICON -> Optional.empty();
        };
    }

    private void define() throws EditException {
        if (rename.noun() == Noun.ITEM) {
            steps.add(file.identifying(rename.from(), rename.to()));
            return;
        }
        List<Bar> bars = reading.draft().bars();
        for (int i = 0; i < bars.size(); i++) {
            String pointer = "/bars/" + i;
            if (bars.get(i).id().equals(rename.from())) {
                steps.add(bar(pointer));
                return;
            }
        }
    }

    private Edit bar(String pointer) throws EditException {
        if (file.value(pointer).isEmpty()) {
            throw new EditException("The bar \"" + rename.from()
                    + "\" is there by default and stands nowhere in the file. Write \"bars\" first.");
        }
        return file.textAt(pointer)
                .<Edit>map(word -> new Edit.Set(
                        pointer, Trees.with(Trees.map("id", Trees.text(rename.to())), "form", Trees.text(word))))
                .orElseGet(() -> new Edit.Set(pointer + "/id", Trees.text(rename.to())));
    }

    /** A bar without an id of its own has that of its menu. */
    private boolean barFollowsMenu() {
        List<Bar> bars = reading.draft().bars();
        for (int i = 0; i < bars.size(); i++) {
            Bar bar = bars.get(i);
            if (bar.id().equals(rename.from())
                    && bar.menu().equals(Optional.of(rename.from()))
                    && file.value("/bars/" + i + "/id").isEmpty()) {
                return true;
            }
        }
        return false;
    }

    @Override
    public void name(Noun noun, String id, String pointer) {
        if (!id.equals(names.get(noun))) {
            return;
        }
        if (noun == Noun.KIND && JsonPointer.last(pointer).equals(id)) {
            keys.add(new Edit.RenameKey(reading.inTheFile(pointer), rename.to()));
        } else {
            write(pointer, rename.to());
        }
    }

    @Override
    public void place(Place place, String pointer) {
        if (place.screen().equals(names.get(Noun.SCREEN))) {
            String rest = place.text().substring(place.screen().length());
            write(pointer, rename.to() + rest);
        }
    }

    @Override
    public void icon(String name, String pointer) {
        String own = names.get(Noun.OWN_ICON);
        if (own != null && (name.equals(own) || name.equals(own + "-filled"))) {
            write(pointer, rename.to() + name.substring(own.length()));
        }
    }

    @Override
    public void condition(Condition condition, String pointer) {
        String fact = names.get(Noun.FACT);
        if (fact != null && condition.facts().contains(fact)) {
            String inFile = reading.inTheFile(pointer);
            file.textAt(inFile).ifPresent(text -> write(pointer, Condition.renamed(text, fact, rename.to())));
        }
    }

    @Override
    public void words(Words words, Text text, String pointer) {
        String fact = names.get(Noun.FACT);
        if (fact == null || (text == Text.TITLE || text == Text.SAMPLE) && isParameter(fact, pointer)) {
            return;
        }
        words.byLanguage().forEach((language, template) -> {
            if (template.holes().contains(fact)) {
                String at = language.equals(Words.ANY) ? pointer : JsonPointer.child(pointer, language);
                write(at, template.renamed(fact, rename.to()).source());
            }
        });
    }

    /** In the title of a screen and in its sample content, a hole with the name of a parameter of its path is not the fact. */
    private boolean isParameter(String name, String pointer) {
        Plan plan = reading.draft();
        String screen = JsonPointer.names(pointer).get(1);
        return plan.screens()
                .find(screen)
                .filter(known -> known.path().names().contains(name))
                .isPresent();
    }

    @Override
    public void pointer(String path, String pointer) {
        Optional<String> catalog = catalog(rename.noun());
        if (catalog.isEmpty()) {
            return;
        }
        String old = JsonPointer.child(catalog.get(), rename.from());
        if (path.equals(old) || path.startsWith(old + "/")) {
            write(pointer, JsonPointer.child(catalog.get(), rename.to()) + path.substring(old.length()));
        }
    }

    /** What has a long form may stand in its short one: then the text itself stands where the map would. */
    private void write(String pointer, String text) {
        String inFile = reading.inTheFile(pointer);
        String at = file.textAt(inFile).isPresent() ? inFile : JsonPointer.parent(inFile);
        if (file.textAt(at).isPresent()) {
            steps.add(new Edit.Set(at, Trees.text(text)));
        }
    }
}
