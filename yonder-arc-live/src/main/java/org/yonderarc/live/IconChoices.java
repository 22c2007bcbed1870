package org.yonderarc.live;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.IconSearch;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;

/** The icons to choose from: by meaning, by category, the plan's own first. */
final class IconChoices {
    private static final int MOST = 96;
    private static final Icons BUNDLED = new BundledIcons();
    private static final IconSearch SEARCH = new IconSearch();

    private IconChoices() {}

    /** Icons for a word; with none, those of a category; with neither, the plan's own and common ones. */
    static MapValue of(Plan plan, Icons all, String word, String category) {
        Icons set = all.in(plan.theme().iconSet());
        var names = new LinkedHashSet<String>();
        all.own().stream().filter(name -> name.contains(word)).sorted().forEach(names::add);
        Optional<String> within = category.isEmpty() ? Optional.empty() : Optional.of(category);
        if (!word.isEmpty() || within.isPresent()) {
            found(word, within).forEach(names::add);
            if (within.isEmpty()) {
                // Also what only the name says: a sailboat for "boat".
                all.all().stream().filter(name -> name.contains(word)).sorted().forEach(names::add);
            }
        } else {
            Stream.of(
                            "house search user users settings bell heart star bookmark calendar clock map map-pin camera photo"
                                    .split(" "))
                    .forEach(names::add);
        }
        var out = new ArrayList<MapValue>();
        for (String name : names) {
            if (out.size() == MOST) {
                break;
            }
            set.art(name, false)
                    .ifPresent(art -> out.add(Json.map(
                            "name", name,
                            "outline", svg(art),
                            "filled", set.art(name, true).map(IconChoices::svg).orElse(svg(art)))));
        }
        return Json.map("icons", out, "categories", SEARCH.categories());
    }

    /** Icons of the library's own as symbols, each under its name behind a prefix. */
    static String symbols(String prefix, List<String> names) {
        var out = new StringBuilder();
        for (String name : names) {
            BUNDLED.art(name, false).ifPresent(art -> {
                out.append("<symbol id=\"").append(prefix).append(name).append("\" viewBox=\"0 0 24 24\"><g ");
                out.append(art.paint("currentColor")).append('>');
                art.shapes().forEach(out::append);
                out.append("</g></symbol>\n");
            });
        }
        return out.toString();
    }

    private static List<String> found(String word, Optional<String> category) {
        return SEARCH.find(word, category, MOST).stream()
                .map(IconSearch.Found::name)
                .toList();
    }

    private static String svg(IconArt art) {
        var out = new StringBuilder("<svg viewBox=\"0 0 24 24\" aria-hidden=\"true\"><g ");
        out.append(art.paint("currentColor")).append('>');
        art.shapes().forEach(out::append);
        return out.append("</g></svg>").toString();
    }
}
