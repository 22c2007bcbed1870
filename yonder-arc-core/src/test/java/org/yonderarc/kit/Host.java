package org.yonderarc.kit;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.yonderarc.stage.Input;
import org.yonderarc.walk.State;

/** A host that is driven through a {@link Script}, with a clock that is set by hand. Times are in ms, of that clock. */
public interface Host {
    /** A person does something. */
    void take(Input input, double at);

    /** Waits until it is where the app is, or fails. */
    void reaches(State state);

    /** The web addresses that it has opened. */
    List<String> opened();

    /** Paints what is to be painted at a time; tells the reference of what it does by itself: where it puts the focus. */
    void frame(Reference reference, double at);

    /** What is shown, a pixel for each dp. */
    Raster shown() throws IOException;

    /** The accessible names of all that says one, by their paths. */
    Map<String, String> names();
}
