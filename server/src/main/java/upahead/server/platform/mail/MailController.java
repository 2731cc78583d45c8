package upahead.server.platform.mail;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The simulated mailbox, to read. */
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
}
