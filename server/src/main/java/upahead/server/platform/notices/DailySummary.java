package upahead.server.platform.notices;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.platform.daily.OnceADay;
import upahead.server.platform.mail.Mailbox;

/** One mail in the morning to each who wants it, with what came up since the last. */
@Component
class DailySummary implements OnceADay {

    private static final int LONGEST = 3_800;

    private final NoticeStore store;
    private final MailAddresses addresses;
    private final Mailbox mailbox;

    DailySummary(NoticeStore store, MailAddresses addresses, Mailbox mailbox) {
        this.store = store;
        this.addresses = addresses;
        this.mailbox = mailbox;
    }

    @Override
    public String name() {
        return "summary of notices";
    }

    @Override
    public void doFor(LocalDate day) {
        Map<Long, List<String>> waiting = store.forSummary();
        waiting.forEach(this::send);
        store.summarised();
    }

    private void send(long personId, List<String> texts) {
        String body = texts.stream().map(text -> "- " + text).collect(Collectors.joining("\n"));
        String subject = texts.size() == 1 ? "One notice for you" : texts.size() + " notices for you";
        mailbox.send(
                personId,
                addresses.mailAddress(personId).orElse(null),
                subject,
                body.length() > LONGEST ? body.substring(0, LONGEST) + "… More stands under Notices." : body,
                "/notices");
    }
}
