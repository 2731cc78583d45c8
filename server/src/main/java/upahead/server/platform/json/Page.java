package upahead.server.platform.json;

import java.util.List;

/**
 * A part of a list that can grow.
 *
 * @param total how many there are altogether
 */
public record Page<T>(List<T> items, int total) {}
