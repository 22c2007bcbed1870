package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * A menu in the content of screens: tiles with icon, label, note, badge.
 *
 * @param onScreens the screens at the head of whose content it stands
 * @param columns how many columns it has, within {@link #COLUMNS}. Default: as many as the width and the text size allow, 2 to 6
 * @param layout cards in columns, or rows below each other
 * @param showLogo whether the app's logo stands at its head
 * @param sheet whether it comes up from the lower edge, over the content; only of an overflow
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "grid",
        copies = {"onScreens", "sheet", "style"})
public record GridForm(
        @Key(names = Noun.SCREEN, isRequired = true) List<String> onScreens,
        @Key(range = "COLUMNS") Optional<Integer> columns,
        TileLayout layout,
        boolean showLogo,
        @Key(isFixed = true) boolean sheet,
        Optional<Style.Ref> style)
        implements Form {
    /** How many columns it may have. */
    public static final Range COLUMNS = new Range(2, 6);

    /** A grid with all defaults, on no screen yet. */
    public static final GridForm DEFAULT =
            new GridForm(List.of(), Optional.empty(), TileLayout.CARDS, false, false, Optional.empty());

    public GridForm {
        onScreens = List.copyOf(onScreens);
        COLUMNS.require(columns, "the columns of a grid");
        Objects.requireNonNull(layout, "layout");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.GRID;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        return columns.isPresent() && layout == TileLayout.ROWS
                ? Map.of("columns", "rows stand below each other")
                : Map.of();
    }

    @Override
    public boolean holdsPlaces() {
        return false;
    }

    @Override
    public Edge edge() {
        return sheet ? Edge.ABOVE : Edge.CONTENT;
    }

    @Override
    public List<String> inScreens() {
        return onScreens;
    }

    @Override
    public GridForm withStyle(Style.Ref other) {
        return GridCopies.style(this, other);
    }

    /** The same as a sheet, or not. */
    public GridForm asSheet(boolean is) {
        return GridCopies.sheet(this, is);
    }

    /** The same on these screens. */
    public GridForm on(List<String> ids) {
        return GridCopies.onScreens(this, ids);
    }
}
