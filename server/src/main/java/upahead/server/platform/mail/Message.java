package upahead.server.platform.mail;

import java.time.LocalDateTime;

/** A mail as it stands in the simulated mailbox. */
public record Message(long id, LocalDateTime at, String recipient, String subject, String body) {

    private static final String LINK = "(https?://\\S+?)?#/set-password/\\S+";

    /** This mail without what lets its reader set a password. */
    Message withoutLinks() {
        return new Message(
                id, at, recipient, subject, body.replaceAll(LINK, "the link, which only the recipient sees"));
    }
}
