package upahead.server.mail;

import java.time.LocalDateTime;

/** A mail as it stands in the simulated mailbox. */
public record Message(long id, LocalDateTime at, String recipient, String subject, String body) {}
