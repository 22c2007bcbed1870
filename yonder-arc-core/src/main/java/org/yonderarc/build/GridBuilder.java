package org.yonderarc.build;

import org.yonderarc.plan.Form;

/** Defines a menu in the content of screens. */
public final class GridBuilder extends FormBuilder<GridBuilder> {
    GridBuilder() {
        super(Form.Kind.GRID);
    }

    @Override
    GridBuilder self() {
        return this;
    }

    /** Sets how many columns it has. */
    public GridBuilder columns(int count) {
        return put("columns", count);
    }

    /** Sets whether its items stand on cards or in rows. */
    public GridBuilder layout(Form.TileLayout tiles) {
        return put("layout", tiles);
    }

    /** Sets whether the app's logo stands at its head. */
    public GridBuilder showLogo(boolean shown) {
        return put("show-logo", shown);
    }
}
