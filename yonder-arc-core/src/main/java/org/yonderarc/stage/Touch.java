package org.yonderarc.stage;

import java.util.Optional;
import org.yonderarc.fit.Interaction;

/**
 * What pointer and keyboard are on.
 *
 * @param hovered what the mouse rests on
 * @param pressed what is being pressed
 * @param focused what has the focus
 * @param ringed whether the focus shows: it does after a key, and not after a pointer
 * @param told what a finger has been held on so long that its name is told
 */
record Touch(
        Optional<Target> hovered,
        Optional<Target> pressed,
        Optional<Target> focused,
        boolean ringed,
        Optional<Target> told) {
    /** On nothing. */
    static final Touch NONE = new Touch(Optional.empty(), Optional.empty(), Optional.empty(), false, Optional.empty());

    Touch hover(Optional<Target> other) {
        return new Touch(other, pressed, focused, ringed, told);
    }

    Touch press(Optional<Target> other) {
        return new Touch(hovered, other, focused, ringed, told);
    }

    Touch focus(Optional<Target> other, boolean rings) {
        return new Touch(hovered, pressed, other, rings, told);
    }

    Touch tell(Optional<Target> other) {
        return new Touch(hovered, pressed, focused, ringed, other);
    }

    Interaction onItems() {
        return new Interaction(
                hovered.flatMap(Target::item),
                pressed.flatMap(Target::item),
                ringed ? focused.flatMap(Target::item) : Optional.empty());
    }

    private static boolean is(Optional<Target> target, String path) {
        return target.filter(any -> any.path().equals(path)).isPresent();
    }

    boolean isHovered(String path) {
        return is(hovered, path);
    }

    boolean isPressed(String path) {
        return is(pressed, path);
    }

    boolean isRinged(String path) {
        return ringed && is(focused, path);
    }

    /** Whether both look the same. */
    boolean looksLike(Touch other) {
        return hovered.map(Target::path).equals(other.hovered.map(Target::path))
                && pressed.map(Target::path).equals(other.pressed.map(Target::path))
                && told.map(Target::path).equals(other.told.map(Target::path))
                && (ringed ? focused.map(Target::path) : Optional.empty())
                        .equals(other.ringed ? other.focused.map(Target::path) : Optional.empty());
    }
}
