package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.people.Employment;
import upahead.core.policy.Enrolment;
import upahead.server.employment.People;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.RequestSummary;

/** Whether leave asked for can still count: somebody may have left, or a policy been retired, while it waited. */
@Component
class StillCovered {

    private final Enrolments enrolments;
    private final People people;

    StillCovered(Enrolments enrolments, People people) {
        this.enrolments = enrolments;
        this.people = people;
    }

    /**
     * @param approved the days that are to be approved
     * @throws Refusal if one of them costs something and lies outside the employment or the enrolment by now
     */
    void require(RequestSummary request, List<LeaveDay> approved) {
        List<Long> person = List.of(request.personId());
        Employment employment = people.employments(person).get(request.personId());
        List<Enrolment> own = enrolments.of(person).stream()
                .filter(each -> each.policyId() == request.policyId())
                .map(Enrolled::enrolment)
                .toList();
        for (LeaveDay day : approved) {
            boolean covered = employment.isEmployedOn(day.on()) && isCovered(own, day.on());
            if (day.amount().isPositive() && !covered) {
                throw Refusal.of(
                        "days",
                        Words.weekday(day.on()) + " is outside the employment or the enrolment in " + request.policy()
                                + " by now. Decline that day; it could not count.");
            }
        }
    }

    private static boolean isCovered(List<Enrolment> own, LocalDate day) {
        return own.stream().anyMatch(enrolment -> enrolment.covers(day));
    }
}
