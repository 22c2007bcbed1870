package org.yonderarc.stage;

/**
 * A bar at the lower edge that leaves as the content is scrolled down, and comes back as it is scrolled up.
 *
 * @param path its path in the scene
 * @param distance how far it has left, in dp
 */
public record Retreat(String path, double distance) {}
