package upahead.server.enrolment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.earning.Upfront;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.RuleConflicts.RuleConflict;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** Five short days where something is earned in proportion. */
@WithDemo
class CoveredPeopleTest {

    private static final long OTTILIE = 9;
    private static final long SALARIED_LEAVE = 2;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private CoveredPeople covered;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private CurrentUser user;

    @Test
    void daysByTheFullTimeEquivalentAreTooFewForFiveShortDays() {
        ottilieWorks("4", "4", "4", "4", "4");
        assertThat(conflicts(Unit.DAYS, byFte())).singleElement().satisfies(conflict -> {
            assertThat(conflict.field()).isEqualTo("terms.scaling");
            assertThat(conflict.message())
                    .contains("Ottilie Mirabeck")
                    .contains("fewer hours on 5 days a week")
                    .contains("they earn fewer days, though a week off costs them as many");
        });
        assertThat(conflicts(Unit.HOURS, byFte())).isEmpty();
    }

    @Test
    void hoursByDaysOfTheWeekAreTooManyForFiveShortDays() {
        ottilieWorks("4", "4", "4", "4", "4");
        assertThat(conflicts(Unit.HOURS, byDays())).singleElement().satisfies(conflict -> assertThat(conflict.message())
                .contains("they earn as many hours, though a week off costs them fewer"));
        assertThat(conflicts(Unit.DAYS, byDays())).isEmpty();
    }

    private List<RuleConflict> conflicts(Unit unit, WrittenTerms terms) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> covered.conflicts(unit, "01-01", terms, null, SALARIED_LEAVE));
    }

    private void ottilieWorks(String... hours) {
        List<Amount> week = Stream.concat(Stream.of(hours), Stream.of("0", "0"))
                .map(Amount::of)
                .toList();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.changeFte(OTTILIE, TODAY, Amount.of("0.5"));
            employments.changeSchedule(OTTILIE, new ScheduleFrom(TODAY, week, List.of()));
            return null;
        });
    }

    private static WrittenTerms byFte() {
        return TermsWriter.upfront("20", Upfront.FirstYear.FULL).scaledByFte().write();
    }

    private static WrittenTerms byDays() {
        return TermsWriter.upfront("20", Upfront.FirstYear.FULL)
                .scaledByDaysOfWeek(5)
                .write();
    }
}
