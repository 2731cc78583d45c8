package upahead.server.cards.days;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import upahead.core.quantity.Amount;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.periods.Lateness;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.words.Words;

/** Notes hours that changed after their period was closed, so that the correction of them can say why. */
@Component
class LateHours {

    private final LateChanges changes;
    private final CurrentUser user;

    LateHours(LateChanges changes, CurrentUser user) {
        this.changes = changes;
        this.user = user;
    }

    /** Takes what changed of a day. */
    @FunctionalInterface
    interface Note {
        void changed(long personId, LocalDate on, Map<String, Amount> before, Map<String, Amount> after);
    }

    /** Notes changes with a reason, which may be empty. */
    Note because(String reason) {
        Lateness late = changes.lateness();
        return (personId, on, before, after) -> {
            if (!late.isLate(personId, on)) {
                return;
            }
            TreeSet<String> kinds = new TreeSet<>(before.keySet());
            kinds.addAll(after.keySet());
            for (String kind : kinds) {
                Amount was = before.getOrDefault(kind, Amount.ZERO);
                Amount is = after.getOrDefault(kind, Amount.ZERO);
                if (!was.equals(is)) {
                    changes.note(personId, null, on, words(kind, on, was, is, reason), Subject.HOURS, personId);
                }
            }
        };
    }

    private String words(String kind, LocalDate on, Amount was, Amount is, String reason) {
        return Character.toUpperCase(kind.charAt(0)) + kind.substring(1) + " hours of " + Words.day(on)
                + " changed from " + was + " to " + is + " by " + user.get().name()
                + (reason.isEmpty() ? "" : ": " + reason);
    }
}
