package upahead.server.accounts.overview;

import java.util.List;

/**
 * Some rows out of many.
 *
 * @param total how many there are
 */
public record Slice<R>(List<R> rows, int total) {

    static <R> Slice<R> of(List<R> all, int from, int size) {
        return new Slice<>(part(all, from, size), all.size());
    }

    static <R> List<R> part(List<R> all, int from, int size) {
        return all.subList(Math.min(from, all.size()), (int) Math.min(all.size(), (long) from + size));
    }
}
