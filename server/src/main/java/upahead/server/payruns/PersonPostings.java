package upahead.server.payruns;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;

/**
 * What a run posts, or has posted, for one person, and what it hands over of the hours worked and holidays paid.
 *
 * @param accounts those without lines, too
 * @param worked in the period of the run
 * @param workedBefore hours worked in the last closed runs, the newest first; empty where the run is closed itself
 */
record PersonPostings(
        Person person, List<AccountPostings> accounts, List<HandedOver> worked, List<Amount> workedBefore) {

    PersonPostings withWorked(List<HandedOver> other) {
        return new PersonPostings(person, accounts, other, workedBefore);
    }

    /** The hours worked of all kinds, without holidays. */
    Amount hoursWorked() {
        return Amount.sum(worked.stream()
                .filter(line -> line.source() == HandedOver.Source.HOURS)
                .map(HandedOver::amount)
                .toList());
    }
}
