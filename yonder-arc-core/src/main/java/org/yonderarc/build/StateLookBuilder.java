package org.yonderarc.build;

/** The colours of one state: each the word of a role, the name of a colour, a colour as CSS writes it, or {@code none}. */
public final class StateLookBuilder extends MapBuilder<StateLookBuilder> {
    StateLookBuilder() {}

    @Override
    StateLookBuilder self() {
        return this;
    }

    /** Sets the colour of the icon. */
    public StateLookBuilder icon(String paint) {
        return put("icon", paint);
    }

    /** Sets the colour of the icon, one for each scheme. */
    public StateLookBuilder icon(String light, String dark) {
        return put("icon", each(light, dark));
    }

    /** Sets the colour of the label. */
    public StateLookBuilder label(String paint) {
        return put("label", paint);
    }

    /** Sets the colour of the label, one for each scheme. */
    public StateLookBuilder label(String light, String dark) {
        return put("label", each(light, dark));
    }

    /** Sets the colour behind the whole item. */
    public StateLookBuilder fill(String paint) {
        return put("fill", paint);
    }

    /** Sets the colour behind the whole item, one for each scheme. */
    public StateLookBuilder fill(String light, String dark) {
        return put("fill", each(light, dark));
    }

    /** Sets the colour of the line around the whole item. */
    public StateLookBuilder outline(String paint) {
        return put("outline", paint);
    }

    /** Sets the colour of the tile behind the icon. */
    public StateLookBuilder tile(String paint) {
        return put("tile", paint);
    }

    /** Sets the colour of the tile behind the icon, one for each scheme. */
    public StateLookBuilder tile(String light, String dark) {
        return put("tile", each(light, dark));
    }

    /** Sets the colour of the badge. */
    public StateLookBuilder badge(String paint) {
        return put("badge", paint);
    }

    /** Sets the colour of the mark. */
    public StateLookBuilder indicator(String paint) {
        return put("indicator", paint);
    }

    /** Sets the colour of the mark, one for each scheme. */
    public StateLookBuilder indicator(String light, String dark) {
        return put("indicator", each(light, dark));
    }
}
