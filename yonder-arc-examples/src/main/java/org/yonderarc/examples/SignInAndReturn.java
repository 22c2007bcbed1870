package org.yonderarc.examples;

import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;

/** A guarded place: the person is shown the sign-in, signs in, and is where they meant to go. */
public final class SignInAndReturn {
    private SignInAndReturn() {}

    /** Walks through it, and prints what is shown. */
    public static void main(String[] arguments) {
        var navigator = new Navigator(Brinelight.plan(), Runnable::run);
        navigator.follow("https://brinelight.example/crew/outing");
        System.out.println("asked for the outing, shown " + navigator.place());
        navigator.tell("signed-in", true);
        Place reached = navigator.place();
        System.out.println("signed in, shown " + reached);
    }
}
