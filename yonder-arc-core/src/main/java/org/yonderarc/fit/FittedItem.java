package org.yonderarc.fit;

import java.util.Optional;
import org.yonderarc.walk.Step;

/**
 * An item as a bar shows it.
 *
 * @param id the item's id
 * @param label what it says
 * @param brief what it says where the label doesn't fit; the label itself where the plan gives no shorter one
 * @param spoken its accessible name
 * @param icon the name of its icon
 * @param selected whether the person is on its branch
 * @param enabled whether it can be chosen
 * @param badge what its badge says: empty text for a dot; no value for no badge
 * @param address the address of the place on top of its branch; no value where the person stays
 * @param step the step that a tap takes
 */
public record FittedItem(
        String id,
        String label,
        String brief,
        String spoken,
        Optional<String> icon,
        boolean selected,
        boolean enabled,
        Optional<String> badge,
        Optional<String> address,
        Step step) {}
