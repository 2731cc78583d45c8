package upahead.server.platform.mail;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

@WithDemo
class MailboxTest {

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void eachSeesOnlyOwnMailAnAdministratorToo() {
        mailbox.send(27, "kerensa@brindlemoor.example", "For Kerensa", "Hello", "");
        mailbox.send(30, "nuala@brindlemoor.example", "For Nuala", "Hello", "");
        assertThat(user.actAs(Somebody.employee(27), mailbox::newest))
                .allMatch(message -> message.recipient().equals("kerensa@brindlemoor.example"))
                .extracting(Message::subject)
                .startsWith("For Kerensa");
        assertThat(user.actAs(Somebody.ADMINISTRATOR, mailbox::newest))
                .extracting(Message::subject)
                .doesNotContain("For Nuala", "For Kerensa");
    }

    @Test
    void somebodyWithoutAnAddressGetsNone() {
        mailbox.send(52, null, "Nobody reads this", "Hello", "");
        assertThat(user.actAs(Somebody.employee(52), mailbox::newest))
                .extracting(Message::subject)
                .doesNotContain("Nobody reads this");
    }

    @Test
    void whatHasNotLeftIsListedForAnAdministratorWithoutItsText() {
        mailbox.send(27, "kerensa@brindlemoor.example", "Still here", "A secret", "");
        assertThat(user.actAs(Somebody.ADMINISTRATOR, mailbox::undelivered))
                .anyMatch(mail -> mail.subject().equals("Still here") && mail.tries() == 0);
    }
}
