package upahead.server.platform.mail;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.Permission;

/** Outgoing mail, kept in a mailbox of our own instead of leaving the house. */
@Service
public class Mailbox {

    private static final int MOST = 200;

    private final MailStore store;
    private final MovableClock clock;
    private final CurrentUser user;
    private final MailFolder folder;
    private final boolean withLinks;

    /**
     * @param withLinks whether links to set a password are shown, as with the invented people of the demo
     */
    Mailbox(
            MailStore store,
            MovableClock clock,
            CurrentUser user,
            MailFolder folder,
            @Value("${upahead.demo}") boolean withLinks) {
        this.folder = folder;
        this.withLinks = withLinks;
        this.store = store;
        this.clock = clock;
        this.user = user;
    }

    /** Sends a mail; somebody without an address gets none. */
    @Transactional
    public void send(long recipientId, String address, String subject, String body) {
        if (address != null) {
            store.add(clock.now(), recipientId, address, subject, body);
            folder.post(clock.now(), address, subject, body);
        }
    }

    /** The newest mails: everybody's for an administrator, else one's own. Links to set a password are not shown. */
    @Transactional(readOnly = true)
    public List<Message> newest() {
        SignedIn signedIn = user.get();
        if (!signedIn.may(Permission.SEE_EVERYBODY) && signedIn.personId() == null) {
            return List.of();
        }
        return store.newest(signedIn.may(Permission.SEE_EVERYBODY) ? null : signedIn.personId(), MOST).stream()
                .map(message -> withLinks ? message : message.withoutLinks())
                .toList();
    }
}
