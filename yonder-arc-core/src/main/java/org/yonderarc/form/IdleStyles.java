package org.yonderarc.form;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Look;
import org.yonderarc.layout.Marks;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Style;
import org.yonderarc.shape.StyleShape;
import org.yonderarc.tree.MapValue;

/** Keys of a style that have no effect in a form. */
public final class IdleStyles {
    private IdleStyles() {}

    /**
     * The keys of a style that do nothing where it is used, each with the reason; a key of a map in the style after a slash:
     * {@code selected/tile}.
     *
     * @param said the style as the plan writes it
     * @param form the form in which it is used
     * @param look what it comes to there, with the styles below and above it
     */
    public static Map<String, String> of(Style said, Form form, Look look) {
        var idle = new LinkedHashMap<String, String>();
        Map<String, String> ofForm = Forms.idleStyle(form);
        for (MapValue.Entry entry : ((MapValue) StyleShape.STYLE.write(said)).entries()) {
            Optional.ofNullable(ofForm.get(entry.key())).ifPresent(why -> idle.put(entry.key(), why));
            if (entry.value() instanceof MapValue inner) {
                for (MapValue.Entry one : inner.entries()) {
                    String path = entry.key() + "/" + one.key();
                    why(entry.key(), one.key(), said, form, look)
                            .or(() -> Optional.ofNullable(ofForm.get(path)))
                            .ifPresent(why -> idle.put(path, why));
                }
            }
        }
        return idle;
    }

    private static Optional<String> why(String key, String inner, Style said, Form form, Look look) {
        if (key.equals("indicator")) {
            Indicator.Kind kind = said.indicator().orElse(Indicator.NONE).kind();
            boolean isOfNotch = inner.equals("depth") || inner.equals("distance");
            boolean isFlat = kind == Indicator.Kind.NOTCH && form.kind() != Form.Kind.BOTTOM;
            return isOfNotch && isFlat
                    ? Optional.of("only a bottom bar has a notch; elsewhere it is a circle behind the icon")
                    : Optional.ofNullable(Marks.of(kind).idle().get(inner));
        }
        boolean isState =
                Stream.of(ItemState.values()).anyMatch(state -> state.word().equals(key));
        if (isState && inner.equals("tile") && look.tile().isEmpty()) {
            return Optional.of("the style has no \"tile\"");
        }
        if (isState && inner.equals("indicator")) {
            if (key.equals(ItemState.DEFAULT.word()) || key.equals(ItemState.DISABLED.word())) {
                return Optional.of("only the selected item has a mark");
            }
            if (look.indicator().kind() == Indicator.Kind.NONE) {
                return Optional.of("the style has no \"indicator\"");
            }
        }
        return Optional.empty();
    }
}
