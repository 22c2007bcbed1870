package org.yonderarc.plan;

/** The states that an item can be in; where several hold, the later one here lies over the earlier ones. */
public enum ItemState {
    /** None of the others. */
    DEFAULT("None of the others."),
    /** The person is on its branch. */
    SELECTED("The person is on its branch."),
    /** The keyboard's focus is on it. */
    FOCUSED("The keyboard's focus is on it."),
    /** A pointer rests on it. */
    HOVER("A pointer rests on it."),
    /** It is being pressed. */
    PRESSED("It is being pressed."),
    /** It can't be chosen now. */
    DISABLED("It can't be chosen now.");

    private final String meaning;

    ItemState(String meaning) {
        this.meaning = meaning;
    }

    /** When it holds, in one sentence. */
    public String meaning() {
        return meaning;
    }

    /** The word for it in a plan file. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
