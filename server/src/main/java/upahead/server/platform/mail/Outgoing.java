package upahead.server.platform.mail;

import java.time.LocalDateTime;

/**
 * A mail on its way.
 *
 * @param at when it was written
 * @param place of the pages where what it tells of is looked at; empty for none
 */
record Outgoing(long id, LocalDateTime at, String recipient, String subject, String body, String place) {}
