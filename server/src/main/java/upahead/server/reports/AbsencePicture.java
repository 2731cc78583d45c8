package upahead.server.reports;

import java.time.YearMonth;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Who is away how often, month by month.
 *
 * @param months such as 2027-04, each once
 * @param people by name, those who are away at all
 * @param more how many others are away, for whom there is no room
 */
record AbsencePicture(List<YearMonth> months, List<PersonYear> people, int more) {

    /**
     * One person.
     *
     * @param days on how many days they are away, whole or in part, in each month
     * @param together in all of them
     */
    record PersonYear(long personId, String person, String team, List<Amount> days, Amount together) {}
}
