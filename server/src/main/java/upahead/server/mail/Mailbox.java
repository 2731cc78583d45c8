package upahead.server.mail;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.access.CurrentUser;
import upahead.server.access.SignedIn;
import upahead.server.clock.MovableClock;

/** Outgoing mail, kept in a mailbox of our own instead of leaving the house. */
@Service
public class Mailbox {

    private static final int MOST = 200;

    private final MailStore store;
    private final MovableClock clock;
    private final CurrentUser user;

    Mailbox(MailStore store, MovableClock clock, CurrentUser user) {
        this.store = store;
        this.clock = clock;
        this.user = user;
    }

    /** Sends a mail; somebody without an address gets none. */
    @Transactional
    public void send(long recipientId, String address, String subject, String body) {
        if (address != null) {
            store.add(clock.now(), recipientId, address, subject, body);
        }
    }

    /** The newest mails: everybody's for an administrator, else one's own. */
    @Transactional(readOnly = true)
    public List<Message> newest() {
        SignedIn signedIn = user.get();
        return store.newest(signedIn.isAdministrator() ? null : signedIn.personId(), MOST);
    }
}
