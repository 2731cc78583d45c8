package upahead.server.platform.mail;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is to leave the house, mail by mail. Who takes one has it for a while: so it is not delivered twice, and is tried
 * again where a program ended in between. Times are those of the machine, since the program's own clock can be moved.
 */
@Component
class Outbox {

    private static final Duration FIRST_PAUSE = Duration.ofMinutes(1);
    private static final int MOST_DOUBLINGS = 8;

    private final MailStore store;
    private final Duration takenFor;

    Outbox(MailStore store, @Value("${upahead.mail.taken-for:5m}") Duration takenFor) {
        this.store = store;
        this.takenFor = takenFor;
    }

    @Transactional(readOnly = true)
    public boolean isAnyDue(LocalDateTime now) {
        return store.due(now).isPresent();
    }

    /** Takes the oldest that is due, so that nobody else delivers it. */
    @Transactional
    public Optional<Message> take(LocalDateTime now) {
        Optional<Message> due = store.due(now);
        due.ifPresent(mail -> store.trying(mail.id(), now.plus(takenFor)));
        return due;
    }

    /** The file that goes with a mail; nothing where none does. */
    @Transactional(readOnly = true)
    public Optional<Attachment> attachment(Message mail) {
        return mail.attached() == null ? Optional.empty() : store.attachment(mail.id());
    }

    @Transactional
    public void delivered(long id, LocalDateTime now) {
        store.delivered(id, now);
    }

    /** Notes why a mail was not delivered; the next try is after a pause that doubles, up to about four hours. */
    @Transactional
    public void failed(long id, LocalDateTime now, String problem) {
        int doublings = Math.min(store.tries(id) - 1, MOST_DOUBLINGS);
        store.failed(id, now.plus(FIRST_PAUSE.multipliedBy(1L << Math.max(0, doublings))), problem);
    }
}
