package upahead.server.cards.terminals;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * A clock terminal.
 *
 * @param paired whether a screen is paired with it
 * @param heardAt when it was last heard of, null while it never was
 */
public record Terminal(
        long id, String name, long siteId, String site, boolean paired, @Nullable LocalDateTime heardAt) {}
