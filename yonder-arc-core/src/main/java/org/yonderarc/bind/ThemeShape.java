package org.yonderarc.bind;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.FontFiles;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Theme;
import org.yonderarc.shape.PaintShape;
import org.yonderarc.shape.StyleShape;

/** The shape of a theme. */
final class ThemeShape {
    /** The colours of one scheme, by role. */
    static final Shape<Map<Role, Colour>> COLOURS = colours();

    /** The files of a font, or one that stands for both weights. */
    static final Shape<FontFiles> FONT = font();

    static final Shape<Theme> THEME = theme();

    private ThemeShape() {}

    private static Shape<Map<Role, Colour>> colours() {
        var shape = new Shape<Map<Role, Colour>>("colours", "The colours of a scheme, by what they are for.");
        var fields = new LinkedHashMap<Role, Field<Map<Role, Colour>, Optional<Colour>>>();
        for (Role role : Role.values()) {
            fields.put(
                    role,
                    shape.optional(
                            role.word(),
                            PaintShape.COLOUR,
                            colours -> Optional.ofNullable(colours.get(role)),
                            role.purpose()));
        }
        return shape.makes(got -> {
            var colours = new EnumMap<Role, Colour>(Role.class);
            fields.forEach((role, field) -> got.get(field).ifPresent(colour -> colours.put(role, colour)));
            return Map.copyOf(colours);
        });
    }

    private static Shape<FontFiles> font() {
        var shape = new Shape<FontFiles>("font", "The font of all texts, from files in the plan's folder.");
        var regular = shape.required(
                "regular", PlanCodecs.FONT_FILE, FontFiles::regular, "The regular weight: a .ttf or .otf file.");
        var semibold = shape.optional(
                "semibold",
                PlanCodecs.FONT_FILE,
                FontFiles::semibold,
                "The weight of titles and selected labels. Without it, the regular file stands for both.");
        return shape.shortForm(regular).makes(got -> new FontFiles(got.get(regular), got.get(semibold)));
    }

    private static Shape<Theme> theme() {
        var shape = new Shape<Theme>("theme", "The colours of the plan, in both schemes.");
        var light = shape.field("light", COLOURS, Theme::light, Map.of(), "Dark on light.");
        var dark = shape.field("dark", COLOURS, Theme::dark, Map.of(), "Light on dark.");
        var style = shape.optional(
                "style", StyleShape.REF, Theme::style, "How items look in every bar: a style's name, or a style.");
        var named = shape.field(
                "colours",
                Codecs.catalog("colour", PaintShape.NAMED),
                Theme::named,
                Catalog.of(List.of()),
                "Colours by names of your own, one for both schemes or one for each; styles refer to them as to roles.");
        var icons = shape.field(
                "icon-set",
                Codecs.choice(IconSet.values()),
                Theme::iconSet,
                IconSet.LINE,
                "The set that icons are of: rounded lines, or slim drawings with plain ends.");
        var font = shape.optional(
                "font",
                FONT,
                Theme::font,
                "The font of all texts, in bars and in content: a .ttf or .otf file in the plan's folder, or one for each weight.");
        var schemeFact = shape.optional(
                "scheme-fact",
                PlanCodecs.name(Noun.FACT),
                Theme::schemeFact,
                "The fact, a text, that says which scheme is shown: light or dark. Any other value leaves that to the device, or to what a command asks for.");
        var tokens = shape.optional(
                "token-file",
                Codecs.TEXT,
                Theme::tokenFile,
                "A Design Tokens (DTCG) file; colours and sizes may then be written \"{brand.teal}\".");
        return shape.makes(got -> new Theme(
                got.get(light),
                got.get(dark),
                got.get(style),
                got.get(named),
                got.get(icons),
                got.get(font),
                got.get(schemeFact),
                got.get(tokens)));
    }
}
