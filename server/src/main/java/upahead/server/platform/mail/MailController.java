package upahead.server.platform.mail;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.files.Download;

/** One's own mail, to read, and what has not left yet. */
@RestController
@RequestMapping("/api/mail")
class MailController {

    private final Mailbox mailbox;

    MailController(Mailbox mailbox) {
        this.mailbox = mailbox;
    }

    @GetMapping
    List<Message> newest() {
        return mailbox.newest();
    }

    /** The file that goes with one of one's own mails. */
    @GetMapping("/{id}/attachment")
    ResponseEntity<byte[]> attachment(@PathVariable long id) {
        Attachment file = mailbox.attachment(id);
        return new Download(file.name(), MediaType.parseMediaType(file.mediaType()), file.content()).answer();
    }

    @GetMapping("/undelivered")
    List<Undelivered> undelivered() {
        return mailbox.undelivered();
    }
}
