package upahead.server.platform.json;

import java.util.List;

/**
 * A part of a list that can grow.
 *
 * @param total how many there are altogether
 */
public record Page<T>(List<T> items, int total) {

    /**
     * The part of a list that is known whole.
     *
     * @param page from 0
     * @param size how many a page, above 0
     */
    public static <T> List<T> part(List<T> all, int page, int size) {
        return all.stream().skip((long) page * size).limit(size).toList();
    }

    /** The same, with how many there are. */
    public static <T> Page<T> of(List<T> all, int page, int size) {
        return new Page<>(part(all, page, size), all.size());
    }
}
