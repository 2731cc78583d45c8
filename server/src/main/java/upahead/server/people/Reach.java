package upahead.server.people;

import org.springframework.stereotype.Component;
import upahead.server.access.CurrentUser;
import upahead.server.access.Role;
import upahead.server.access.SignedIn;

/** Whom the signed-in person reaches: an administrator everybody, an approver the people assigned, each oneself. */
@Component("reach")
public class Reach {

    private static final long NOBODY = 0;

    private final CurrentUser user;
    private final People people;

    Reach(CurrentUser user, People people) {
        this.user = user;
        this.people = people;
    }

    /** Whether the signed-in person may see somebody's balances and requests. */
    public boolean person(long personId) {
        SignedIn signedIn = user.get();
        return signedIn.isAdministrator() || isSelf(signedIn, personId) || leads(personId);
    }

    /** Whether the signed-in person decides for somebody; nobody decides for oneself but an administrator. */
    public boolean leads(long personId) {
        SignedIn signedIn = user.get();
        return signedIn.isAdministrator()
                || (signedIn.role() == Role.APPROVER
                        && signedIn.personId() != null
                        && signedIn.personId().equals(people.get(personId).approverId()));
    }

    private static boolean isSelf(SignedIn signedIn, long personId) {
        return signedIn.person().filter(own -> own == personId).isPresent();
    }

    /** The same people, as far as the signed-in administrator or approver decides for them. */
    public PeopleQuery led(PeopleQuery query) {
        SignedIn signedIn = user.get();
        return signedIn.isAdministrator()
                ? query
                : query.decidedBy(signedIn.person().orElse(NOBODY));
    }
}
