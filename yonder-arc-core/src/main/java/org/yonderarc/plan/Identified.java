package org.yonderarc.plan;

/** Something with an id, by which others refer to it. */
public interface Identified {
    /** The id: lower case letters, digits and single hyphens, starting with a letter. */
    String id();
}
