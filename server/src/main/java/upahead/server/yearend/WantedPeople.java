package upahead.server.yearend;

import jakarta.annotation.Nullable;
import java.util.List;
import upahead.server.platform.words.Search;

/**
 * Whose year's ends are wanted.
 *
 * @param show of what kind; everybody where null
 * @param search words, each of which the name, code or team has; null where it does not matter
 */
record WantedPeople(@Nullable Show show, @Nullable String search) {

    /** Kinds of year's ends. */
    enum Show {
        ALL,
        /** Something is lost. */
        LOSING,
        /** It comes or came out otherwise than was reviewed. */
        OTHERWISE,
        /** An exception says what may be carried over. */
        EXCEPTIONS;

        private boolean has(YearEndRow row) {
            return switch (this) {
                case ALL -> true;
                case LOSING -> row.lost() != null && row.lost().isPositive();
                case OTHERWISE -> !row.says().isEmpty();
                case EXCEPTIONS -> row.ownCarry() != null;
            };
        }
    }

    List<YearEndRow> among(List<YearEndRow> rows) {
        Search words = Search.of(search);
        return rows.stream()
                .filter(row -> show == null || show.has(row))
                .filter(row -> words.finds(row.person(), row.code(), row.team()))
                .toList();
    }
}
