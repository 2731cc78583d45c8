package upahead.server.platform.notices;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.json.Page;
import upahead.server.platform.mail.Mailbox;

/** Notices: told with the change they tell of, or not at all; read by whom they are for and by nobody else. */
@Service
public class Notices {

    private static final int LONGEST = 1000;

    private final NoticeStore store;
    private final CurrentUser user;
    private final MovableClock clock;
    private final NoticeChoices choices;
    private final MailAddresses addresses;
    private final Mailbox mailbox;

    Notices(
            NoticeStore store,
            CurrentUser user,
            MovableClock clock,
            NoticeChoices choices,
            MailAddresses addresses,
            Mailbox mailbox) {
        this.store = store;
        this.user = user;
        this.clock = clock;
        this.choices = choices;
        this.addresses = addresses;
        this.mailbox = mailbox;
    }

    /**
     * Tells somebody something in the pages, and by mail as they chose, in the transaction of what is told.
     *
     * @param about the subject of the mail
     * @param text one or two sentences; cut after 1,000 characters
     * @param place of the pages where it is looked at
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void tell(long personId, Topic topic, String about, String text, String place) {
        String told = text.length() > LONGEST ? text.substring(0, LONGEST - 1) + "…" : text;
        ByMail byMail = choices.of(personId, topic);
        store.add(personId, clock.now(), told, place, byMail == ByMail.DAILY_SUMMARY);
        if (byMail == ByMail.AT_ONCE) {
            // what stands in the subject is not said twice
            String body = told.startsWith(about + ". ") ? told.substring(about.length() + 2) : told;
            mailbox.send(personId, addresses.mailAddress(personId).orElse(null), about, body, place);
        }
    }

    /** One's own, newest first; none for whoever is nobody's employee. */
    @Transactional(readOnly = true)
    public Page<Notice> own(int page, int size) {
        return me().map(me -> new Page<>(store.of(me, page, size), store.count(me)))
                .orElse(new Page<>(List.of(), 0));
    }

    /** How many of one's own are unread. */
    @Transactional(readOnly = true)
    public int unread() {
        return me().map(store::unseen).orElse(0);
    }

    /** Marks one of one's own as read or unread. */
    @Transactional
    public int mark(long id, boolean seen) {
        me().ifPresent(me -> store.mark(me, id, seen));
        return unread();
    }

    /** Marks all of one's own as read. */
    @Transactional
    public int markAll() {
        me().ifPresent(store::markAll);
        return unread();
    }

    private Optional<Long> me() {
        return user.get().person();
    }
}
