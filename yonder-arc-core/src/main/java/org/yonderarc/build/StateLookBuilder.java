package org.yonderarc.build;

/** The colours of one state: each the word of a role, a colour as CSS writes it, or {@code none}. */
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

    /** Sets the colour of the label. */
    public StateLookBuilder label(String paint) {
        return put("label", paint);
    }

    /** Sets the colour behind the whole item. */
    public StateLookBuilder fill(String paint) {
        return put("fill", paint);
    }

    /** Sets the colour of the mark. */
    public StateLookBuilder indicator(String paint) {
        return put("indicator", paint);
    }
}
