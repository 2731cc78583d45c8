package upahead.server.requests.signing;

import jakarta.annotation.Nullable;

/**
 * Who is asked for an approval today.
 *
 * @param personId null where any administrator is
 * @param who in words
 * @param because why it is not the one who was meant, one sentence; empty where it is
 */
public record Asked(@Nullable Long personId, String who, String because) {}
