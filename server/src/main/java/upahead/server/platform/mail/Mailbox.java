package upahead.server.platform.mail;

import jakarta.annotation.Nullable;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Outgoing mail: written with the change it tells of, or not at all, and delivered afterwards by the {@link Postman}. */
@Service
public class Mailbox {

    private static final int MOST = 200;

    private final MailStore store;
    private final MovableClock clock;
    private final CurrentUser user;
    private final Postman postman;

    Mailbox(MailStore store, MovableClock clock, CurrentUser user, Postman postman) {
        this.store = store;
        this.clock = clock;
        this.user = user;
        this.postman = postman;
    }

    /**
     * Writes a mail, in the transaction of what it tells of.
     *
     * @param address null for somebody without one, who gets none
     * @param place of the pages where it is looked at; empty for none
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void send(long recipientId, String address, String subject, String body, String place) {
        send(recipientId, address, subject, body, place, null);
    }

    /**
     * The same with a file.
     *
     * @param attachment null for none
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void send(
            long recipientId,
            String address,
            String subject,
            String body,
            String place,
            @Nullable Attachment attachment) {
        if (address != null) {
            long id = store.add(clock.now(), recipientId, address, subject, body, place);
            if (attachment != null) {
                store.attach(id, attachment);
            }
            postman.comeAfterCommit();
        }
    }

    /**
     * The file that goes with one of one's own mails.
     *
     * @throws Refusal if there is no such mail or it has none
     */
    @Transactional(readOnly = true)
    public Attachment attachment(long id) {
        return user.get()
                .person()
                .filter(me -> store.isOf(id, me))
                .flatMap(unused -> store.attachment(id))
                .orElseThrow(() -> Refusal.notFound("file"));
    }

    /** One's own newest mails; nobody sees those of others, since a link may stand in them. */
    @Transactional(readOnly = true)
    public List<Message> newest() {
        return user.get().person().map(me -> store.newest(me, MOST)).orElse(List.of());
    }

    /** What has not been delivered yet, oldest first, without what stands in it. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_SIGN_INS)
    public List<Undelivered> undelivered() {
        return store.undelivered(MOST);
    }
}
