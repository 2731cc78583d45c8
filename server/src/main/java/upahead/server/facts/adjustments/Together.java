package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * Adjustments that were made together.
 *
 * @param what they were, in words
 * @param balances how many were adjusted
 * @param undoneAt when they were taken back, null where they were not
 * @param undoneBy by whom, null with it
 * @param undoneBecause why, null with it
 */
public record Together(
        long id,
        LocalDateTime at,
        String author,
        String what,
        int balances,
        @Nullable LocalDateTime undoneAt,
        @Nullable String undoneBy,
        @Nullable String undoneBecause) {}
