package upahead.server.platform.notices;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;

/** How somebody is told: always in the pages, by mail as they chose. */
@WithDemo
class NoticeChoicesTest {

    private static final long KERENSA = 27;
    private static final SignedIn HERSELF = Somebody.employee(KERENSA);

    @Autowired
    private Notices notices;

    @Autowired
    private NoticeChoices choices;

    @Autowired
    private DailySummary summary;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void unlessSomethingElseIsChosenMailComesAtOnce() {
        int before = mails().size();
        tell("Approved");
        assertThat(mails()).hasSize(before + 1);
        assertThat(mails().get(0).place()).isEqualTo("/my-time");
        assertThat(unread()).isPositive();
    }

    @Test
    void aSummaryComesOnceWithWhatCameUpSince() {
        choose(ByMail.DAILY_SUMMARY);
        int before = mails().size();
        tell("Approved");
        tell("Declined");
        assertThat(mails()).hasSize(before);
        summary.doFor(LocalDate.of(2027, 4, 27));
        assertThat(mails()).hasSize(before + 1);
        assertThat(mails().get(0).subject()).isEqualTo("2 notices for you");
        assertThat(mails().get(0).body()).isEqualTo("- Approved\n- Declined");
        summary.doFor(LocalDate.of(2027, 4, 28));
        assertThat(mails()).hasSize(before + 1);
    }

    @Test
    void whoWantsNoMailReadsItInThePagesAlone() {
        choose(ByMail.NONE);
        int before = mails().size();
        int unread = unread();
        tell("Approved");
        summary.doFor(LocalDate.of(2027, 4, 27));
        assertThat(mails()).hasSize(before);
        assertThat(unread()).isEqualTo(unread + 1);
        assertThat(user.actAs(HERSELF, choices::own))
                .contains(
                        new NoticeChoice(Topic.OWN_REQUEST, ByMail.NONE),
                        new NoticeChoice(Topic.TO_DECIDE, ByMail.AT_ONCE));
    }

    private void tell(String text) {
        notices.tell(KERENSA, Topic.OWN_REQUEST, "About it", text, "/my-time");
    }

    private void choose(ByMail byMail) {
        user.actAs(HERSELF, () -> choices.choose(new NoticeChoice(Topic.OWN_REQUEST, byMail)));
    }

    private int unread() {
        return user.actAs(HERSELF, notices::unread);
    }

    private List<Message> mails() {
        return user.actAs(HERSELF, mailbox::newest);
    }
}
