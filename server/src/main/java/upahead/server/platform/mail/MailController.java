package upahead.server.platform.mail;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

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

    @GetMapping("/undelivered")
    List<Undelivered> undelivered() {
        return mailbox.undelivered();
    }
}
