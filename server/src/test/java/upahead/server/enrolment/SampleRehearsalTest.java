package upahead.server.enrolment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.policy.Limit;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.enrolment.SampleRehearsal.Rehearsed;
import upahead.server.enrolment.SampleRehearsal.Sample;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** Two years of a sample person, hired on Monday, 10 May 2027, the first day of a fortnight. */
@WithDemo
class SampleRehearsalTest {

    private static final LocalDate HIRED = LocalDate.of(2027, 5, 10);

    @Autowired
    private SampleRehearsal rehearsal;

    @Autowired
    private CurrentUser user;

    @Test
    void hoursWorkedGrowToTheLimitAndTheRestIsWithheld() {
        Rehearsed rehearsed = rehearse("8");
        assertThat(rehearsed.through()).isEqualTo("2029-05-09");
        assertThat(rehearsed.closing()).isEqualTo(Amount.of(30));
        assertThat(rehearsed.earned()).isEqualTo(Amount.of(30));
        assertThat(rehearsed.withheld().plus(rehearsed.earned()))
                .as("52 whole fortnights of 80 hours in two years, 1 for every 40")
                .isEqualTo(Amount.of(104));
        assertThat(rehearsed.useBegins()).isEqualTo(HIRED.plusDays(60));
        assertThat(rehearsed.lines().get(0).why())
                .isEqualTo("80 hours counted in 10 May to 23 May 2027, 1 for every 40: 2");
    }

    @Test
    void whoWorksLessEarnsLess() {
        assertThat(rehearse("4").lines().get(0).amount()).isEqualTo(Amount.ONE);
        assertThat(rehearse("0").lines()).isEmpty();
    }

    @Test
    void theSampleIsPaidAsMostOfThoseWhomThePolicyCovers() {
        Sample hourly = sample("8");
        assertThat(rehearsed(hourly).payGroup()).isEqualTo("Hourly staff");
        Sample salaried = new Sample(
                hourly.unit(), hourly.benefitYear(), hourly.terms(), HIRED, hourly.hoursADay(), null, 2L, null);
        assertThat(rehearsed(salaried).payGroup()).isEqualTo("Salaried staff");
        assertThat(rehearsed(salaried).lines().get(0).on())
                .as("half months end on the 15th")
                .isEqualTo("2027-05-15");
        Sample chosen = new Sample(
                hourly.unit(), hourly.benefitYear(), hourly.terms(), HIRED, hourly.hoursADay(), null, 2L, 1L);
        assertThat(rehearsed(chosen).payGroup()).isEqualTo("Hourly staff");
    }

    @Test
    void moreThanADayIsRefused() {
        assertThatThrownBy(() -> rehearse("25")).hasMessageContaining("between 0 and 24 hours");
    }

    @Test
    void onlyAnAdministratorRehearses() {
        assertThatThrownBy(() -> user.actAs(Somebody.employee(27), () -> rehearsal.rehearse(sample("8"))))
                .isInstanceOf(AccessDeniedException.class);
    }

    private Rehearsed rehearse(String hoursADay) {
        return rehearsed(sample(hoursADay));
    }

    private Rehearsed rehearsed(Sample sample) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> rehearsal.rehearse(sample));
    }

    private static Sample sample(String hoursADay) {
        WrittenTerms terms = TermsWriter.perHours("1", "40")
                .waitToUse(60, Wait.In.DAYS)
                .limit(Limit.BALANCE, "30")
                .write();
        return new Sample(Unit.HOURS, "01-01", terms, HIRED, Amount.of(hoursADay), null, 1L, null);
    }
}
