package org.yonderarc.navigator;

import java.util.List;
import java.util.Map;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;

/** What a person and the app can do with a navigator, each as one call. */
public interface Controls {
    /** Takes a step; gives what came of it. */
    Change take(Step step);

    /** A person chooses an item. */
    default Change choose(String item) {
        return take(new Step.Choose(item));
    }

    /** A person goes back. */
    default Change back() {
        return take(new Step.Back());
    }

    /** A person goes up to the screen above. */
    default Change up() {
        return take(new Step.Up());
    }

    /** Closes what is shown, with a result for what is below. */
    default Change finish(String result) {
        return take(new Step.Finish(result));
    }

    /** Follows an address from outside. */
    default Change follow(String address) {
        return take(new Step.Link(address));
    }

    /** Tells a fact that is true or false. */
    default Change tell(String fact, boolean value) {
        return take(new Step.Tell(fact, new FactValue.Flag(value)));
    }

    /** Tells a fact that is a number, a whole one. */
    default Change tell(String fact, int value) {
        return tell(fact, (double) value);
    }

    /** The same with a large one; beyond 2<sup>53</sup>, the nearest number that has a place among the others. */
    default Change tell(String fact, long value) {
        return tell(fact, (double) value);
    }

    /** Tells a fact that is a number. */
    default Change tell(String fact, double value) {
        return take(new Step.Tell(fact, new FactValue.Number(value)));
    }

    /** Tells a fact that is a text. */
    default Change tell(String fact, String value) {
        return take(new Step.Tell(fact, new FactValue.Text(value)));
    }

    /** Tells a fact that is a list. */
    default Change tell(String fact, List<ListEntry> entries) {
        return take(new Step.Tell(fact, new FactValue.Entries(entries)));
    }

    /** Tells several facts at once: all of them, or none where one is refused. They are told as one step. */
    default Change tellAll(Map<String, FactValue> facts) {
        return take(new Step.TellAll(facts));
    }

    /** Opens what a bar opens, its menu, drawer or fan, or closes it where it is open. */
    default Change toggleBar(String bar) {
        return take(new Step.Toggle(bar));
    }

    /** Closes whatever is open. */
    default Change close() {
        return take(new Step.Close());
    }

    /** Opens the web page of the place that is shown in the person's browser. */
    default Change visit() {
        return take(new Step.Visit());
    }

    /** Forgets a branch: as if it was never visited, or at its root where the person is on it. */
    default Change clear(String branch) {
        return take(new Step.Clear(branch));
    }

    /** Starts over: the person is at the start, and nothing was visited. Facts stay. */
    default Change restart() {
        return take(new Step.Restart());
    }
}
