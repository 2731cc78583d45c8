package upahead.server.platform.access;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Set;
import upahead.server.platform.rights.Permission;

/**
 * With what another program is let in. The token itself is known to nobody after it was made.
 *
 * @param owner who made it and in whose name the program acts
 * @param permissions what the program may, as far as its owner still may
 * @param readsOnly whether it changes nothing
 * @param lastDay on which it is let in
 * @param lastUsedAt to the minute, null while it was never used
 * @param endedAt when it was ended before its last day, null while it was not
 */
public record ProgramToken(
        long id,
        String name,
        String owner,
        Set<Permission> permissions,
        boolean readsOnly,
        LocalDateTime madeAt,
        LocalDate lastDay,
        @Nullable LocalDateTime lastUsedAt,
        @Nullable LocalDateTime endedAt) {}
