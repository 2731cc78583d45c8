package upahead.server.payruns.inbox;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Looks into the stand-in for payroll, and says how it behaves. */
@Service
public class Inbox {

    private final InboxStore store;

    Inbox(InboxStore store) {
        this.store = store;
    }

    /** Some rows that were taken, and how many match. */
    public record InboxPage(List<InboxRow> items, int total, Behaviour behaviour, List<String> unknownCodes) {}

    /** The rows whose person or code matches, the newest first. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public InboxPage rows(String search, int page, int size) {
        return new InboxPage(
                store.page(search, page, size), store.count(search), store.behaviour(), store.unknownCodes());
    }

    /** Says how it behaves from now on, and which codes it does not know. */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void behave(Behaviour behaviour, List<String> unknownCodes) {
        store.behave(behaviour, unknownCodes);
    }
}
