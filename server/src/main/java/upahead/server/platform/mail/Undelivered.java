package upahead.server.platform.mail;

import java.time.LocalDateTime;

/**
 * A mail that has not been delivered yet.
 *
 * @param tries how often it was tried
 * @param problem why the last try failed; empty where there was none
 */
public record Undelivered(long id, LocalDateTime at, String recipient, String subject, int tries, String problem) {}
