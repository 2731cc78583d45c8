package upahead.server.requests.absences;

import org.springframework.stereotype.Component;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.SeenBy;
import upahead.server.requests.leave.Absent;

/** What whoever is signed in may see of absences. */
@Component
class WhatIsSeen {

    private final CurrentUser user;
    private final People people;

    WhatIsSeen(CurrentUser user, People people) {
        this.user = user;
        this.people = people;
    }

    /** Of whoever is signed in. */
    Seer now() {
        SignedIn signedIn = user.get();
        Long team = signedIn.person().map(id -> people.get(id).teamId()).orElse(null);
        return new Seer(
                signedIn.may(Permission.SEE_EVERYBODY),
                signedIn.may(Permission.DECIDE_FOR_THE_ASSIGNED) && signedIn.personId() != null,
                signedIn.personId(),
                team);
    }

    /**
     * Somebody who looks at absences.
     *
     * @param everybody whether all of everybody is seen
     * @param decides whether all of the people assigned is seen; nobody is assigned to nobody's employee
     * @param personId null for nobody's employee
     * @param teamId the team they are in today, null for nobody's employee
     */
    record Seer(boolean everybody, boolean decides, Long personId, Long teamId) {

        /** Whether it is theirs, or of somebody they decide for: then all of it is seen, also what waits. */
        boolean knows(Absent absent) {
            return everybody || (personId != null && personId == absent.personId()) || decidesFor(absent.approverId());
        }

        /** Whether an approver is this one; nobody's employee is nobody's approver. */
        boolean decidesFor(Long approverId) {
            return decides && personId != null && personId.equals(approverId);
        }

        /** Whether they see that somebody is away: never what waits, unless they know it. */
        boolean sees(Absent absent) {
            return knows(absent)
                    || (absent.approved()
                            && (absent.seenBy() == SeenBy.EVERYBODY
                                    || (absent.seenBy() == SeenBy.TEAM
                                            && teamId != null
                                            && teamId == absent.teamId())));
        }

        /** Whether they see of what kind an absence is that they see. */
        boolean seesKind(Absent absent) {
            return knows(absent) || absent.kindShows();
        }
    }
}
