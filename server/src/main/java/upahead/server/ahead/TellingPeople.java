package upahead.server.ahead;

import java.util.List;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.notices.Topic;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Tells people what is about to happen to their balances. */
@Service
public class TellingPeople {

    private static final String OWN_TIME = "/my-time";

    private final Notices notices;
    private final People people;
    private final Reach reach;
    private final CurrentUser user;
    private final Audit audit;

    TellingPeople(Notices notices, People people, Reach reach, CurrentUser user, Audit audit) {
        this.notices = notices;
        this.people = people;
        this.reach = reach;
        this.user = user;
        this.audit = audit;
    }

    /** What one person is told. */
    record Message(long personId, String text) {}

    /**
     * Tells each, in the pages and by mail as they chose.
     *
     * @param about the subject of the mails
     * @return how many are told
     * @throws AccessDeniedException if one of them is nobody whom the one signed in decides for
     */
    @Transactional
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public int tell(String about, List<Message> messages) {
        for (Message message : messages) {
            if (!reach.leads(message.personId())) {
                throw new AccessDeniedException("only those whom one decides for can be told");
            }
            String text = message.text().strip() + " (" + user.get().name() + ")";
            notices.tell(people.get(message.personId()).id(), Topic.OWN_BALANCE, about.strip(), text, OWN_TIME);
            audit.record(Thing.PERSON, message.personId(), "was told what is ahead", null, text);
        }
        return messages.size();
    }
}
