package upahead.server.platform.mail;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.junit5.GreenMailExtension;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetupTest;
import jakarta.mail.BodyPart;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mock.env.MockEnvironment;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** Mail on its way: to a mail server, one that fails, and one that does not answer in time. */
@WithDemo
class OutboxTest {

    private static final String KERENSA = "kerensa@brindlemoor.example";

    @RegisterExtension
    final GreenMailExtension server =
            new GreenMailExtension(ServerSetupTest.SMTP.dynamicPort()).withPerMethodLifecycle(true);

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private Outbox outbox;

    @Autowired
    private CurrentUser user;

    private Postman postman;
    private Transport transport;

    @BeforeEach
    void mailServer() {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("localhost");
        sender.setPort(server.getSmtp().getPort());
        OwnAddress address = new OwnAddress("https://time.mill.example", new MockEnvironment());
        transport = new MailServer(sender, address, "time@mill.example");
        postman = new Postman(outbox, transport);
        // what the demo wrote before is not what is looked at
        new Postman(outbox, (mail, file) -> {}).deliverAll();
    }

    @AfterEach
    void finish() throws InterruptedException {
        postman.finish();
    }

    @Test
    void aMailHasATextAndAnHtmlPartThatLeadsToWhatItTells() throws Exception {
        mailbox.send(27, KERENSA, "Your leave is approved", "Corvin: approved, <16> hours.", "/my-time/requests/5");
        postman.deliverAll();
        MimeMessage received = server.getReceivedMessages()[0];
        assertThat(received.getSubject()).isEqualTo("Your leave is approved");
        assertThat(received.getFrom()[0]).hasToString("time@mill.example");
        assertThat(received.getContent()).isInstanceOf(MimeMultipart.class);
        assertThat(GreenMailUtil.getWholeMessage(received))
                .contains("text/plain", "text/html", "Corvin: approved, <16> hours.", "&lt;16&gt; hours.")
                .contains("https://time.mill.example/#/my-time/requests/5");
    }

    @Test
    void aServerThatFailsDelaysAndLosesNothing() {
        mailbox.send(27, KERENSA, "Tried twice", "Hello", "");
        server.stop();
        postman.deliverAll();
        assertThat(user.actAs(Somebody.ADMINISTRATOR, mailbox::undelivered))
                .filteredOn(mail -> mail.subject().equals("Tried twice"))
                .singleElement()
                .satisfies(mail -> assertThat(mail.tries()).isOne())
                .satisfies(mail -> assertThat(mail.problem()).isNotEmpty());
        postman.deliverAll();
        assertThat(undelivered()).as("not tried again at once").isEqualTo(1);
        Message again = outbox.take(LocalDateTime.now().plusMinutes(2)).orElseThrow();
        assertThat(again.subject()).isEqualTo("Tried twice");
    }

    @Test
    void whatWasDeliveredIsNotDeliveredAgainAndATryKeepsItsIdentity() throws Exception {
        mailbox.send(27, KERENSA, "Once", "Hello", "");
        postman.deliverAll();
        postman.deliverAll();
        assertThat(server.getReceivedMessages()).hasSize(1);
        Message same = new Message(7, LocalDateTime.of(2027, 4, 26, 9, 0), KERENSA, "Twice", "Hello", "", null);
        transport.deliver(same, Optional.empty());
        transport.deliver(same, Optional.empty());
        MimeMessage[] received = server.getReceivedMessages();
        assertThat(received[1].getMessageID()).isEqualTo(received[2].getMessageID());
    }

    @Test
    void aFileGoesWithItsMail() throws Exception {
        mailbox.send(
                27,
                KERENSA,
                "With a file",
                "Hello",
                "",
                new Attachment("days.csv", "text/csv", "a,b\n".getBytes(UTF_8)));
        postman.deliverAll();
        MimeMultipart parts = (MimeMultipart) server.getReceivedMessages()[0].getContent();
        BodyPart file = parts.getBodyPart(parts.getCount() - 1);
        assertThat(file.getFileName()).isEqualTo("days.csv");
        assertThat(file.getInputStream()).hasContent("a,b\n");
    }

    @Test
    void oneThatCannotBeDeliveredHoldsUpNoOther() {
        AtomicInteger delivered = new AtomicInteger();
        mailbox.send(27, KERENSA, "Bad", "Hello", "");
        mailbox.send(27, KERENSA, "Good", "Hello", "");
        new Postman(outbox, (mail, file) -> {
                    if (mail.subject().equals("Bad")) {
                        throw new IllegalStateException("no such address");
                    }
                    delivered.incrementAndGet();
                })
                .deliverAll();
        assertThat(delivered).hasValue(1);
        assertThat(undelivered()).isEqualTo(1);
    }

    private long undelivered() {
        return user.actAs(Somebody.ADMINISTRATOR, mailbox::undelivered).size();
    }
}
