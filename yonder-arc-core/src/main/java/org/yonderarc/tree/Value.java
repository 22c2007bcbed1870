package org.yonderarc.tree;

/** A node of the neutral tree. */
public sealed interface Value permits MapValue, ListValue, TextValue, NumberValue, FlagValue, NullValue {
    /** Where this value stands; never null. */
    Spot spot();

    /** What kind of value this is, in the words of a message: "a text", "a list". */
    String kind();
}
