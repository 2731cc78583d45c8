package upahead.server.employment;

import org.springframework.stereotype.Component;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;

/** Whom the signed-in person reaches: everybody, the people assigned, or oneself. */
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
        return user.get().may(Permission.SEE_EVERYBODY) || actsFor(personId);
    }

    /** Whether the signed-in person asks, types and confirms for somebody: for oneself, or whom one decides for. */
    public boolean actsFor(long personId) {
        return isSelf(user.get(), personId) || leads(personId);
    }

    /** Whether the signed-in person decides for somebody; nobody decides for oneself but an administrator. */
    public boolean leads(long personId) {
        SignedIn signedIn = user.get();
        return signedIn.may(Permission.DECIDE_FOR_EVERYBODY)
                || (signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED)
                        && signedIn.personId() != null
                        && signedIn.personId().equals(people.get(personId).approverId()));
    }

    private static boolean isSelf(SignedIn signedIn, long personId) {
        return signedIn.person().filter(own -> own == personId).isPresent();
    }

    /** The same people, as far as the signed-in administrator or approver decides for them. */
    public PeopleQuery led(PeopleQuery query) {
        SignedIn signedIn = user.get();
        return signedIn.may(Permission.SEE_EVERYBODY)
                ? query
                : query.decidedBy(signedIn.person().orElse(NOBODY));
    }
}
