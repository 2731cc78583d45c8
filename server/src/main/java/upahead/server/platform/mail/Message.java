package upahead.server.platform.mail;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * A mail, on its way and as its recipient reads it.
 *
 * @param at when it was written
 * @param place of the pages where what it tells of is looked at; empty for none
 * @param attached the name of the file that goes with it, null where none does
 */
public record Message(
        long id,
        LocalDateTime at,
        String recipient,
        String subject,
        String body,
        String place,
        @Nullable String attached) {}
