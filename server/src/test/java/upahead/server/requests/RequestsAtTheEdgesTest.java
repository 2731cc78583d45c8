package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.leave.LeaveCosting.Because;
import upahead.core.policy.EndBalance;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.employment.People;
import upahead.server.enrolment.Covering;
import upahead.server.enrolment.Ending;
import upahead.server.enrolment.EnrolmentEnds;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.requests.DecidingMany.Prospect;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.signing.StandIns;
import upahead.server.staffing.Starters;

/** What changes around a request while it is made or waits. Kerensa, person 27, asks; Corvin, person 4, decides. */
@WithDemo
class RequestsAtTheEdgesTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long KERENSA_ID = 27;
    private static final long MAELLE = 3;
    private static final long CORVIN_ID = 4;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final SignedIn KERENSA = Somebody.employee(KERENSA_ID);
    private static final SignedIn CORVIN = Somebody.approver(CORVIN_ID);

    @Autowired
    private Asking asking;

    @Autowired
    private Deciding deciding;

    @Autowired
    private DecidingMany many;

    @Autowired
    private Requests requests;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private Starters starters;

    @Autowired
    private Covering covering;

    @Autowired
    private EnrolmentEnds ends;

    @Autowired
    private LateChanges changes;

    @Autowired
    private StandIns standIns;

    @Autowired
    private Balances balances;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void overAYearsEndEachDayIsOfItsOwnYear() {
        RequestReview review = preview("2027-12-30", "2027-12-31", "2028-01-03", "2028-01-04");
        assertThat(review.total()).isEqualTo(Amount.sum(amounts(review)));
        assertThat(review.yearEnds()).isEqualTo(LocalDate.of(2028, 12, 31));
        RequestDetail sent = send("2027-12-30", "2028-01-04");
        decide(sent, Decision.APPROVED, Decision.APPROVED);
        assertThat(used("2027-12-31")).isEqualTo(used("2027-12-29").plus(Amount.of(8)));
        assertThat(used("2028-01-04")).as("a new year begins with nothing used").isEqualTo(Amount.of(8));
    }

    @Test
    void overAChangeOfScheduleEachDayCostsItsOwnHours() {
        administrator(() -> {
            List<Amount> week =
                    Stream.of("4", "4", "4", "4", "4", "0", "0").map(Amount::of).toList();
            employments.changeSchedule(KERENSA_ID, new ScheduleFrom(LocalDate.of(2027, 5, 5), week, List.of()));
            return null;
        });
        assertThat(amounts(preview("2027-05-04", "2027-05-05", "2027-05-06")))
                .containsExactly(Amount.of(8), Amount.of(4), Amount.of(4));
    }

    @Test
    void overTheLastDayWhatComesAfterCostsNothing() {
        administrator(() -> starters.leave(KERENSA_ID, LocalDate.of(2027, 5, 5)));
        RequestReview review = preview("2027-05-05", "2027-05-06");
        assertThat(amounts(review)).containsExactly(Amount.of(8), Amount.ZERO);
        assertThat(review.days().get(1).because()).isEqualTo(Because.NOT_EMPLOYED);
        assertThatThrownBy(() -> send("2027-05-06")).hasMessageStartingWith("None of these days is a working day");
    }

    @Test
    void halfADayOnHalfAHolidayIsAQuarter() {
        LocalDate fair = LocalDate.of(2027, 7, 16);
        long atTheNursery = sql.queryForObject(
                "select min(p.person_id) from person_placement p join site s on s.id = p.site_id"
                        + " join enrolment e on e.person_id = p.person_id and e.policy_id = 1"
                        + " where s.name like '%ursery%'",
                Long.class);
        Amount scheduled =
                people.employments(List.of(atTheNursery)).get(atTheNursery).scheduledHours(fair);
        DayView day = administrator(() -> asking.preview(new RequestDraft(
                        atTheNursery, HOURLY_LEAVE, List.of(new AskedDay(fair, Part.MORNING, null)), "")))
                .days()
                .get(0);
        assertThat(day.because()).isEqualTo(Because.HALF_HOLIDAY);
        assertThat(day.amount()).isEqualTo(scheduled.times(Amount.of("0.25")));
    }

    @Test
    void whatWaitsWhenThePolicyIsRetiredCannotBeApprovedAnyMore() {
        RequestDetail sent = send("2027-05-05", "2027-06-16");
        administrator(
                () -> covering.retire(HOURLY_LEAVE, LocalDate.of(2027, 5, 31), new Ending(EndBalance.LAPSE, null)));
        assertThat(asCorvin(() -> requests.open(sent.request().id())).review().problems())
                .extracting(RequestReview.Problem::message)
                .contains("Wednesday, 16 June is outside the employment or the enrolment in this policy.");
        assertThatThrownBy(() -> decide(sent, Decision.APPROVED, Decision.APPROVED))
                .hasMessage("Wednesday, 16 June is outside the employment or the enrolment in Hourly leave by now."
                        + " Decline that day; it could not count.");
        assertThat(decide(sent, Decision.APPROVED, Decision.DECLINED).request().state())
                .isEqualTo(RequestState.PARTLY_APPROVED);
    }

    @Test
    void whatWaitsWhenTheEnrolmentEndsOrSomebodyLeavesIsDeclined() {
        RequestDetail sent = send("2027-06-16");
        administrator(() -> {
            ends.end(KERENSA_ID, HOURLY_LEAVE, LocalDate.of(2027, 5, 31), new Ending(EndBalance.LAPSE, null));
            return null;
        });
        assertThatThrownBy(() -> decide(sent, Decision.APPROVED)).hasMessageContaining("by now");
        administrator(() -> {
            ends.takeBack(KERENSA_ID, HOURLY_LEAVE);
            return starters.leave(KERENSA_ID, LocalDate.of(2027, 5, 31));
        });
        assertThatThrownBy(() -> decide(sent, Decision.APPROVED)).hasMessageContaining("by now");
        assertThat(decide(sent, Decision.DECLINED).request().state()).isEqualTo(RequestState.DECLINED);
    }

    @Test
    void approvedAfterItsPeriodWasClosedItIsALateFact() {
        RequestDetail sent = send("2027-05-05");
        LocalDate closed = LocalDate.of(2027, 4, 7);
        sql.update(
                "update leave_day set on_date = ? where request_id = ?",
                closed,
                sent.request().id());
        long before = changes.newest();
        asCorvin(() ->
                deciding.decide(sent.request().id(), sent.request().edits(), Map.of(closed, Decision.APPROVED), ""));
        assertThat(changes.newest()).isGreaterThan(before);
    }

    @Test
    void ofAThousandSelectedEachSaysWhatBecomesOfIt() {
        RequestDetail sent = send("2027-05-05");
        List<Long> ids = LongStream.concat(LongStream.of(sent.request().id()), LongStream.range(100_000, 100_999))
                .boxed()
                .toList();
        List<Prospect> prospects = asCorvin(() -> many.prospects(ids));
        assertThat(prospects).hasSize(1000);
        assertThat(prospects).filteredOn(each -> each.hindered() == null).hasSize(1);
    }

    @Test
    void twoWhoStandInForEachOtherWhileBothAreAwayLeaveItToTheNextHigher() {
        asCorvin(() -> standIns.name(CORVIN_ID, MAELLE, TODAY, TODAY.plusDays(9)));
        user.actAs(Somebody.approver(MAELLE), () -> standIns.name(MAELLE, CORVIN_ID, TODAY, TODAY.plusDays(9)));
        RequestDetail sent = send("2027-05-05");
        assertThat(sent.asked().who()).isNotBlank();
        assertThat(sent.request().state()).isEqualTo(RequestState.WAITING);
    }

    private static List<Amount> amounts(RequestReview review) {
        return review.days().stream().map(DayView::amount).toList();
    }

    private RequestReview preview(String... days) {
        return user.actAs(KERENSA, () -> asking.preview(draft(days)));
    }

    private RequestDetail send(String... days) {
        return user.actAs(KERENSA, () -> asking.send(draft(days)));
    }

    private static RequestDraft draft(String... days) {
        return new RequestDraft(
                KERENSA_ID,
                HOURLY_LEAVE,
                Arrays.stream(days)
                        .map(day -> new AskedDay(LocalDate.parse(day), Part.WHOLE, null))
                        .toList(),
                "");
    }

    private RequestDetail decide(RequestDetail sent, Decision... decisions) {
        Map<LocalDate, Decision> byDay = new HashMap<>();
        for (DayView day : sent.review().days()) {
            byDay.put(day.on(), decisions[byDay.size()]);
        }
        return asCorvin(
                () -> deciding.decide(sent.request().id(), sent.request().edits(), byDay, ""));
    }

    private Amount used(String day) {
        return user.actAs(KERENSA, () -> balances.of(KERENSA_ID, LocalDate.parse(day))).stream()
                .filter(row -> row.policyId() == HOURLY_LEAVE)
                .findFirst()
                .orElseThrow()
                .used();
    }

    private <T> T asCorvin(Supplier<T> work) {
        return user.actAs(CORVIN, work);
    }

    private <T> T administrator(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
