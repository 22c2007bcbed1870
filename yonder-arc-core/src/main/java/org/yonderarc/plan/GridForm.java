package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * A menu in the content of screens: tiles with icon, label, note and badge.
 *
 * @param onScreens the ids of the screens at the head of whose content it stands; never empty in a sound plan
 * @param columns how many columns it has, within {@link #COLUMNS}; no value for as many as the width allows
 * @param layout whether the items stand on cards or in rows
 * @param showLogo whether the app's logo stands above it
 * @param sheet whether it comes up from the lower edge, over the content; only of an overflow
 * @param style how its items look
 */
public record GridForm(
        List<String> onScreens,
        Optional<Integer> columns,
        TileLayout layout,
        boolean showLogo,
        boolean sheet,
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
        return new GridForm(onScreens, columns, layout, showLogo, sheet, Optional.of(other));
    }

    /** The same as a sheet, or not. */
    public GridForm asSheet(boolean is) {
        return new GridForm(onScreens, columns, layout, showLogo, is, style);
    }

    /** The same on these screens. */
    public GridForm on(List<String> ids) {
        return new GridForm(ids, columns, layout, showLogo, sheet, style);
    }
}
