package upahead.server.platform.hooks;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.Set;

/**
 * An address that is told of what happens.
 *
 * @param events of which it is told
 * @param endedAt when it was ended, null while it is told
 * @param waiting how many messages it has not taken yet
 * @param givenUp how many it did not take within three days
 * @param lastTakenAt when it last took one, in the time of the machine; null where it never did
 * @param problem why it did not take the last one that failed, empty where none has
 */
public record Webhook(
        long id,
        String name,
        String address,
        Set<HookEvent> events,
        LocalDateTime madeAt,
        String madeBy,
        @Nullable LocalDateTime endedAt,
        int waiting,
        int givenUp,
        @Nullable LocalDateTime lastTakenAt,
        String problem) {}
