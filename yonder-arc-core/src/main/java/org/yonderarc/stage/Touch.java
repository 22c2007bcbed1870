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
        Optional<HitTarget> hovered,
        Optional<HitTarget> pressed,
        Optional<HitTarget> focused,
        boolean ringed,
        Optional<HitTarget> told) {
    /** On nothing. */
    static final Touch NONE = new Touch(Optional.empty(), Optional.empty(), Optional.empty(), false, Optional.empty());

    Touch hover(Optional<HitTarget> other) {
        return new Touch(other, pressed, focused, ringed, told);
    }

    Touch press(Optional<HitTarget> other) {
        return new Touch(hovered, other, focused, ringed, told);
    }

    Touch focus(Optional<HitTarget> other, boolean rings) {
        return new Touch(hovered, pressed, other, rings, told);
    }

    Touch tell(Optional<HitTarget> other) {
        return new Touch(hovered, pressed, focused, ringed, other);
    }

    Interaction onItems() {
        return new Interaction(
                hovered.flatMap(HitTarget::item),
                pressed.flatMap(HitTarget::item),
                ringed ? focused.flatMap(HitTarget::item) : Optional.empty());
    }

    private static boolean is(Optional<HitTarget> target, String path) {
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
        return hovered.map(HitTarget::path).equals(other.hovered.map(HitTarget::path))
                && pressed.map(HitTarget::path).equals(other.pressed.map(HitTarget::path))
                && told.map(HitTarget::path).equals(other.told.map(HitTarget::path))
                && (ringed ? focused.map(HitTarget::path) : Optional.empty())
                        .equals(other.ringed ? other.focused.map(HitTarget::path) : Optional.empty());
    }
}
