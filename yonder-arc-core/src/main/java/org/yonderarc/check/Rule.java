package org.yonderarc.check;

/** One rule of the check: looks at a plan, and tells what it notices. Who writes one names it in {@link Check}. */
@FunctionalInterface
interface Rule {
    /** Looks at {@code subject}, and tells it what is noticed. */
    void look(Subject subject);
}
