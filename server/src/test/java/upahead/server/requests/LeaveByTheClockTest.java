package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.PasswordLinks;
import upahead.server.platform.access.SignedIn;
import upahead.server.requests.absences.Feed.Scope;
import upahead.server.requests.absences.Feeds;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Kerensa, person 27, works from 7:30 to 16:00 with a break from 12:00 to 12:30, and asks for hourly leave, policy 1. */
@WithDemo
class LeaveByTheClockTest {

    private static final long KERENSA_ID = 27;
    private static final LocalDate WEDNESDAY = LocalDate.of(2027, 5, 5);

    @Autowired
    private Asking asking;

    @Autowired
    private Deciding deciding;

    @Autowired
    private Requests requests;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private Feeds feeds;

    @Autowired
    private PasswordLinks named;

    @Autowired
    private MockMvc http;

    @Autowired
    private CurrentUser user;

    @ParameterizedTest
    @CsvSource({"13:00, 15:30, 2.5", "11:00, 13:00, 1.5", "07:00, 17:00, 8"})
    void theHoursFollowFromTheScheduleAndItsBreak(String from, String to, String hours) {
        RequestReview review = preview(asked(from, to));
        assertThat(review.problems()).isEmpty();
        assertThat(review.total()).isEqualTo(Amount.of(hours));
        assertThat(review.days().get(0).scheduled().begins()).isEqualTo(LocalTime.of(7, 30));
    }

    @Test
    void whereTheScheduleSaysNoTimesAllOfItCounts() {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            List<Amount> week = employments.schedules(KERENSA_ID).get(0).week();
            employments.changeSchedule(KERENSA_ID, new ScheduleFrom(WEDNESDAY, week, List.of()));
            return null;
        });
        assertThat(preview(asked("11:00", "13:00")).total()).isEqualTo(Amount.of(2));
        assertThat(preview(asked("07:00", "17:00")).problems()).singleElement().satisfies(problem -> assertThat(
                        problem.message())
                .isEqualTo("Only 8 hours are scheduled on Wednesday, 5 May."));
    }

    @Test
    void aTimeThatIsNotWorkedOrNotSaidIsRefused() {
        assertThatThrownBy(() -> preview(asked("18:00", "19:00")))
                .hasMessage("Nothing is worked on Wednesday, 5 May between 18:00 and 19:00.");
        assertThatThrownBy(() -> preview(new AskedDay(WEDNESDAY, Part.TIMES, null)))
                .hasMessage("Please say from when to when on Wednesday, 5 May.");
    }

    @Test
    void aHolidayCostsNothingWhateverTheTimes() {
        RequestReview review = preview(new AskedDay(
                LocalDate.of(2027, 5, 3), Part.TIMES, null, new ClockSpan(LocalTime.of(9, 0), LocalTime.of(10, 0))));
        assertThat(review.total()).isEqualTo(Amount.ZERO);
    }

    @Test
    void theTimesAreKeptAndShownInACalendarAsSuch() throws Exception {
        SignedIn kerensa = named.named("kerensa").orElseThrow();
        RequestDetail sent = user.actAs(kerensa, () -> asking.send(draft(asked("13:00", "15:30"))));
        user.actAs(
                Somebody.approver(4),
                () -> deciding.decide(
                        sent.request().id(), sent.request().edits(), Map.of(WEDNESDAY, Decision.APPROVED), ""));
        DayView day = user.actAs(kerensa, () -> requests.open(sent.request().id()))
                .review()
                .days()
                .get(0);
        assertThat(day.part()).isEqualTo(Part.TIMES);
        assertThat(day.between()).isEqualTo(new ClockSpan(LocalTime.of(13, 0), LocalTime.of(15, 30)));
        String path = user.actAs(kerensa, () -> feeds.make(Scope.OWN)).path();
        String text = http.perform(get(path)).andReturn().getResponse().getContentAsString();
        List<VEvent> events =
                new CalendarBuilder().build(new StringReader(text)).getComponents("VEVENT");
        assertThat(events).anySatisfy(event -> {
            assertThat(event.getSummary().getValue()).isEqualTo("Kerensa Saltonstall: Hourly leave");
            assertThat(event.getDateTimeStart().getDate()).isEqualTo(WEDNESDAY.atTime(13, 0));
            assertThat(event.getDateTimeEnd().getDate()).isEqualTo(WEDNESDAY.atTime(15, 30));
        });
    }

    private static AskedDay asked(String from, String to) {
        return new AskedDay(WEDNESDAY, Part.TIMES, null, new ClockSpan(LocalTime.parse(from), LocalTime.parse(to)));
    }

    private static RequestDraft draft(AskedDay day) {
        return new RequestDraft(KERENSA_ID, 1, List.of(day), "");
    }

    private RequestReview preview(AskedDay day) {
        return user.actAs(Somebody.employee(KERENSA_ID), () -> asking.preview(draft(day)));
    }
}
