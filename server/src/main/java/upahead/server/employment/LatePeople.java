package upahead.server.employment;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.words.Words;

/** Notes changes of people that closed runs are concerned by. */
@Component
class LatePeople {

    private final LateChanges changes;
    private final CurrentUser user;

    LatePeople(LateChanges changes, CurrentUser user) {
        this.changes = changes;
        this.user = user;
    }

    /**
     * @param what changed, without its day and author
     */
    void note(long personId, LocalDate from, String what) {
        String sentence =
                what + " from " + Words.fullDay(from) + " by " + user.get().name();
        changes.note(personId, null, from, sentence, Subject.PERSON, personId);
    }
}
