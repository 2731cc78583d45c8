package upahead.server.platform.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/** A mail server reached by SMTP. Each mail has a text and an HTML part, and an identity of its own that it keeps. */
@Component
@ConditionalOnExpression("!'${spring.mail.host:}'.isEmpty()")
class MailServer implements Transport {

    private final JavaMailSender sender;
    private final OwnAddress address;
    private final String from;

    MailServer(
            JavaMailSender sender, OwnAddress address, @Value("${upahead.mail.from:up-ahead@localhost}") String from) {
        this.sender = sender;
        this.address = address;
        this.from = from;
    }

    @Override
    public void deliver(Message mail, Optional<Attachment> attachment) throws MessagingException {
        String link = mail.place().isEmpty() ? "" : address.forAnybody() + "/#" + mail.place();
        MimeMessage message = new Identified(mail, from, sender.createMimeMessage());
        MimeMessageHelper parts = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
        parts.setFrom(from);
        parts.setTo(mail.recipient());
        parts.setSubject(mail.subject());
        parts.setText(MailParts.text(mail.body(), link), MailParts.html(mail.subject(), mail.body(), link));
        if (attachment.isPresent()) {
            Attachment file = attachment.get();
            parts.addAttachment(file.name(), new ByteArrayResource(file.content()), file.mediaType());
        }
        sender.send(message);
    }

    /** A message that keeps its identity when it is tried again, so that a program that reads mail can tell. */
    private static final class Identified extends MimeMessage {

        private final String identity;

        Identified(Message mail, String from, MimeMessage like) {
            super(like.getSession());
            String written = mail.at().toString().replaceAll("\\W", "");
            this.identity = "<" + mail.id() + "." + written + "@" + from.substring(from.indexOf('@') + 1) + ">";
        }

        @Override
        protected void updateMessageID() throws MessagingException {
            setHeader("Message-ID", identity);
        }
    }
}
