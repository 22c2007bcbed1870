package org.yonderarc.scene;

import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;

/** How a text of sample content is set, and in which colour. */
record Ink(Type type, Colour colour) {}
