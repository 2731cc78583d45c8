package upahead.server.staffing;

import java.util.List;
import java.util.Map;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.NewPerson;
import upahead.server.employment.Person;
import upahead.server.employment.PersonDetails;
import upahead.server.employment.Placing;

/**
 * What taking one row would do.
 *
 * @param says what changes, or what is wrong, each as a few words
 * @param added somebody new, else null; the approver is named by {@link PersonRow#approver}
 * @param known somebody who is there already, else null
 * @param details what of them changes without a date, null where nothing does
 * @param groups where they work from then on, by names, null where it does not change
 * @param fte from then on, null where it does not change
 * @param week from then on, null where it does not change
 * @param movesHireDate whether the hire date changes
 * @param setsLastDay whether the last day changes
 */
record RowOutcome(
        PersonRow row,
        State state,
        List<String> says,
        NewPerson added,
        Person known,
        PersonDetails details,
        Groups groups,
        Amount fte,
        List<Amount> week,
        boolean movesHireDate,
        boolean setsLastDay) {

    private static final long NOT_YET = -1;

    /** What a row is. */
    enum State {
        NEW,
        CHANGED,
        SAME,
        WRONG
    }

    /** Where somebody works, by the names that stand in the file. */
    record Groups(String site, String team, EmploymentType type, String payGroup, String approver) {

        /**
         * @param ids of the people by their codes
         */
        Placing placing(KnownCompany known, Map<String, Long> ids) {
            return new Placing(
                    known.sites().getOrDefault(KnownCompany.key(site), NOT_YET),
                    known.teams().getOrDefault(KnownCompany.key(team), NOT_YET),
                    type,
                    known.payGroups().get(KnownCompany.key(payGroup)),
                    approver == null ? null : ids.get(approver));
        }
    }

    static RowOutcome wrong(PersonRow row, List<String> faults) {
        return new RowOutcome(row, State.WRONG, faults, null, null, null, null, null, null, false, false);
    }
}
