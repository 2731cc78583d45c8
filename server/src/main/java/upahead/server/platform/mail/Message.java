package upahead.server.platform.mail;

import java.time.LocalDateTime;

/**
 * A mail, on its way and as its recipient reads it.
 *
 * @param at when it was written
 * @param place of the pages where what it tells of is looked at; empty for none
 */
public record Message(long id, LocalDateTime at, String recipient, String subject, String body, String place) {}
